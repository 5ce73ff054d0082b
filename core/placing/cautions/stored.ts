/** What stands where in a room, with all that is known of its dangers: the facts that the rules go by. */
import { climbingReach, gripHundredths } from '../../ground/body/effort.ts';
import { binMass } from '../placement/place-problem-of.ts';
import type { RoomData } from '../placement/room-data.ts';
import { byId } from '../../ground/model/by-id.ts';
import type { Bin, Category, Compartment, HazardId, Person, Unit } from '../../ground/model/entities.ts';
import type { Caution } from './caution.ts';
import { contentsOf, type Contents } from '../../ground/contents/contents.ts';
import { shapeOf, type BinShape } from '../../ground/contents/shape.ts';
import { hazardsOf, wordsOf } from '../../ground/hazards/hazards-of.ts';

export interface Stored {
  bin: Bin;
  category: Category;
  type: BinShape;
  /** Its names and those of what is in it. */
  words: string;
  /** Of the category, of the words, and of the sizes of what is in it. */
  hazards: ReadonlySet<HazardId>;
  /** Grams. */
  mass: number;
  /** Null where it has no place. */
  at: { compartment: Compartment; unit: Unit } | null;
}

/** What is known of one that stands there, or on the bench. */
function storedOf(
  { categories, people }: RoomData,
  bin: Bin,
  type: BinShape | undefined,
  contents: Contents,
  at: Stored['at'],
): Stored[] {
  const category = categories.get(bin.categoryId);
  if (!category || !type) return [];
  const words = wordsOf(category, bin.name, contents.lines);
  const hazards = hazardsOf(category, bin.name, contents, people);
  return [{ bin, category, type, words, hazards, mass: binMass(contents, type), at }];
}

export function storedIn(data: RoomData): Stored[] {
  const units = byId(data.units);
  const spaces = byId(data.compartments);
  const contents = contentsOf(data);
  return data.bins.flatMap((bin) => {
    const compartment = spaces.get(bin.compartmentId ?? '');
    const unit = compartment && units.get(compartment.unitId);
    const at = compartment && unit ? { compartment: standingOn(compartment, bin), unit } : null;
    return storedOf(data, bin, shapeOf(bin, data.types), contents.get(bin.id)!, at);
  });
}

/** Its cautions where it is parked have a key of their own: whoever answers for it in one room does not do so in the other. */
export const parkedId = ({ id }: Pick<Bin, 'id'>): string => `${id}.parked`;
/** What of other rooms is parked in this one. */
export function parkedHere(data: RoomData): Stored[] {
  return (data.parked ?? []).flatMap(({ bin, shape, contents }) => {
    const compartment = data.compartments.find(({ id }) => id === bin.parkId);
    const unit = compartment && data.units.find(({ id }) => id === compartment.unitId);
    if (!unit) return [];
    return storedOf(data, bin, shape, contents, { compartment, unit }).map((stored) => ({
      ...stored,
      bin: { ...bin, id: parkedId(bin), name: `${bin.name} (parked)` },
    }));
  });
}

/** The compartment with its bottom where this bin stands: on others it is higher. */
const standingOn = (compartment: Compartment, { z }: Pick<Bin, 'z'>): Compartment =>
  z && !compartment.drawer ? { ...compartment, floor: compartment.floor + z } : compartment;

/** Height of the hand that takes it, in hundredths of a millimetre. */
const gripOf = ({ type, at }: Stored): number => gripHundredths(type.outHeight, at!.compartment);

/** Whether a child gets at it: not locked, and no higher than it reaches with something to stand on. */
export const isReachedBy = (stored: Stored, child: Pick<Person, 'stature'>): boolean =>
  stored.at !== null && !stored.at.unit.locked && gripOf(stored) <= climbingReach(child.stature);

export const nameOf = ({ bin }: Stored): string => `${bin.code} ${bin.name}`;
export const placeOf = ({ at }: Stored): string => (at ? `${at.unit.name}, ${at.compartment.name}` : 'the bench');

/** A caution about one bin. @param part tells cautions of one hazard about it apart */
export const binCaution = (
  stored: Stored,
  hazard: HazardId | 'H1' | 'H7' | 'H9' | 'H11' | 'H13' | 'P3',
  part: string,
  severity: Caution['severity'],
  fact: string,
  helps: string,
): Caution => ({ key: `${hazard}${part}:${stored.bin.id}`, hazard, severity, about: nameOf(stored), fact, helps });

/** Where it stands, and how high. @param stored one that has a place */
export const heightOf = (stored: Stored): string =>
  `${placeOf(stored)}, ${stored.at!.compartment.floor} mm above the floor`;
