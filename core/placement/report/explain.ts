/** Why a bin stands where it stands: its seconds, the rules it keeps, what keeps it out of nearer places, the next best. */
import { bodyBand, effortOf, gripHundredths, type EffortParts } from '../effort.ts';
import { GROUP_SPLIT, type PlaceBin, type PlaceCompartment, type PlacePerson, type PlaceProblem } from '../problem.ts';
import { brokenRules, usableWidth, type BrokenRule } from '../rules.ts';

export interface PlaceOption {
  compartment: string;
  /** Seconds a week there, the share for keeping the group together included. */
  seconds: number;
  broken: BrokenRule[];
  /** Free width is missing, mm; 0 when there is room. */
  lacksWidth: number;
}

export interface Explanation {
  parts: EffortParts;
  /** Metres to its zone. */
  walk: number;
  /** How each user bends or reaches for it. */
  bands: { person: string; band: string }[];
  kept: string[];
  /** Nearer or easier places, and the rules that exclude them; the best few. */
  excluded: PlaceOption[];
  /** The next best allowed place with room, null when there is none. */
  next: PlaceOption | null;
}

type Assignment = ReadonlyMap<string, string>;

const peopleOf = (problem: PlaceProblem): Map<string, PlacePerson> =>
  new Map(problem.people.map((person) => [person.id, person]));

/** Every compartment for one bin picked up: seconds a week there and what stands against it. */
export function optionsFor(problem: PlaceProblem, bin: PlaceBin, assignment: Assignment): PlaceOption[] {
  const people = peopleOf(problem);
  const bins = new Map(problem.bins.map((other) => [other.id, other]));
  const unitOf = new Map(problem.compartments.map((space) => [space.id, space.unit]));
  const used = new Map<string, number>();
  const load = new Map<string, number>();
  const siblings = new Set<string>();
  for (const [id, at] of assignment) {
    const other = bins.get(id);
    if (!other || id === bin.id) continue;
    used.set(at, (used.get(at) ?? 0) + other.width);
    load.set(at, (load.get(at) ?? 0) + other.mass);
    if (bin.group !== null && other.group === bin.group && unitOf.has(at)) siblings.add(unitOf.get(at)!);
  }
  return problem.compartments.map((space) => {
    const broken = brokenRules(bin, space, people, problem.growth);
    const overload = (load.get(space.id) ?? 0) + bin.mass - space.maxLoad;
    if (overload > 0 && !broken.some((brokenRule) => brokenRule.rule === 'load'))
      broken.push({ rule: 'load', by: overload });
    const split = siblings.size > 0 && !siblings.has(space.unit) ? GROUP_SPLIT : 0;
    return {
      compartment: space.id,
      seconds: effortOf(bin, space, people).total + split,
      broken,
      lacksWidth: Math.max(0, (used.get(space.id) ?? 0) + bin.width - usableWidth(space.width, problem.growth)),
    };
  });
}

const MAX_EXCLUDED = 3;

export function explain(
  problem: PlaceProblem,
  binId: string,
  assignment: Assignment,
  nameOf: (id: string) => string,
): Explanation | null {
  const bin = problem.bins.find((bin) => bin.id === binId);
  const space = problem.compartments.find((compartment) => compartment.id === assignment.get(binId));
  if (!bin || !space) return null;
  const people = peopleOf(problem);
  const grip = gripHundredths(bin.height, space);
  const options = optionsFor(problem, bin, assignment).sort((a, b) => a.seconds - b.seconds);
  const here = options.find((option) => option.compartment === space.id)!;
  const others = options.filter((option) => option.compartment !== space.id);
  return {
    parts: effortOf(bin, space, people),
    walk: space.walk[bin.zone] ?? 0,
    bands: bin.uses.map((use) => ({ person: use.person, band: bodyBand(grip, people.get(use.person)!.stature) })),
    kept: keptRules(bin, space, people, problem.people, nameOf),
    excluded: others
      .filter((option) => option.seconds < here.seconds - 1e-9 && (option.broken.length || option.lacksWidth))
      .slice(0, MAX_EXCLUDED),
    next: others.find((option) => !option.broken.length && !option.lacksWidth) ?? null,
  };
}

function keptRules(
  bin: PlaceBin,
  space: PlaceCompartment,
  people: ReadonlyMap<string, PlacePerson>,
  all: readonly PlacePerson[],
  nameOf: (id: string) => string,
): string[] {
  const kept: string[] = [];
  const children = bin.uses.map((use) => people.get(use.person)!).filter((person) => person.kind === 'child');
  const smallest = children.reduce<PlacePerson | null>((a, b) => (!a || b.stature < a.stature ? b : a), null);
  if (smallest) kept.push(`within reach of ${nameOf(smallest.id)}`);
  if (bin.hazard && all.some((person) => person.kind === 'child'))
    kept.push(space.locked ? 'locked away from the children' : 'out of reach of the children');
  if (bin.mass > 9000) kept.push('heavy, so not above the shoulder');
  if (bin.lightSensitive) kept.push('out of the sun');
  if (bin.view === 'show') kept.push('in sight');
  if (bin.view === 'hide') kept.push('not on view');
  return kept;
}
