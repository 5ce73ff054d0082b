/** A plan problem as one problem in depth that holds the bins of every option: of each need those of one option take part. */
import { byId } from '../../../ground/model/by-id.ts';
import { UNPLACED } from '../../../ground/problems/place-problem.ts';
import { cheapestOf, compileDepth, type CompiledDepth } from '../../placement/depth/compiled.ts';
import type { DepthBin } from '../../placement/depth/problem.ts';
import type { RoomNeed, RoomOption, RoomPlanProblem } from './problem.ts';

export interface CompiledPlan {
  problem: RoomPlanProblem;
  place: CompiledDepth;
  /** By need: its options' numbers, counted through all needs. */
  optionsOf: Int32Array[];
  /** By option: its need, its bins (the heaviest first), the number of its type, its unhandiness in seconds a week. */
  need: Int32Array;
  bins: Int32Array[];
  type: Int32Array;
  unhandy: Float64Array;
  /** By option: what placing all its bins saves against leaving them out, each in its cheapest place; seconds a week, below 0. */
  least: Float64Array;
  /** By bin: its option. */
  option: Int32Array;
  /** By type: what one beyond the owned costs, and how many are owned. */
  price: Float64Array;
  owned: Int32Array;
  perKind: number;
  /** Of the arrangement's effort: what the bins of options that are not chosen count as left out. */
  idle: number;
}

function binsOf(problem: RoomPlanProblem): DepthBin[] {
  const types = byId(problem.types);
  const binOf = (need: RoomNeed, option: RoomOption, o: number, mass: number, n: number): DepthBin => {
    const count = option.masses.length;
    const { width, depth, height, turnable, stackable, lid } = types.get(option.type)!;
    const { id, zone, uses, family, hazard, childReach, lightSensitive, view, highest, nature, dearer, leftOut } = need;
    const rules = { zone, hazard, childReach, lightSensitive, view, family };
    return {
      id: `${id} ${o} ${n}`,
      ...{ width, depth, height, turnable, stackable, lid, mass },
      ...rules,
      uses: uses.map(({ person, perWeek }) => ({ person, perWeek: perWeek / count })),
      group: id,
      leftOut: (leftOut ?? UNPLACED) / count,
      ...(highest === undefined ? {} : { highest }),
      ...(nature === undefined ? {} : { nature }),
      ...(option.canHang === undefined ? {} : { canHang: option.canHang }),
      ...(dearer || option.dearer ? { dearer: bothDearer(dearer, option.dearer) } : {}),
    };
  };
  return problem.needs.flatMap((need) =>
    need.options.flatMap((option, o) => option.masses.map((mass, n) => binOf(need, option, o, mass, n))),
  );
}
function bothDearer(a: RoomNeed['dearer'] = {}, b: RoomNeed['dearer'] = {}): Record<string, number> {
  const both: Record<string, number> = { ...a };
  for (const [space, seconds] of Object.entries(b)) both[space] = (both[space] ?? 0) + seconds;
  return both;
}

/** Gives way every few milliseconds. */
export function* compilePlan(problem: RoomPlanProblem): Generator<void, CompiledPlan> {
  const { people, zones, compartments, growth, timeMs, weights } = problem;
  const place = yield* compileDepth({
    format: 'stube-place/2',
    ...{ people, zones, compartments, growth, timeMs },
    bins: binsOf(problem),
    familySpread: weights.familySpread,
  });
  const typeAt = new Map(problem.types.map(({ id }, i) => [id, i]));
  const options = problem.needs.flatMap((need, n) => need.options.map((option) => ({ option, need, n })));
  const optionsOf: number[][] = problem.needs.map(() => []);
  const bins: Int32Array[] = [];
  const option: number[] = [];
  let at = 0;
  options.forEach(({ option: { masses }, n }, o) => {
    optionsOf[n]!.push(o);
    const own = masses.map((_, i) => at + i);
    at += masses.length;
    for (const bin of own) option[bin] = o;
    // Something lighter may stand on it.
    bins.push(Int32Array.from(own.sort((a, b) => place.mass[b]! - place.mass[a]!)));
  });
  const cheapest = cheapestOf(place);
  const unhandy = Float64Array.from(options, (one) => one.option.unhandy ?? 0);
  const { perPrice, perKind } = weights;
  return {
    problem,
    place,
    optionsOf: optionsOf.map((own) => Int32Array.from(own)),
    need: Int32Array.from(options, ({ n }) => n),
    bins,
    type: Int32Array.from(options, (one) => typeAt.get(one.option.type)!),
    unhandy,
    least: Float64Array.from(bins, (own, o) =>
      own.reduce((sum, bin) => sum + Math.min(0, cheapest[bin]! - place.leftOut[bin]!), unhandy[o]!),
    ),
    option: Int32Array.from(option),
    price: Float64Array.from(problem.types, ({ price }) => price * perPrice),
    owned: Int32Array.from(problem.types, ({ owned }) => owned),
    perKind,
    idle:
      options.reduce((sum, { need }) => sum + (need.leftOut ?? UNPLACED), 0) -
      problem.needs.reduce((sum, need) => sum + (need.leftOut ?? UNPLACED), 0),
  };
}
