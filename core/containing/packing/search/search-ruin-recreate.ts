/**
 * Looks for better packings with stacking by taking a few neighbouring columns out and filling the room anew from all that
 * is left over (ruin and recreate: Schrimpf et al. 2000). Worse ones are kept now and then, less and less often.
 */
import type { Random } from '../../../ground/engine/random.ts';
import { Annealing } from './annealing.ts';
import { FreeRectangles, FIT_RULES } from './free-rectangles.ts';
import type { Incumbent } from '../incumbent.ts';
import { expandItems } from '../item-types.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import { columnOf, placementsOf, standOn, turnedColumn, type Column } from './columns.ts';

interface Standing {
  column: Column;
  x: number;
  y: number;
}

/** Rebuildings in a yield, and in a cooling at most. */
const YIELD_INTERVAL = 8;
const LONGEST = 32_000;
/** How much worse may be kept at first, as a share of the value. */
const HEAT = 0.02;
/** Columns taken out at most, as a rule. */
const MAX_OUT = 10;
/** Share of the rebuildings that begin with nothing: what a few neighbours never lead to. Of few containers these find more. */
const ALL_OUT = { few: 0.3, many: 0.05 };
/** Containers up to this number are few. */
export const FEW_CONTAINERS = 20;
/** Share of the containers that look for the floor first, though they could stand on others. */
const ON_THE_FLOOR = 0.15;

export function* searchRuinRecreate(problem: FitProblem, incumbent: Incumbent, random: Random): Generator<void, never> {
  const { containers, compartment } = problem;
  const free = new FreeRectangles(compartment.width, compartment.depth);
  let standing: Standing[] = [];
  let left = expandItems(containers.map((container) => container.count));
  const allOut = left.length <= FEW_CONTAINERS ? ALL_OUT.few : ALL_OUT.many;
  let value = 0;
  const cooling = new Annealing(HEAT, LONGEST, random);
  for (let round = 0; ; round++) {
    const [kept, pool] = takeOut();
    const built = fill(kept, pool);
    const worth = built.standing.reduce((sum, { column }) => sum + column.value, 0);
    if (worth >= value - cooling.allowance(incumbent.value) - 1e-9) {
      ({ standing, left } = built);
      value = worth;
      if (worth >= incumbent.value - 1e-9)
        incumbent.offer(standing.flatMap(({ column, x, y }) => placementsOf(column, x, y)));
    }
    cooling.ended();
    if (round % YIELD_INTERVAL === 0) yield;
  }

  /** What stays, and all that is to be placed anew. */
  function takeOut(): [Standing[], number[]] {
    if (!standing.length) return [[], left];
    const middle = standing[random.below(standing.length)]!;
    const away = ({ x, y, column }: Standing) =>
      Math.abs(x + column.width / 2 - middle.x - middle.column.width / 2) +
      Math.abs(y + column.depth / 2 - middle.y - middle.column.depth / 2);
    const order = standing.map((standing) => ({ one: standing, away: away(standing) })).sort((a, b) => a.away - b.away);
    const many = random.next() < allOut ? order.length : 1 + random.below(MAX_OUT);
    const out = order.slice(0, many).map(({ one }) => one);
    return [
      standing.filter((standing) => !out.includes(standing)),
      [...left, ...out.flatMap(({ column }) => column.members.map((member) => member.type))],
    ];
  }

  function fill(kept: readonly Standing[], pool: readonly number[]): { standing: Standing[]; left: number[] } {
    free.clear();
    const now = kept.map(({ column, x, y }) => {
      free.take(x, y, column.width, column.depth);
      // Copies: what is put on top must not be seen if this comes to nothing.
      return { column: { ...column, members: column.members.slice(), tops: column.tops.slice() }, x, y };
    });
    const columns = now.map(({ column }) => column);
    const large = random.next() < 0.5;
    const key = (t: number) => {
      const container = containers[t]!;
      const area = container.width * container.depth;
      return (large ? area * (container.stackable ? 1.4 : 1) : container.value / area) * (0.3 + random.next());
    };
    const order = pool.map((t) => ({ t, key: key(t) })).sort((a, b) => b.key - a.key);
    const fitRule = FIT_RULES[random.below(FIT_RULES.length)]!;
    const rest: number[] = [];
    for (const { t } of order) {
      const floorFirst = random.next() < ON_THE_FLOOR;
      if (!floorFirst && standOn(problem, columns, t, random)) continue;
      const own = columnOf(problem, t);
      const place = free.find(own, fitRule);
      if (place) {
        free.take(place.x, place.y, place.turned ? own.depth : own.width, place.turned ? own.width : own.depth);
        const column = place.turned ? turnedColumn(own) : own;
        now.push({ column, x: place.x, y: place.y });
        columns.push(column);
      } else if (!floorFirst || !standOn(problem, columns, t, random)) rest.push(t);
    }
    return { standing: now, left: rest };
  }
}
