/** What a line becomes when it is read, typed or from a list: the one place where that is decided. */
import { addDays, LATER_DAYS, type Moment } from '../../ground/calendar/day.ts';
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { FieldsOf } from '../../ground/model/entity.ts';
import type { Decision, Line, Site } from '../../ground/model/entities.ts';
import type { ParsedLine } from './parse-line.ts';
import { fateOf } from './fate.ts';

/** When a line nobody decided about comes back. @param today ISO */
export const laterDay = (today: string): string => addDays(today, LATER_DAYS);

/**
 * A decision with its dates: what is kept is kept until the day said, all else is due on it; what is open comes back.
 * @param day ISO, null where none was said
 */
export const decided = (
  decision: Decision | null,
  day: string | null,
  now: Moment,
): Pick<Line, 'decision' | 'due' | 'keepUntil' | 'decidedAt'> => ({
  decision,
  due: decision === 'keep' ? null : (day ?? (decision === 'decide later' ? laterDay(now.today) : null)),
  keepUntil: decision === 'keep' ? day : null,
  decidedAt: fateOf(decision) === 'open' ? null : now.at,
});

/**
 * What is decided about a new line: by hand, else by its words, else as the site is set.
 * @param byHand undefined where nobody chose
 * @returns null where nobody has decided yet
 */
export const decisionFor = (
  read: Pick<ParsedLine, 'decision'>,
  site: Pick<Site, 'keepsNew'>,
  byHand?: Decision | null,
): Decision | null => (byHand === undefined ? (read.decision ?? (site.keepsNew ? 'keep' : null)) : byHand);

/** The line that a text was read as. */
export const lineOf = (
  read: ParsedLine,
  place: Pick<Line, 'roomId' | 'categoryId' | 'sort'>,
  decision: Decision | null,
  now: Moment,
): FieldsOf<Line> => ({
  ...defaultsOf('line'),
  ...place,
  name: read.name,
  amount: read.amount,
  measure: read.measure,
  kind: read.kind,
  litresEach: read.litresEach,
  length: read.size?.[0] ?? null,
  width: read.size?.[1] ?? null,
  height: read.size?.[2] ?? read.thick,
  ...decided(decision, read.day, now),
  note: read.note,
  condition: read.condition,
  destination: read.destination,
  setPieces: read.setPieces,
  setMissing: read.setMissing,
});

/** How often a decision may be put off: then it has to be made (practice E2). */
export const MAX_PUT_OFF = 2;

/** Whether a change puts an open decision off once more. */
const putsOff = (line: Line, patch: Partial<FieldsOf<Line>>): boolean =>
  line.decision === 'decide later' &&
  (patch.decision ?? 'decide later') === 'decide later' &&
  patch.due != null &&
  line.due !== null &&
  patch.due > line.due;

/** @returns in words why a change is refused; null where it is not */
export const putOffProblem = (line: Line, patch: Partial<FieldsOf<Line>>): string | null =>
  putsOff(line, patch) && line.putOff >= MAX_PUT_OFF
    ? `${line.name} was put off ${MAX_PUT_OFF} times: now it has to be decided.`
    : null;

/** What a change of its decision brings with it. */
export function withDecision(line: Line, patch: Partial<FieldsOf<Line>>, now: Moment): Partial<FieldsOf<Line>> {
  if (putsOff(line, patch)) return { ...patch, putOff: line.putOff + 1 };
  // What is open always has a day on which it comes back.
  if ((patch.decision ?? line.decision) === 'decide later' && patch.due === null && line.decision === 'decide later')
    return { ...patch, due: line.due ?? laterDay(now.today) };
  const { decision } = patch;
  if (decision === undefined || decision === line.decision) return patch;
  const due = 'due' in patch ? (patch.due ?? null) : decision === 'decide later' ? laterDay(now.today) : null;
  return {
    ...patch,
    decidedAt: fateOf(decision) === 'open' ? null : now.at,
    due: decision === 'keep' ? null : due,
    ...(line.handedOver ? { handedOver: null } : {}),
  };
}
