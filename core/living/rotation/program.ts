/**
 * The problem as a mixed-integer program, for a solver of such: for each thing a path of spells and rests through the weeks,
 * joined by slots, swaps, what covers whom, and what must have been out before.
 */
import { groupedBy } from '../../ground/model/grouped-by.ts';
import {
  compileRotation,
  interestOf,
  inSinceStart,
  overRested,
  type CompiledRotation,
  minutesOf,
  type Spell,
} from './compiled.ts';
import { startsIn, type RotateAnswer, type RotateProblem } from './problem.ts';
import { answerOf, rotationOf } from './solve.ts';

export interface RotationProgram {
  /** In the LP format. */
  text: string;
  /** A plan as values of the columns. */
  startFrom(plan: RotateAnswer): Float64Array;
  /** The plan that values of the columns stand for. @param bound proven by the solver */
  answer(values: ArrayLike<number>, bound: number): RotateAnswer;
}

interface Columns {
  cost: number[];
  binary: number[];
}
type Terms = [column: number, factor: number][];
interface ThingColumns {
  spells: { spell: Spell; column: number }[];
  /** Rests by where they begin (-1: the start of the plan) and end (weeks: its end). */
  rests: { from: number; to: number; column: number }[];
}

function columnsOf(
  compiled: CompiledRotation,
  t: number,
  columns: Columns,
  kept: readonly Spell[] | null,
): ThingColumns {
  const { weeks, groupsOf, inSeason, out, had, after, problem } = compiled;
  const { longestSpell, shortestSpell, leastRest } = problem.rules;
  // In consecutive weeks it would be the same spell.
  const shortestRest = Math.max(1, leastRest);
  const add = (cost: number, binary: boolean): number => {
    const column = columns.cost.push(cost) - 1;
    if (binary) columns.binary.push(column);
    return column;
  };
  const spells: ThingColumns['spells'] = [];
  const addSpell = (spell: Spell): void =>
    void spells.push({
      spell,
      column: add(interestOf(compiled, t, spell) - (spell.from >= 0 ? compiled.aims.swap : 0), true),
    });
  const now = out[t];
  const inSince = now ? 0 : inSinceStart(compiled, t);
  if (kept) {
    // It stays as it is: a single path.
    const rests: ThingColumns['rests'] = [];
    let [from, since] = [-1, inSince];
    for (const spell of [...kept, null]) {
      if (spell) addSpell(spell);
      const first = Math.max(0, from);
      const to = spell ? spell.from : weeks;
      if (to >= first && from < weeks)
        rests.push({
          from,
          to,
          column: add(-compiled.aims.overRested * overRested(compiled, t, since, first, to), false),
        });
      if (spell) from = since = spell.to;
    }
    return { spells, rests };
  }
  if (now && !after[t]!.length && groupsOf[t]!.includes(now.group))
    for (let to = 1; to <= Math.min(weeks, longestSpell - now.for) && inSeason[t]![to - 1]; to++)
      addSpell({ group: now.group, from: -now.for, to });
  for (const group of groupsOf[t]!)
    for (let from = 0; from < weeks; from++)
      for (let to = from + 1; to <= Math.min(weeks, from + longestSpell) && inSeason[t]![to - 1]; to++)
        if (to - from >= shortestSpell || to === weeks) addSpell({ group, from, to });
  const rests: ThingColumns['rests'] = [];
  const addRests = (from: number, inSince: number, ready: number): void => {
    const first = Math.max(0, from);
    for (let to = Math.max(first, ready); to < weeks; to++)
      rests.push({
        from,
        to,
        column: add(-compiled.aims.overRested * overRested(compiled, t, inSince, first, to), false),
      });
    rests.push({
      from,
      to: weeks,
      column: add(-compiled.aims.overRested * overRested(compiled, t, inSince, first, weeks), false),
    });
  };
  addRests(-1, inSince, now ? shortestRest : had[t] ? inSince + leastRest : 0);
  for (let end = 1; end < weeks; end++) addRests(end, end, end + shortestRest);
  return { spells, rests };
}

/** About how many columns the program has, without making it. */
export function programSize(problem: RotateProblem): number {
  const { weeks, groupsOf } = compileRotation(problem);
  const rests = (weeks * (weeks + 3)) / 2;
  return groupsOf.reduce((sum, own) => sum + own.length * weeks * problem.rules.longestSpell + rests, 0);
}

export function rotationProgram(problem: RotateProblem): RotationProgram {
  const compiled = compileRotation(problem);
  const { weeks, groups, areas, kids, after } = compiled;
  const columns: Columns = { cost: [], binary: [] };
  const own = problem.things.map((_, t) => columnsOf(compiled, t, columns, compiled.fixed[t] ?? null));
  const rows: { terms: Terms; sign: '<=' | '='; right: number }[] = [];
  const row = (terms: Terms, sign: '<=' | '=', right: number): void => {
    if (terms.length) rows.push({ terms, sign, right });
  };
  own.forEach(({ spells, rests }) => {
    row(
      [
        ...spells.filter(({ spell }) => spell.from < 0).map(({ column }): Terms[number] => [column, 1]),
        ...rests.filter(({ from }) => from < 0).map(({ column }): Terms[number] => [column, 1]),
      ],
      '=',
      1,
    );
    for (let week = 0; week < weeks; week++) {
      // Who comes out rested until then; who goes in rests from then on.
      row(
        [
          ...rests.filter(({ to }) => to === week).map(({ column }): Terms[number] => [column, 1]),
          ...spells.filter(({ spell }) => spell.from === week).map(({ column }): Terms[number] => [column, -1]),
        ],
        '=',
        0,
      );
      if (week)
        row(
          [
            ...spells.filter(({ spell }) => spell.to === week).map(({ column }): Terms[number] => [column, 1]),
            ...rests.filter(({ from }) => from === week).map(({ column }): Terms[number] => [column, -1]),
          ],
          '=',
          0,
        );
    }
  });
  const all = own.flatMap(({ spells }, t) => spells.map((each) => ({ ...each, t })));
  const during = (week: number) => all.filter(({ spell }) => spell.from <= week && week < spell.to);
  const covers: { first: number; second: number; terms: Terms }[] = [];
  for (let week = 0; week < weeks; week++) {
    const here = during(week);
    groups.forEach(({ slots }, g) => {
      const terms = here.filter(({ spell }) => spell.group === g).map(({ column }): Terms[number] => [column, 1]);
      if (terms.length > slots.length) row(terms, '<=', slots.length);
    });
    const starting = here.filter(({ spell }) => spell.from === week).map(({ column }): Terms[number] => [column, 1]);
    const most = startsIn(problem.rules, week);
    if (starting.length > most) row(starting, '<=', most);
    const mostMinutes = problem.rules.minutesAWeek ?? null;
    const setOut = mostMinutes === null ? [] : here.filter(({ spell }) => spell.from === week);
    if (mostMinutes !== null && setOut.length) {
      // What is set by hand comes out whatever it takes.
      const byHand = setOut
        .filter(({ t }) => compiled.fixed[t])
        .reduce((sum, { t }) => sum + minutesOf(compiled, t), 0);
      row(
        setOut.map(({ column, t }): Terms[number] => [column, minutesOf(compiled, t)]),
        '<=',
        Math.max(mostMinutes, byHand),
      );
    }
    areas.forEach((_, area) => {
      const there = here.filter(({ spell }) => groups[spell.group]!.area === area);
      const fitting = problem.children.map((_child, k) => there.filter(({ t }) => kids[t]![week]!.includes(k)));
      // Children whom the same things fit are covered alike.
      for (const same of groupedBy(fitting, (fit) => fit.map(({ column }) => column).join()).values()) {
        if (!same[0]!.length) continue;
        const first = columns.cost.push(compiled.aims.covered * same.length) - 1;
        const more = columns.cost.push(compiled.aims.coveredTwice * same.length) - 1;
        const terms = same[0]!.map(({ column }): Terms[number] => [column, -1]);
        covers.push({ first, second: more, terms });
        row([[first, 1], [more, 1], ...terms], '<=', 0);
      }
    });
  }
  problem.things.forEach((_, t) => {
    for (const a of after[t]!)
      for (let week = 0; week < weeks; week++) {
        const starts = own[t]!.spells.filter(({ spell }) => Math.max(0, spell.from) === week);
        if (!starts.length) continue;
        const earlier = own[a]!.spells.filter(({ spell }) => spell.from < week);
        row(
          [
            ...starts.map(({ column }): Terms[number] => [column, 1]),
            ...earlier.map(({ column }): Terms[number] => [column, -1]),
          ],
          '<=',
          0,
        );
      }
  });
  return {
    text: written(columns, rows),
    startFrom(plan) {
      const values = new Float64Array(columns.cost.length);
      const spellsOf = spellsIn(compiled, plan);
      spellsOf.forEach((spells, t) => {
        let from = -1;
        for (const spell of spells) {
          const column = own[t]!.spells.find(
            (one) => one.spell.group === spell.group && one.spell.from === spell.from && one.spell.to === spell.to,
          );
          if (column) values[column.column] = 1;
          const rest = own[t]!.rests.find((one) => one.from === from && one.to === spell.from);
          if (rest) values[rest.column] = 1;
          from = spell.to;
        }
        const rest = own[t]!.rests.find((one) => one.from === from && one.to === weeks);
        if (rest && from < weeks) values[rest.column] = 1;
      });
      for (const { first, second: more, terms } of covers) {
        const count = terms.reduce((sum, [column]) => sum + values[column]!, 0);
        values[first] = count >= 1 ? 1 : 0;
        values[more] = count >= 2 ? 1 : 0;
      }
      return values;
    },
    answer(values, bound) {
      const spells = own.map((thing) =>
        thing.spells
          .filter(({ column }) => values[column]! > 0.5)
          .map(({ spell }) => spell)
          .sort((a, b) => a.from - b.from),
      );
      return answerOf(rotationOf(compiled, spells), bound);
    },
  };
}

/** The spells of every thing in a plan. */
function spellsIn(compiled: CompiledRotation, plan: RotateAnswer): Spell[][] {
  const { problem, groups, out, weeks } = compiled;
  const groupOf = new Map(problem.slots.map(({ id }, i) => [id, groups.findIndex(({ slots }) => slots.includes(i))]));
  return problem.things.map(({ id }, t) => {
    const spells: Spell[] = [];
    let now: Spell | null = out[t] ? { group: out[t]!.group, from: -out[t]!.for, to: 0 } : null;
    for (let week = 0; week < weeks; week++) {
      const slot = Object.entries(plan.plan[week]!).find(([, thing]) => thing === id)?.[0];
      if (slot === undefined) {
        now = null;
        continue;
      }
      if (!now) now = { group: groupOf.get(slot)!, from: week, to: week };
      now.to = week + 1;
      if (spells.at(-1) !== now) spells.push(now);
    }
    return spells;
  });
}

/** Lines of the format are not endless. */
const TERMS_A_LINE = 8;
function written(columns: Columns, rows: readonly { terms: Terms; sign: string; right: number }[]): string {
  const sum = (terms: Iterable<readonly [number, number]>): string => {
    const parts = [...terms].map(([column, factor]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} x${column}`);
    const lines: string[] = [];
    for (let i = 0; i < parts.length; i += TERMS_A_LINE) lines.push(parts.slice(i, i + TERMS_A_LINE).join(' '));
    return lines.join('\n ');
  };
  // Every column stands in the objective, so that they are counted in this order.
  const objective = sum(columns.cost.map((cost, column) => [column, cost] as const));
  return [
    'Maximize',
    ` obj: ${objective}`,
    'Subject To',
    ...rows.map(({ terms, sign, right }, i) => ` r${i}: ${sum(terms)} ${sign} ${right}`),
    'Bounds',
    ...columns.cost.map((_, column) => ` 0 <= x${column} <= 1`),
    'Binary',
    ...columns.binary.map((column) => ` x${column}`),
    'End',
  ].join('\n');
}
