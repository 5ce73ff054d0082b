/**
 * Looks for the best packing with stacking: units in an order of chance are stood on one another where they can, the
 * columns that result are laid on the floor, and what is left over is stood on what lies. The order is changed a little at a
 * time; a worse one is kept now and then, less and less often.
 */
import { Random } from '../../engine/random.ts';
import { Cooling } from './annealing.ts';
import { piecesOf, unitsOf } from '../item-types.ts';
import { FreeRectangles, TASTES } from './free-rectangles.ts';
import type { FitProblem } from '../problem.ts';
import { lay, liking, priceOfRoom } from './beam-floor.ts';
import type { Incumbent } from '../incumbent.ts';
import { standingOf, type Put } from '../placement.ts';
import { FEW_CONTAINERS, searchRebuilt } from './search-ruin-recreate.ts';
import { diggingOf } from '../blocking-cost.ts';
import { buildColumns, putsOf, standOn, turnedColumn, type Column } from './columns.ts';

/** States of the beam; of few containers it may be 8, 16 … 256 by chance: there the floor is what decides. */
const BEAM = 12;
const FEW = { units: 16, least: 8, doublings: 6 };
/** How much worse an order may be kept at first, as a share of the value; rounds at most until none is and a fresh one begins. */
const HEAT = 0.01;
const LONGEST = 16_000;
/** From that share on only what takes no more digging is taken for alike. */
const LATE = 0.9;
/** One breath of so many rebuilds, where containers are few and where they are many; by trial. */
const REBUILT_EVERY = { few: 2, many: 4 };
/** One round of so many is laid by the beam; so many quick ones make a breath. */
const CAREFUL_EVERY = 6;
const QUICK_ROUNDS = 8;

interface Genes {
  /** Place in the order: low first. */
  key: Float64Array;
  /** Chance that it begins a column of its own. */
  alone: Float64Array;
}

/** Orders and rebuilding take turns. */
export function* searchStacked(problem: FitProblem, incumbent: Incumbent, random: Random): Generator<void, never> {
  const orders = searchOrders(problem, incumbent, random);
  const rebuilt = searchRebuilt(problem, incumbent, new Random(random.below(2 ** 31)));
  const units = problem.containers.reduce((sum, one) => sum + one.count, 0);
  const every = units <= FEW_CONTAINERS ? REBUILT_EVERY.few : REBUILT_EVERY.many;
  for (let round = 0; ; round++) {
    (round % every < every - 1 ? orders : rebuilt).next();
    yield;
  }
}

function* searchOrders(problem: FitProblem, incumbent: Incumbent, random: Random): Generator<void, never> {
  const { containers, compartment } = problem;
  const floor = { width: compartment.width, depth: compartment.depth };
  const typeOf = Int32Array.from(unitsOf(containers.map((one) => one.count)));
  const units = typeOf.length;

  const greedy = new FreeRectangles(floor.width, floor.depth);
  const fresh = (): Genes => {
    const alone = new Float64Array(units);
    // Where not everything finds room, what brings much for little floor goes first.
    if (random.next() < 0.5) {
      const key = Float64Array.from(typeOf, (t) => {
        const one = containers[t]!;
        return (-one.value / (one.width * one.depth)) * (0.3 + random.next());
      });
      return { key, alone };
    }
    const stackFirst = [1, 1.4, 2.5][random.below(3)]!;
    const spread = [0.1, 0.4, 0.9][random.below(3)]!;
    return {
      key: Float64Array.from(typeOf, (t) => {
        const one = containers[t]!;
        return -one.width * one.depth * (one.stackable ? stackFirst : 1) * Math.exp(spread * (random.next() - 0.5));
      }),
      alone,
    };
  };
  const changed = (genes: Genes): Genes => {
    const key = genes.key.slice();
    const alone = genes.alone.slice();
    for (let n = 1 + random.below(3); n > 0; n--) {
      const unit = random.below(units);
      if (random.next() < 0.25) alone[unit] = 1 - alone[unit]!;
      else if (random.next() < 0.5) key[unit] = key[unit]! * Math.exp(1.6 * (random.next() - 0.5));
      else {
        const other = random.below(units);
        [key[unit], key[other]] = [key[other]!, key[unit]!];
      }
    }
    return { key, alone };
  };

  let genes = fresh();
  let value = -1;
  let digging = Infinity;
  const cooling = new Cooling(HEAT, LONGEST, random);
  for (let round = 0; ; round++) {
    const tried = value < 0 ? genes : changed(genes);
    // Many orders laid quickly, and now and then one laid with care.
    const careful = round % CAREFUL_EVERY === 1;
    const puts = careful ? yield* decode(tried, round) : quick(tried);
    const worth = puts.reduce((sum, put) => sum + containers[put.type]!.value, 0);
    const dig =
      worth >= incumbent.value - 1e-9 || worth >= value - 1e-9
        ? diggingOf(standingOf(problem, puts), compartment.access)
        : Infinity;
    incumbent.offer(puts);
    const most = cooling.allowance(incumbent.value);
    const alike = worth >= value - 1e-9 && (cooling.share < LATE || dig <= digging);
    if (value < 0 || worth > value + 1e-9 || alike || worth > value - most) {
      genes = tried;
      value = worth;
      digging = dig;
    }
    if (cooling.ended()) {
      genes = fresh();
      value = -1;
    }
    if (careful || round % QUICK_ROUNDS === 0) yield;
  }

  function columnsOf({ key, alone }: Genes): Column[] {
    const order = Array.from({ length: units }, (_, unit) => unit).sort((a, b) => key[a]! - key[b]!);
    return buildColumns(problem, order, (unit) => alone[unit]! > 0.5, typeOf, random);
  }

  function quick(genes: Genes): Put[] {
    const columns = columnsOf(genes);
    const taste = TASTES[random.below(4)] ?? 'short side';
    return filledUp(
      columns,
      greedy.lay(columns, taste).map(({ piece, x, y, turned }) => ({ type: piece, x, y, turned })),
    );
  }

  function* decode(genes: Genes, round: number): Generator<void, Put[]> {
    const columns = columnsOf(genes);
    const pieces = piecesOf(
      columns.map((column) => ({
        width: column.width,
        depth: column.depth,
        turnable: column.turnable,
        value: column.value,
        count: 1,
      })),
    );
    const laid =
      (yield* lay(
        floor,
        pieces,
        {
          ...priceOfRoom(floor, pieces),
          ...liking(round < 2 ? 0 : 2, random),
          width: units <= FEW.units ? FEW.least << random.below(FEW.doublings) : BEAM,
          beat: 0,
        },
        random,
        random.next() < 0.5,
      )) ?? [];
    return filledUp(columns, laid);
  }

  /** What lies, with what is left over stood on it where there is room. */
  function filledUp(
    columns: readonly Column[],
    laid: readonly { type: number; x: number; y: number; turned: boolean }[],
  ): Put[] {
    const placed = new Set(laid.map((one) => one.type));
    const standing = laid.map((one) => columns[one.type]!);
    const rest = columns.flatMap((column, i) => (placed.has(i) ? [] : column.members.map((member) => member.type)));
    rest.sort((a, b) => containers[b]!.value - containers[a]!.value);
    for (const type of rest)
      standOn(
        problem,
        standing.filter((column) => column.turnable === false || containers[type]!.turnable || !turnedOf(column)),
        type,
        random,
      );
    return laid.flatMap(({ type, x, y, turned }) =>
      putsOf(turned ? turnedColumn(columns[type]!) : columns[type]!, x, y),
    );

    function turnedOf(column: Column): boolean {
      return laid[standing.indexOf(column)]!.turned;
    }
  }
}
