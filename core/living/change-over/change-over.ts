/** A room with two lives: what closes, rolls away or is covered when it changes over, in minutes, and what is then seen (practice U1). */
import { byId } from '../../ground/model/by-id.ts';
import { shapeOf } from '../../ground/contents/shape.ts';
import type { Bin, ChangeOver, Compartment, ContainerType, Unit } from '../../ground/model/entities.ts';
import { DOOR_SECONDS } from '../../ground/body/effort.ts';

/** Seconds one of them takes (our own judgement; a door as in placement/effort.ts). */
const SECONDS: Record<Exclude<ChangeOver, 'stays'>, number> = {
  closes: DOOR_SECONDS,
  'rolls away': 20,
  folds: 10,
  'is covered': 15,
};
/** A lid that lies beside its bin is put on. */
const LID_ON = 3;

export interface ChangeOverStep {
  unitId: string;
  what: Exclude<ChangeOver, 'stays'> | 'lids on';
  /** Doors, units or lids. */
  count: number;
  /** Seconds there; back takes as long. */
  seconds: number;
  /** Nobody said so: it follows from how it is built. */
  suggested: boolean;
}

export interface ChangedOver {
  steps: ChangeOverStep[];
  /** Seconds, one way. */
  seconds: number;
  /** Fronts of bins that are seen by day and after the change-over, cm². */
  seenByDay: number;
  seenAfter: number;
  /** Units whose bins are still seen. */
  stillSeen: string[];
}

export interface ChangeOverData {
  units: readonly Unit[];
  compartments: readonly Compartment[];
  bins: readonly Bin[];
  types: ReadonlyMap<string, ContainerType>;
}

const MM2_PER_CM2 = 100;

/** As it is built: doors are shut, what rolls rolls away, what folds is folded, the rest stays. */
export function suggestedChange(
  unit: Pick<Unit, 'wheels' | 'folds'>,
  spaces: readonly Pick<Compartment, 'door'>[],
): ChangeOver {
  if (unit.folds) return 'folds';
  if (spaces.some(({ door }) => door)) return 'closes';
  return unit.wheels ? 'rolls away' : 'stays';
}

export function changeOverOf({ units, compartments, bins, types }: ChangeOverData): ChangedOver {
  const steps: ChangeOverStep[] = [];
  const stillSeen: string[] = [];
  let [seenByDay, seenAfter] = [0, 0];
  for (const unit of units) {
    const spaces = compartments.filter(({ unitId }) => unitId === unit.id);
    const inside = byId(spaces);
    const what = unit.changeOver ?? suggestedChange(unit, spaces);
    const suggested = unit.changeOver === null;
    const own = bins.filter(({ compartmentId }) => inside.has(compartmentId ?? ''));
    // By day doors stand open; drawers and what is taken from above hide what is in them.
    const open = own.filter(({ compartmentId }) => {
      const space = inside.get(compartmentId!)!;
      return !space.drawer && space.access === 'front';
    });
    const areaOf = (bin: Bin): number => {
      const shape = shapeOf(bin, types);
      return shape ? (shape.outWidth * shape.outHeight) / MM2_PER_CM2 : 0;
    };
    const area = open.reduce((sum, bin) => sum + areaOf(bin), 0);
    const hidden = (bin: Bin): boolean =>
      what === 'rolls away' ||
      what === 'folds' ||
      what === 'is covered' ||
      (what === 'closes' && inside.get(bin.compartmentId!)!.door);
    const left = open.filter((bin) => !hidden(bin));
    const after = left.reduce((sum, bin) => sum + areaOf(bin), 0);
    seenByDay += area;
    seenAfter += after;
    if (after > 0) stillSeen.push(unit.id);
    const doors = spaces.filter(({ door }) => door).length;
    if (what !== 'stays' && (what !== 'closes' || doors)) {
      const count = what === 'closes' ? doors : 1;
      steps.push({ unitId: unit.id, what, count, seconds: count * SECONDS[what], suggested });
    }
    const lids = left.filter((bin) => shapeOf(bin, types)?.lid).length;
    if (lids) steps.push({ unitId: unit.id, what: 'lids on', count: lids, seconds: lids * LID_ON, suggested: true });
  }
  return {
    steps,
    seconds: steps.reduce((sum, { seconds }) => sum + seconds, 0),
    seenByDay: Math.round(seenByDay),
    seenAfter: Math.round(seenAfter),
    stillSeen,
  };
}
