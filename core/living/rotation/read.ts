/** Reads a `stube-rotate/1` problem. Unknown fields are ignored. */
import { FieldReader, FormatError, onlyOnce } from '../../ground/engine/problem-format.ts';
import type { RotateProblem } from './problem.ts';

const MOST = { weeks: 60, slots: 500, children: 200, things: 2000, months: 1200, size: 10_000, timeMs: 3_600_000 };

/** @throws FormatError naming the first wrong field */
export function readRotateProblem(json: unknown): RotateProblem {
  const problem = new FieldReader(json);
  const format = problem.format('stube-rotate/1');
  const weeks = problem.integer('weeks', 1, MOST.weeks);
  const timeMs = problem.number('timeMs', 0, MOST.timeMs);
  const box = (reader: FieldReader) => ({
    width: reader.integer('width', 1, MOST.size),
    depth: reader.integer('depth', 1, MOST.size),
    height: reader.integer('height', 1, MOST.size),
  });
  const slots = problem.list('slots', MOST.slots, (reader) => ({
    id: reader.text('id'),
    area: reader.text('area'),
    ...box(reader),
  }));
  const children = problem.list('children', MOST.children, (reader) => ({
    id: reader.text('id'),
    months: reader.integer('months', 0, MOST.months),
  }));
  onlyOnce(slots, 'slots');
  onlyOnce(children, 'children');
  const raw = (json as { things?: unknown[] }).things;
  const texts = (value: unknown, field: string): string[] => {
    if (!Array.isArray(value) || !value.every((one) => typeof one === 'string' && one))
      throw new FormatError(field, 'must be a list of texts');
    return value as string[];
  };
  const out = problem.inner('out');
  const outBySlot = Object.fromEntries(
    Object.keys((json as { out: object }).out).map((slot) => [slot, out.text(slot)]),
  );
  const isOut = new Set(Object.values(outBySlot));
  const things = problem.list('things', MOST.things, (reader, path) => {
    const own = raw![Number(/\[(\d+)\]$/.exec(path)![1])] as Record<string, unknown>;
    const id = reader.text('id');
    const from = reader.integer('from', 0, MOST.months);
    const to = reader.integer('to', 0, MOST.months);
    if (to < from) throw new FormatError(`${path}.to`, 'must not be less than from');
    const areas = texts(own.areas, `${path}.areas`);
    if (!areas.length) throw new FormatError(`${path}.areas`, 'must be a list of texts');
    const season = own.season;
    if (
      season !== null &&
      !(Array.isArray(season) && season.every((week) => Number.isInteger(week) && (week as number) >= 0))
    )
      throw new FormatError(`${path}.season`, 'must be null or a list of weeks');
    const rested = reader.integerOrNull('rested', 0);
    if (isOut.has(id) !== (rested === null))
      throw new FormatError(`${path}.rested`, 'must be null for what is out, and a whole number for all others');
    return {
      id,
      areas,
      ...box(reader),
      from,
      to,
      after: texts(own.after, `${path}.after`),
      season: season as number[] | null,
      interest: reader.number('interest', 0, 1),
      rested,
      outFor: own.outFor === undefined || own.outFor === null ? 1 : reader.integer('outFor', 1),
      shown: reader.flag('shown'),
    };
  });
  onlyOnce(things, 'things');
  const known = new Set(things.map(({ id }) => id));
  const places = new Set(slots.map(({ id }) => id));
  things.forEach(({ after }, i) => {
    if (!after.every((id) => known.has(id))) throw new FormatError(`things[${i}].after`, 'must name things');
  });
  const seen = new Set<string>();
  for (const [slot, thing] of Object.entries(outBySlot)) {
    if (!places.has(slot)) throw new FormatError(`out.${slot}`, 'must be the id of a slot');
    if (!known.has(thing)) throw new FormatError(`out.${slot}`, 'must be the id of a thing');
    if (seen.has(thing)) throw new FormatError(`out.${slot}`, 'is in two slots');
    seen.add(thing);
  }
  const told = problem.inner('rules');
  const longestSpell = told.integer('longestSpell', 1, MOST.weeks * 10);
  const hasShortest = (json as { rules: Record<string, unknown> }).rules.shortestSpell !== undefined;
  const shortestSpell = hasShortest ? told.integer('shortestSpell', 1, longestSpell) : 1;
  const rules = {
    longestSpell,
    shortestSpell,
    leastRest: told.integer('leastRest', 0),
    mostRest: told.integer('mostRest', 0),
    swapsAWeek: told.integer('swapsAWeek', 0),
  };
  return { format, weeks, timeMs, slots, children, things, out: outBySlot, rules };
}
