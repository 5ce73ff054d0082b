/**
 * Looks for the best packing with stacking: units in an order of chance are stood on one another where they can, the
 * columns that result are laid on the floor, and what is left over is stood on what lies. The order is changed a little at a
 * time; a worse one is kept now and then, less and less often.
 */
import { Random } from '../../../ground/engine/random.ts';
import { Annealing } from './annealing.ts';
import { itemTypesOf, expandItems } from '../item-types.ts';
import { FreeRectangles, FIT_RULES } from './free-rectangles.ts';
import type { FitProblem } from '../../../ground/problems/fit-problem.ts';
import { packFloorByBeam, beamParameters, priceOfArea } from './beam-floor.ts';
import type { Incumbent } from '../incumbent.ts';
import { positionedBoxesOf, type Placement3d } from '../placement.ts';
import { FEW_CONTAINERS, searchRuinRecreate } from './search-ruin-recreate.ts';
import { blockingCostOf } from '../blocking-cost.ts';
import { buildColumns, placementsOf, standOn, turnedColumn, type Column } from './columns.ts';

/** States of the beam; of few containers it may be 8, 16 … 256 by chance: there the floor is what decides. */
const BEAM = 12;
const FEW = { items: 16, least: 8, doublings: 6 };
/** How much worse an order may be kept at first, as a share of the value; rounds at most until none is and a fresh one begins. */
const HEAT = 0.01;
const LONGEST = 16_000;
/** From that share on only what takes no more digging is taken for alike. */
const LATE = 0.9;
/** One yield of so many rebuilds, where containers are few and where they are many; by trial. */
const REBUILT_EVERY = { few: 2, many: 4 };
/** One round of so many is laid by the beam; so many quick ones make a yield. */
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
  const rebuilt = searchRuinRecreate(problem, incumbent, new Random(random.below(2 ** 31)));
  const items = problem.containers.reduce((sum, container) => sum + container.count, 0);
  const every = items <= FEW_CONTAINERS ? REBUILT_EVERY.few : REBUILT_EVERY.many;
  for (let round = 0; ; round++) {
    (round % every < every - 1 ? orders : rebuilt).next();
    yield;
  }
}

function* searchOrders(problem: FitProblem, incumbent: Incumbent, random: Random): Generator<void, never> {
  const { containers, compartment } = problem;
  const floor = { width: compartment.width, depth: compartment.depth };
  const typeOf = Int32Array.from(expandItems(containers.map((container) => container.count)));
  const items = typeOf.length;

  const greedy = new FreeRectangles(floor.width, floor.depth);
  const fresh = (): Genes => {
    const alone = new Float64Array(items);
    // Where not everything finds room, what brings much for little floor goes first.
    if (random.next() < 0.5) {
      const key = Float64Array.from(typeOf, (t) => {
        const container = containers[t]!;
        return (-container.value / (container.width * container.depth)) * (0.3 + random.next());
      });
      return { key, alone };
    }
    const stackFirst = [1, 1.4, 2.5][random.below(3)]!;
    const spread = [0.1, 0.4, 0.9][random.below(3)]!;
    return {
      key: Float64Array.from(typeOf, (t) => {
        const container = containers[t]!;
        return (
          -container.width *
          container.depth *
          (container.stackable ? stackFirst : 1) *
          Math.exp(spread * (random.next() - 0.5))
        );
      }),
      alone,
    };
  };
  const changed = (genes: Genes): Genes => {
    const key = genes.key.slice();
    const alone = genes.alone.slice();
    for (let n = 1 + random.below(3); n > 0; n--) {
      const item = random.below(items);
      if (random.next() < 0.25) alone[item] = 1 - alone[item]!;
      else if (random.next() < 0.5) key[item] = key[item]! * Math.exp(1.6 * (random.next() - 0.5));
      else {
        const other = random.below(items);
        [key[item], key[other]] = [key[other]!, key[item]!];
      }
    }
    return { key, alone };
  };

  let genes = fresh();
  let value = -1;
  let blockingCost = Infinity;
  const cooling = new Annealing(HEAT, LONGEST, random);
  for (let round = 0; ; round++) {
    const tried = value < 0 ? genes : changed(genes);
    // Many orders laid quickly, and now and then one laid with care.
    const careful = round % CAREFUL_EVERY === 1;
    const puts = careful ? yield* decode(tried, round) : quick(tried);
    const worth = puts.reduce((sum, put) => sum + containers[put.type]!.value, 0);
    const dig =
      worth >= incumbent.value - 1e-9 || worth >= value - 1e-9
        ? blockingCostOf(positionedBoxesOf(problem, puts), compartment.access)
        : Infinity;
    incumbent.offer(puts);
    const most = cooling.allowance(incumbent.value);
    const alike = worth >= value - 1e-9 && (cooling.share < LATE || dig <= blockingCost);
    if (value < 0 || worth > value + 1e-9 || alike || worth > value - most) {
      genes = tried;
      value = worth;
      blockingCost = dig;
    }
    if (cooling.ended()) {
      genes = fresh();
      value = -1;
    }
    if (careful || round % QUICK_ROUNDS === 0) yield;
  }

  function columnsOf({ key, alone }: Genes): Column[] {
    const order = Array.from({ length: items }, (_, item) => item).sort((a, b) => key[a]! - key[b]!);
    return buildColumns(problem, order, (item) => alone[item]! > 0.5, typeOf, random);
  }

  function quick(genes: Genes): Placement3d[] {
    const columns = columnsOf(genes);
    const fitRule = FIT_RULES[random.below(4)] ?? 'short side';
    return filledUp(
      columns,
      greedy.lay(columns, fitRule).map(({ piece, x, y, turned }) => ({ type: piece, x, y, turned })),
    );
  }

  function* decode(genes: Genes, round: number): Generator<void, Placement3d[]> {
    const columns = columnsOf(genes);
    const pieces = itemTypesOf(
      columns.map((column) => ({
        width: column.width,
        depth: column.depth,
        turnable: column.turnable,
        value: column.value,
        count: 1,
      })),
    );
    const laid =
      (yield* packFloorByBeam(
        floor,
        pieces,
        {
          ...priceOfArea(floor, pieces),
          ...beamParameters(round < 2 ? 0 : 2, random),
          width: items <= FEW.items ? FEW.least << random.below(FEW.doublings) : BEAM,
          incumbentValue: 0,
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
  ): Placement3d[] {
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
      placementsOf(turned ? turnedColumn(columns[type]!) : columns[type]!, x, y),
    );

    function turnedOf(column: Column): boolean {
      return laid[standing.indexOf(column)]!.turned;
    }
  }
}
