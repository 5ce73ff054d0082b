/** Why a bin stands where it stands: its seconds, what has to be moved first, what keeps it out of nearer places, the next best. */
import { byId } from '../../../ground/model/by-id.ts';
import { bodyBand, effortOf, gripHundredths, type EffortParts } from '../../../ground/body/effort.ts';
import {
  GROUP_SPLIT,
  HEAVY_MASS,
  type PlaceCompartment,
  type PlacePerson,
} from '../../../ground/problems/place-problem.ts';
import { brokenRules, type BrokenRule } from '../../../ground/body/rules.ts';
import { MOVE_SECONDS, type DepthBin, type DepthProblem } from './problem.ts';
import type { Spot } from './spots.ts';
import type { Standing } from './standing.ts';

export interface PlaceOption {
  compartment: string;
  /** The cheapest spot in it; null where a rule or want of room keeps it out. */
  spot: Spot | null;
  /** Seconds a week by which the room's effort is more than now, when it goes there. */
  change: number;
  /** Why there is no spot; empty where there is only no room left. */
  broken: BrokenRule[];
}

export interface Explanation {
  /** Seconds a week. */
  parts: EffortParts & { moving: number };
  /** Metres to its zone. */
  walk: number;
  /** How each user bends or reaches for it. */
  bands: { person: string; band: string }[];
  kept: string[];
  /** Ids of the bins that are moved first, each time; how often a week that is. */
  movedFirst: string[];
  perWeek: number;
  /** Ids of what is behind it or beneath it. */
  covers: string[];
  /** Nearer or easier places, and the rules that exclude them; the best few. */
  excluded: PlaceOption[];
}

const peopleOf = (problem: DepthProblem): Map<string, PlacePerson> => byId(problem.people);

/** A compartment as it is for what stands so high above its bottom, mm. */
const raised = (space: PlaceCompartment, z: number): PlaceCompartment => ({ ...space, floor: space.floor + z });

/** The rules it breaks by itself on the bottom of a compartment, turned where that breaks fewer. */
function brokenIn(
  bin: DepthBin,
  space: PlaceCompartment,
  people: ReadonlyMap<string, PlacePerson>,
  growth: number,
): BrokenRule[] {
  const broken = brokenRules(bin, space, people, growth);
  if (!broken.length || !bin.turnable) return broken;
  const turned = brokenRules({ ...bin, width: bin.depth, depth: bin.width }, space, people, growth);
  return turned.length < broken.length ? turned : broken;
}

/**
 * Every compartment for one bin picked up: what the week would grow by and what stands against it.
 * @param standing the room with the bin where it is
 * @param without the same while the bin is in hand
 */
export function optionsFor(standing: Standing, binId: string, without = standing.without(binId)): PlaceOption[] {
  const { problem } = standing;
  const bin = standing.bin(binId);
  if (!bin) return [];
  const people = peopleOf(problem);
  const before = standing.effort - without.effort;
  const units = new Set(
    without.positions.flatMap((position) => {
      const other = standing.bin(position.bin)!;
      return bin.group !== null && other.group === bin.group
        ? [problem.compartments.find(({ id }) => id === position.compartment)!.unit]
        : [];
    }),
  );
  const load = new Map<string, number>();
  for (const { bin: id, compartment } of without.positions)
    load.set(compartment, (load.get(compartment) ?? 0) + standing.bin(id)!.mass);
  return problem.compartments.map((space): PlaceOption => {
    const spot = without.spotIn(binId, space.id);
    if (spot) return { compartment: space.id, spot, change: spot.cost - before, broken: [] };
    const broken = brokenIn(bin, space, people, problem.growth);
    const overload = (load.get(space.id) ?? 0) + bin.mass - space.maxLoad;
    if (overload > 0 && !broken.some(({ rule }) => rule === 'load')) broken.push({ rule: 'load', by: overload });
    if (!without.mayJoin(binId, space.id)) broken.push({ rule: 'apart' });
    const split = units.size > 0 && !units.has(space.unit) ? GROUP_SPLIT : 0;
    return {
      compartment: space.id,
      spot: null,
      change: effortOf(bin, space, people).total + split - before,
      broken,
    };
  });
}

const MAX_EXCLUDED = 3;

/** @param options of {@link optionsFor} */
export function explain(
  standing: Standing,
  binId: string,
  options: readonly PlaceOption[],
  nameOf: (id: string) => string,
): Explanation | null {
  const { problem } = standing;
  const bin = standing.bin(binId);
  const position = standing.position(binId);
  const space = problem.compartments.find(({ id }) => id === position?.compartment);
  if (!bin || !position || !space) return null;
  const people = peopleOf(problem);
  const at = raised(space, position.z);
  const grip = gripHundredths(bin.height, at);
  const perWeek = bin.uses.reduce((sum, use) => sum + use.perWeek, 0);
  const movedFirst = standing.blockers(binId);
  const moving = 2 * perWeek * MOVE_SECONDS * movedFirst.length;
  const parts = effortOf(bin, at, people);
  return {
    parts: { ...parts, moving, total: parts.total + moving },
    walk: space.walk[bin.zone] ?? 0,
    bands: bin.uses.map((use) => ({ person: use.person, band: bodyBand(grip, people.get(use.person)!.stature) })),
    kept: keptRules(bin, space, people, problem.people, nameOf),
    movedFirst,
    perWeek,
    covers: standing.covers(binId),
    excluded: options
      .filter((option) => option.compartment !== space.id && option.change < -1e-9 && !option.spot)
      .sort((a, b) => a.change - b.change)
      .slice(0, MAX_EXCLUDED),
  };
}

function keptRules(
  bin: DepthBin,
  space: PlaceCompartment,
  people: ReadonlyMap<string, PlacePerson>,
  all: readonly PlacePerson[],
  nameOf: (id: string) => string,
): string[] {
  const kept: string[] = [];
  const children = bin.uses.map((use) => people.get(use.person)!).filter((person) => person.kind === 'child');
  const smallest = children.reduce<PlacePerson | null>((a, b) => (!a || b.stature < a.stature ? b : a), null);
  if (smallest) kept.push(`within reach of ${nameOf(smallest.id)}, with nothing on it or before it`);
  if (bin.hazard && all.some((person) => person.kind === 'child'))
    kept.push(space.locked ? 'locked away from the children' : 'out of reach of the children');
  if (bin.mass > HEAVY_MASS) kept.push('heavy, so not above the shoulder');
  if (bin.lightSensitive) kept.push('out of the sun');
  if (bin.view === 'show') kept.push('in sight');
  if (bin.view === 'hide') kept.push('not on view');
  return kept;
}
