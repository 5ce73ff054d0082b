/** What holds up the things of a wall (practice M5): screws and plugs by spacing and by load, hooks and pegs by place. */
import { TIPPING } from '../../ground/hazards/tipping.ts';
import { TEMPLATES } from '../measuring/templates.ts';
import type { Compartment, Room, Unit } from '../../ground/model/entities.ts';
import type { Fixing } from './cut-list.ts';

/**
 * Grams that one screw with its plug is reckoned for; a small part of what plugs are sold for, as nobody knows the wall.
 * Our own judgement: the maker's leaflet and a licensed craftsman hold.
 */
export const ONE_SCREW_BEARS: Readonly<Record<NonNullable<Room['wallKind']> | 'unknown', number>> = {
  masonry: 10_000,
  timber: 10_000,
  plasterboard: 4_000,
  unknown: 4_000,
};
/** Apart at most, mm. */
const APART = 400;
const LEAST = 2;
/** Brackets against tipping over, for a unit that stands. */
const TIP_BRACKETS = 2;

type Fixed = Pick<
  Unit,
  'id' | 'name' | 'template' | 'width' | 'height' | 'depth' | 'raised' | 'columns' | 'rows' | 'anchored' | 'wheels'
>;

const HANGS: readonly Unit['template'][] = ['rails', 'hooks', 'pegs', 'rods', 'pockets'];

/** Whether it hangs on a wall or a door and everything in it with it. */
export const hangsOnWall = (unit: Pick<Unit, 'template' | 'raised'>): boolean =>
  HANGS.includes(unit.template) || (unit.raised >= 600 && unit.template !== 'top');

/** Stands so high and narrow that it wants an anchor, and has none yet. */
const mayTip = ({ template, anchored, wheels, height, raised, depth }: Fixed): boolean =>
  TEMPLATES[template].stands === 'furniture' &&
  !anchored &&
  !wheels &&
  height + raised >= TIPPING.height &&
  height / depth >= TIPPING.ratio;

/** @returns for every unit that hangs, or could tip and is not anchored yet, each kind of fixing with its count and why */
export function wallFixingsOf(
  units: readonly Fixed[],
  compartments: readonly Pick<Compartment, 'unitId' | 'maxLoad'>[],
  { wallKind, mayDrill }: Pick<Room, 'wallKind' | 'mayDrill'>,
): { unit: Fixed; fixings: Fixing[]; caution: string | null }[] {
  const bears = ONE_SCREW_BEARS[wallKind ?? 'unknown'];
  const wall = wallKind ?? 'a wall that nobody told the kind of';
  return units.flatMap((unit) => {
    const hangs = hangsOnWall(unit);
    if (!hangs && !mayTip(unit)) return [];
    const fixings: Fixing[] = [];
    if (hangs && unit.template !== 'pockets') {
      const load = compartments
        .filter(({ unitId }) => unitId === unit.id)
        .reduce((sum, { maxLoad }) => sum + maxLoad, 0);
      const byLoad = Math.ceil(load / bears);
      const bySpacing =
        (Math.ceil(unit.width / APART) + 1) * (unit.template === 'rods' || unit.template === 'rails' ? unit.rows : 1);
      const screws = Math.max(LEAST, byLoad, bySpacing);
      fixings.push({
        what: 'screws with their plugs',
        count: screws,
        why:
          byLoad > bySpacing
            ? `${load / 1000} kg on ${wall}, ${bears / 1000} kg a screw`
            : `at least every ${APART} mm, and enough for ${load / 1000} kg on ${wall}`,
      });
    } else if (unit.template === 'pockets')
      fixings.push({ what: 'hooks over the door', count: unit.width > 600 ? 3 : 2, why: 'nothing is drilled' });
    else
      fixings.push({
        what: 'brackets against tipping over',
        count: TIP_BRACKETS,
        why: 'one near each upper corner, into the wall',
      });
    if (unit.template === 'pegs')
      fixings.push({ what: 'pegs', count: unit.columns * unit.rows, why: 'one a place; long things take two' });
    if (unit.template === 'hooks') fixings.push({ what: 'hooks', count: unit.columns * unit.rows, why: 'one a place' });
    if (unit.template === 'rods')
      fixings.push({ what: 'rod brackets', count: 2 * unit.rows, why: 'one at each end of a rod' });
    const caution =
      mayDrill === false && unit.template !== 'pockets'
        ? `The walls of this room may not be drilled: ${unit.name} needs the owner’s word, or furniture that stands by itself.`
        : null;
    return [{ unit, fixings, caution }];
  });
}
