/**
 * The usual cautions over a room's data (hazards H1 to H15 of the domain reference). Stube warns and explains; it never
 * certifies. Each caution names the facts that raised it and what usually helps.
 */
import { brokenRules, formatRule } from '../placement/rules.ts';
import { comesInto, placeProblemOf, STATURE_AT_THREE, usersOf, type RoomData } from '../placement/place-problem-of.ts';

export const DEFER = 'Local codes, your licence and licensed trades decide; this is only the usual caution.';

export interface Caution {
  /** Stable for the same facts. */
  key: string;
  hazard: string;
  severity: 'warn' | 'danger';
  about: string;
  fact: string;
  helps: string;
}

/** Above this height (mm) and steeper than this height to depth, furniture is to be anchored where children are. */
export const TIPPING = { height: 600, ratio: 1.5 };
/** Grams above which a bin overhead is a danger to who stands below. */
export const OVERHEAD_MASS = 5000;
export const OVERHEAD_HEIGHT = 1500;

/**
 * The cautions of one room as it stands.
 * @example cautionsOf(room).filter((caution) => caution.severity === 'danger')
 */
export function cautionsOf(data: RoomData): Caution[] {
  const cautions: Caution[] = [];
  const problem = placeProblemOf(data);
  const people = new Map(problem.people.map((person) => [person.id, person]));
  const nameOf = (id: string) => data.people.find((person) => person.id === id)?.name ?? id;
  const present = comesInto(data.room, data.people);
  const children = present.filter((person) => person.kind === 'child');
  for (const unit of data.units)
    if (
      !unit.anchored &&
      children.length &&
      unit.height + unit.raised >= TIPPING.height &&
      unit.height / unit.depth >= TIPPING.ratio
    )
      cautions.push({
        key: `H1:${unit.id}`,
        hazard: 'H1',
        severity: 'danger',
        about: unit.name,
        fact: `${unit.height} mm high, ${unit.depth} mm deep, not anchored, and children come into this room.`,
        helps: 'Anchor it to the wall with the fixing for that wall; keep heavy things low.',
      });
  for (const unit of data.units)
    if (unit.template === 'trunk' && children.length)
      cautions.push({
        key: `H7:${unit.id}`,
        hazard: 'H7',
        severity: 'warn',
        about: unit.name,
        fact: 'Its lid opens upwards and children come into this room.',
        helps: 'A slow-closing support, air holes, and no latch.',
      });
  const spaces = new Map(problem.compartments.map((space) => [space.id, space]));
  for (const bin of problem.bins) {
    const own = data.bins.find((one) => one.id === bin.id)!;
    const category = data.categories.get(own.categoryId)!;
    const { refused } = usersOf(category, problem.people);
    if (refused.length)
      cautions.push({
        key: `use:${category.id}`,
        hazard: category.hazards[0] ?? 'H4',
        severity: 'danger',
        about: category.name,
        fact: `${refused.map((person) => nameOf(person.id)).join(' and ')} should use it, and it should be out of their reach.`,
        helps: 'Decide: an adult hands it out, or it is not for them.',
      });
    const space = spaces.get(own.compartmentId ?? '');
    if (!space) continue;
    for (const broken of brokenRules(bin, space, people, problem.growth))
      if (broken.rule === 'hazard' || broken.rule === 'heavy' || broken.rule === 'load')
        cautions.push({
          key: `${broken.rule}:${own.id}`,
          hazard: broken.rule === 'hazard' ? (category.hazards[0] ?? 'H4') : broken.rule === 'heavy' ? 'H9' : 'H8',
          severity: broken.rule === 'hazard' ? 'danger' : 'warn',
          about: `${own.code} ${own.name}`,
          fact: `${formatRule(broken, nameOf)}.`,
          helps:
            broken.rule === 'hazard'
              ? 'A locked compartment, or one out of their reach.'
              : 'A lower place, or less in it.',
        });
    if (bin.mass > OVERHEAD_MASS && space.floor >= OVERHEAD_HEIGHT)
      cautions.push({
        key: `H1o:${own.id}`,
        hazard: 'H1',
        severity: 'warn',
        about: `${own.code} ${own.name}`,
        fact: `${(bin.mass / 1000).toFixed(1)} kg stands ${space.floor} mm above the floor.`,
        helps: 'Heavy things low, light ones above.',
      });
  }
  const small = new Set(
    data.bins.filter((bin) => data.categories.get(bin.categoryId)?.hazards.includes('H2')).map((bin) => bin.categoryId),
  );
  if (small.size && children.some((child) => child.stature < STATURE_AT_THREE))
    cautions.push({
      key: 'H2:room',
      hazard: 'H2',
      severity: 'danger',
      about: data.room.name,
      fact: `${small.size} ${small.size === 1 ? 'category has' : 'categories have'} small parts, and a child under three comes into this room.`,
      helps: 'Keep out of reach whatever fits a cylinder 31.7 mm across and 57.1 mm deep, and balls under 44 mm.',
    });
  const unique = new Map(cautions.map((caution) => [caution.key, caution]));
  return [...unique.values()].sort((a, b) => a.severity.localeCompare(b.severity) || a.about.localeCompare(b.about));
}
