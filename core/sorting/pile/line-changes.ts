/** What one gesture makes of a line: once more, half of it goes. Whoever shows it writes what comes out here. */
import type { Moment } from '../../ground/calendar/day.ts';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { FieldsOf } from '../../ground/model/entity.ts';
import type { Line } from '../../ground/model/entities.ts';
import { decided } from './new-line.ts';

type LineValues = FieldsOf<Line>;

const valuesOf = ({ id: _id, version: _version, siteId: _siteId, ...values }: Line): LineValues => values;

/** The same once more, without what was found out about the first. */
export const onceMore = (line: Line, sort: number): LineValues => ({
  ...valuesOf(line),
  sort,
  tested: null,
  dead: null,
  spread: [],
  note: '',
});

/**
 * How an amount is halved: whole pieces are not cut, the larger half stays; a single piece, and what is told in measures,
 * is halved exactly.
 * @example halvesOf(7, 'pieces') // [4, 3]
 * @returns what stays and what goes
 */
export function halvesOf(amount: number, measure: string): [stays: number, goes: number] {
  const whole = measure === 'pieces' && Number.isInteger(amount) && amount > 1;
  const goes = whole ? Math.floor(amount / 2) : amount / 2;
  return [amount - goes, goes];
}

/** The half of a line that goes, as a line of its own. */
export const goingHalf = (line: Line, sort: number, now: Moment): LineValues => ({
  ...valuesOf(line),
  ...defaultsOf('line'),
  attributes: line.attributes,
  condition: line.condition,
  ...decided('give away', null, now),
  amount: halvesOf(line.amount, line.measure)[1],
  sort,
});
