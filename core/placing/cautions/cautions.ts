/**
 * The usual cautions over a room's data (docs/practice.md, Hazards: H1 to H15). Stube warns and explains; it never
 * certifies. Each caution names the facts that raised it and what usually helps.
 */
import { placePeople, usersOf } from '../placement/place-problem-of.ts';
import { comesInto } from '../../ground/body/who-comes.ts';
import { isYoung } from '../../ground/hazards/kept-from-children.ts';
import type { RoomData } from '../placement/room-data.ts';
import { ageInMonths, CRAWLS } from '../../ground/hazards/ages.ts';
import type { Caution, Child } from './caution.ts';
import { allergenCautions } from './allergen.ts';
import { fixtureCautions } from './clearance.ts';
import { topCautions } from './climbing.ts';
import { cotCautions } from './cot.ts';
import { foodContainerCautions } from './food-container.ts';
import { chestCautions, lidCautions } from './lid.ts';
import { liftCautions } from './lifting.ts';
import { loadCautions, unitLoadCautions } from './loads.ts';
import { neighbourCautions } from './neighbours.ts';
import { benchCautions, houseCautions, reachCautions } from './out-of-reach.ts';
import { petCautions } from './pets.ts';
import { parkedHere, storedIn, type Stored } from './stored.ts';
import { privacyCautions } from './private-papers.ts';
import { defectCautions, reuseCautions } from './reused-furniture.ts';
import { drawerCautions, tippingCautions } from './tipping.ts';

/** A child who should use what must be out of its reach: for the person to resolve. */
function contradictions(data: RoomData, all: readonly Stored[]): Caution[] {
  const people = placePeople(data);
  const young = isYoung(comesInto(data.room, data.people), data.today);
  const nameOf = (id: string) => data.people.find((person) => person.id === id)?.name ?? id;
  return all.flatMap(({ category, hazards }): Caution[] => {
    const { refused } = usersOf({ ...category, hazards: [...hazards] }, people, young);
    if (!refused.length) return [];
    return [
      {
        key: `use:${category.id}`,
        hazard: [...hazards][0] ?? 'H4',
        severity: 'danger',
        about: category.name,
        fact: `${refused.map((person) => nameOf(person.id)).join(' and ')} should use it, and it should be out of their reach.`,
        helps: 'Decide: an adult hands it out, or it is not for them.',
      },
    ];
  });
}

/**
 * The cautions of one room as it stands on its day.
 * @example cautionsOf(roomDataOf(data, room.id, '2026-11-26')!).filter((caution) => caution.severity === 'danger')
 */
export function cautionsOf(data: RoomData): Caution[] {
  const ofHouse = data.people
    .filter((person) => person.kind === 'child')
    .map((child): Child => ({ ...child, months: ageInMonths(child, data.today) }));
  const coming = new Set(comesInto(data.room, data.people).map(({ id }) => id));
  const children = ofHouse.filter(({ id }) => coming.has(id));
  /** Who gets to things by itself. */
  const moving = children.filter(({ months }) => months >= CRAWLS);
  const stored = storedIn(data);
  /** What is parked here stands here too; what it is in itself is told in its own room. */
  const here = [...stored, ...parkedHere(data)];
  const cautions = [
    ...tippingCautions(data, here, moving),
    ...lidCautions(data, moving),
    ...topCautions(here, moving),
    ...loadCautions(data, here),
    ...unitLoadCautions(data, here),
    ...drawerCautions(here, moving),
    ...reuseCautions(data, children),
    ...defectCautions(data, children),
    ...fixtureCautions(data),
    ...liftCautions(data, here),
    ...cotCautions(data, here, children),
    ...here.flatMap((each) => [...reachCautions(each, moving), ...petCautions(data, each)]),
    ...stored.flatMap((each) => [
      ...benchCautions(each, moving),
      ...chestCautions(each, moving),
      ...(children.length ? [] : houseCautions(each, ofHouse)),
      ...foodContainerCautions(each),
      ...privacyCautions(each),
      ...allergenCautions(each, children),
    ]),
    ...neighbourCautions(here),
    ...contradictions(data, stored),
  ];
  const unique = new Map(cautions.map((caution) => [caution.key, caution]));
  return [...unique.values()].sort((a, b) => a.severity.localeCompare(b.severity) || a.about.localeCompare(b.about));
}
