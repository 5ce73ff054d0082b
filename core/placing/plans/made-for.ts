/**
 * What a place is for, in seconds a week by which another place is dearer (practices F1 to F5, P2, P4). Effort alone would
 * keep everything on the nearest table. All figures are our own judgement, in the measure of the week's effort: a minute is
 * what somebody would walk to have a thing where it belongs.
 */
import type { Category, Compartment, PackingKind, Unit } from '../../ground/model/entities.ts';
import { kindOf } from '../../ground/starter/library.ts';
import { isHeightGuessed, isLoadGuessed } from '../../measuring/measuring/guesses.ts';
import { TEMPLATES } from '../../measuring/measuring/templates.ts';
import { isForFiles, isHungUp } from '../../containing/containers/hanging.ts';
import type { DepthBin } from '../placement/depth/problem.ts';

const DEARER = {
  /** For each use a week beside: what a place at hand spares is no reason to bury a table. */
  eachUse: 8,
  /** A top where people work or change a child: what is not at home there is in the way. */
  workTop: 60,
  anyTop: 25,
  /** Appliances and lamps elsewhere than on a top, where there is one. */
  notOnTop: 20,
  /** Where the legs go. */
  underTable: 20,
  /** Sheets in anything but a shallow drawer, where there are such. */
  sheetElsewhere: 40,
  /** What is no sheet in a drawer made for sheets, unless it is as shallow as they are. */
  inSheetDrawer: 12,
  /** Files in anything but file drawers, where there are such; anything else in these. */
  filesElsewhere: 120,
  inFileDrawer: 20,
  /** Clothes that hang, where there are hooks and they lie elsewhere. */
  notHung: 40,
  /** Heavy above an adult's elbow, while there is room below. */
  heavyHigh: 45,
  /** The first-aid box behind a lock, and where an adult has to bend for it. */
  aidHidden: 30,
  aidLow: 60,
  /** Small things anywhere but in a drawer, where there are drawers. */
  smallElsewhere: 25,
  /** Trays for drawers that stand elsewhere. */
  trayElsewhere: 15,
  /** Rolls that lie, where there is a place in which they could stand. */
  rollLies: 45,
  /** In a locked place what need not be locked. */
  lockedForNothing: 10,
  /** Nappies and wipes further than an arm and a step from where a child is changed, who must not be left alone. */
  notAtChanging: 40,
  /** What is not light, open over a child that is changed. */
  overChild: 60,
  /** What is wanted a few times a year in a drawer, which is for every week; it may go on top of what is tall. */
  seldomInDrawer: 15,
  /** By as many times as it is heavier than such a place usually bears, or higher than what usually stands there. */
  overGuess: 20,
  /** Toys of daily use behind doors. */
  playBehindDoors: 4,
};
/** Heavy things stand below that, mm; from so many grams on. */
export const HIGH = { floor: 1200, mass: 5000 };
/** Times a week below which a thing is seldom wanted; so high a top is out of the way, mm. */
const SELDOM = 0.5;
const TALL = 1500;
/** A drawer no higher than that, and at least so wide and deep, is made for sheets, mm. */
const SHEET_DRAWER = { height: 130, side: 400 };
/** Sheets whose longer side is that or more want such a drawer: A3 and larger, mm. */
const SHEET = 400;
/** Nothing lower than that is seen at a glance by an adult, mm. */
const AID_LOW = 900;

export interface Place {
  unit: Pick<Unit, 'template' | 'locked' | 'onView' | 'doubles' | 'maxLoad' | 'height'>;
  /** It hangs over a place where children are changed. */
  overChanging: boolean;
  space: Pick<
    Compartment,
    'id' | 'floor' | 'width' | 'depth' | 'height' | 'drawer' | 'door' | 'hangs' | 'name' | 'maxLoad' | 'measured'
  >;
}
export interface Kept {
  category: Pick<Category, 'starter' | 'zoneKind' | 'perWeek' | 'hazards'>;
  lies: PackingKind;
  /** The longest side of its pieces, mm; 0 where nobody knows. */
  longest: number;
  bin: Pick<DepthBin, 'mass' | 'hazard' | 'height' | 'canHang'>;
  /** Litres of all of the category. */
  litres: number;
  /** It stands as it is, so many in one; 1 in a container. */
  bare: boolean;
  pieces: number;
  /** Has to be locked wherever a lock is free. */
  locked: boolean;
}

const isSheetDrawer = ({ space }: Place): boolean =>
  space.drawer &&
  space.height <= SHEET_DRAWER.height &&
  Math.min(space.width, space.depth) >= SHEET_DRAWER.side &&
  space.width >= SHEET;
const isTop = ({ unit, space }: Place): boolean =>
  unit.template === 'top' || (!!TEMPLATES[unit.template].worktop && space.floor > 0 && !space.drawer);

/** What a room has, so that nothing is missed that is not there. */
export interface Offers {
  sheetDrawers: boolean;
  fileDrawers: boolean;
  hooks: boolean;
  /** Tops of any kind. */
  tops: boolean;
  /** Drawers that are no file drawers. */
  drawers: boolean;
  /** The highest place, mm. */
  tallest: number;
}
export const offersOf = (places: readonly Place[]): Offers => ({
  sheetDrawers: places.some(isSheetDrawer),
  fileDrawers: places.some(({ unit, space }) => unit.template === 'files' && space.drawer),
  hooks: places.some(({ space }) => space.hangs),
  tops: places.some(isTop),
  drawers: places.some(({ unit, space }) => space.drawer && unit.template !== 'files' && !unit.locked),
  tallest: Math.max(0, ...places.map(({ space }) => space.height)),
});

/** What does no harm when it falls, grams. */
const LIGHT = 1500;
/** So high and so near, mm and m of walking, an open shelf is over the child. */
export const OVER = { floor: 1200, metres: 0.8 };
/** Used so often a week, a changing thing is wanted at hand; so far is at hand, m of walking from the middle of the place. */
const AT_HAND = 5;
const ARM = 1;

/** Seconds a week by which a place is dearer than its effort says. @param metres from where it is used */
export function dearerAt(kept: Kept, place: Place, offers: Offers, metres: number): number {
  const { category, lies, bin, bare } = kept;
  const { unit, space } = place;
  const key = category.starter?.split('/')[0] ?? '';
  let dearer = 0;
  const often = DEARER.eachUse * category.perWeek;
  const seldom = category.perWeek < SELDOM && !bin.hazard;
  if (seldom && space.drawer) dearer += DEARER.seldomInDrawer;
  if (isTop(place) && !standsOnTops(kept, place) && !(seldom && space.floor >= TALL))
    dearer += often + (TEMPLATES[unit.template].worktop ? DEARER.workTop : DEARER.anyTop);
  if (offers.tops && isAppliance(kept) && !isTop(place)) dearer += often + DEARER.notOnTop;
  if (unit.template === 'table' && space.floor === 0) dearer += DEARER.underTable;
  if (lies === 'flat' && kept.longest >= SHEET && offers.sheetDrawers && !isSheetDrawer(place))
    dearer += DEARER.sheetElsewhere;
  if (isSheetDrawer(place) && lies !== 'flat' && bin.height > SHEET_DRAWER.height / 2) dearer += DEARER.inSheetDrawer;
  const isFiles = isForFiles(category.starter);
  if (offers.fileDrawers && isFiles !== (unit.template === 'files' && space.drawer)) {
    if (isFiles) dearer += DEARER.filesElsewhere;
    else if (unit.template === 'files' && lies !== 'neat' && lies !== 'flat') dearer += DEARER.inFileDrawer;
  }
  if (offers.hooks && isHungUp(category.starter) && !space.hangs) dearer += DEARER.notHung;
  // Of a row one is taken at a time.
  const mass = bin.mass / kept.pieces;
  if (mass > HIGH.mass && space.floor >= HIGH.floor) dearer += DEARER.heavyHigh * (mass / HIGH.mass);
  if (category.zoneKind === 'changing' && category.perWeek >= AT_HAND && metres > ARM)
    dearer += often + DEARER.notAtChanging;
  if (isLoadGuessed(unit, space) && bin.mass > space.maxLoad) dearer += DEARER.overGuess * (bin.mass / space.maxLoad);
  if (isHeightGuessed(unit, space) && bin.height > space.height)
    dearer += DEARER.overGuess * (bin.height / space.height);
  if (place.overChanging && bin.mass > LIGHT) dearer += DEARER.overChild;
  if (key === 'first-aid-supplies') {
    if (unit.locked || space.drawer) dearer += DEARER.aidHidden;
    if (space.floor < AID_LOW) dearer += DEARER.aidLow;
  }
  if (offers.drawers && isSmall(kept) && !space.drawer && !bin.hazard) dearer += often + DEARER.smallElsewhere;
  if (!bare && !space.drawer && bin.height <= TRAY) dearer += DEARER.trayElsewhere;
  if (unit.locked && !kept.locked && !bin.hazard) dearer += DEARER.lockedForNothing;
  if (space.door && !bin.hazard && category.perWeek >= 3 && !bare) dearer += DEARER.playBehindDoors;
  return dearer;
}

/** No container for a shelf is as low as that, mm. */
const TRAY = 60;
/** No longer than a hand, mm, and no more than so many litres: what gets lost on a shelf. */
const SMALL = { longest: 220, litres: 1 };
const isSmall = ({ lies, longest, litres }: Kept): boolean =>
  litres <= SMALL.litres && (lies === 'small' || (longest > 0 && longest <= SMALL.longest && lies !== 'flat'));

/** What speaks against one way of keeping something, wherever it stands, seconds a week. */
export function unhandyOf(
  category: Pick<Category, 'starter'>,
  shape: { bare: boolean; usual: boolean; bins: number; lies: PackingKind; longest: number; height: number },
  offers: Offers,
): number {
  let seconds = SEVERAL * (shape.bins - 1);
  if (isForFiles(category.starter) && offers.fileDrawers && !shape.bare) seconds += DEARER.filesElsewhere;
  if (offers.hooks && isHungUp(category.starter) && !shape.bare) seconds += DEARER.notHung;
  if (shape.bare && !shape.usual) seconds += NOT_USUAL * shape.bins;
  if (
    shape.bare &&
    shape.lies === 'long' &&
    shape.longest >= ROLL &&
    shape.longest < offers.tallest &&
    shape.height < shape.longest
  )
    seconds += DEARER.rollLies;
  return seconds;
}
/** Each bin more of one category to look into, seconds a week. */
const SEVERAL = 2.5;
/** Loose though people put it into something, for each heap. */
const NOT_USUAL = 12;
/** Long things from that length on are better off standing, mm. */
const ROLL = 500;

const isAppliance = ({ category, bare, longest }: Kept): boolean =>
  bare && kindOf(category.starter)?.stands === 'single' && longest >= APPLIANCE;
/** A thing that stands by itself on a table is at least so large, mm. */
const APPLIANCE = 250;

/** Appliances and lamps stand on tops, and on a changing top what is needed there. */
function standsOnTops(kept: Kept, { unit }: Place): boolean {
  const { category, bin } = kept;
  if (isAppliance(kept)) return unit.template === 'top' || bin.mass > 2000;
  return category.zoneKind === 'changing' && unit.template === 'top' && category.perWeek >= 10;
}
