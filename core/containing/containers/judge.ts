/** What speaks for and against one kind of container for what a category asks for (practices C1 to C8). */
import type { Bin, Category, Compartment, ContainerType, Room, Site } from '../../ground/model/entities.ts';
import { KEPT_LOCKED } from '../../ground/hazards/kept-from-children.ts';
import { formatVolume } from '../../ground/notation/in-units.ts';
import { HEAVY_MASS } from '../../ground/problems/place-problem.ts';
import type { Demand } from '../../ground/contents/demand.ts';
import { pieceFits } from './fits-piece.ts';
import { IN_A_FILE, takesFiles } from './hanging.ts';
import { binsNeeded, insideLitres, usableLitres } from '../../ground/contents/litres.ts';
import type { BinShape } from '../../ground/contents/shape.ts';
import { placesFor } from './spaces.ts';

export interface ContainerOption {
  type: BinShape;
  count: number;
  /** How full each will be, as a share of its inside. */
  full: number;
  fromStock: number;
  toBuy: number;
  /** Grams of one filled bin. */
  mass: number;
  /** Minor units of money plus what nuisance is worth; only for comparing. */
  score: number;
  reasons: string[];
  /** Compartments of the room that one of them fits. */
  places: number;
}

export interface ContainContext {
  site: Pick<Site, 'growth' | 'fillLimit' | 'measures'>;
  types: readonly ContainerType[];
  /** Of the room; empty when it is not measured yet, then size against place is not judged. */
  compartments: readonly Compartment[];
  /** Containers of each type already taken elsewhere. */
  taken: ReadonlyMap<string, number>;
  /** Bins of the room that stay as they are, as nothing is chosen for them. */
  kept?: readonly Pick<Bin, 'containerTypeId'>[];
  /** Bins that the room has already, by category: they stay as they are while they take what is in them. */
  standing?: ReadonlyMap<string, Standing> | undefined;
  /** What the room prefers (practice C2); what a category asks for comes before it. */
  school?: Pick<Room, 'view' | 'lids'> | undefined;
  /** Which of two options comes first whatever their scores; 0 leaves it to these. */
  prefer?: (a: ContainerOption, b: ContainerOption) => number;
}

/** Bins of one category in one kind of container; null without one. */
export interface Standing {
  containerTypeId: string | null;
  count: number;
}

/** What a nuisance is worth in minor units of money when containers are compared; our own judgement, tried on the demo. */
const NUISANCE = {
  eachBin: 120,
  roomy: 500,
  nearlyEmpty: 6000,
  lidDaily: 600,
  notSeen: 700,
  noLid: 2500,
  noLock: 800,
  tooLargeForPlace: 20000,
  roundInCorner: 60,
  notForSale: 700,
  stiffForSoft: 450,
  tooDeepForFlat: 500,
  deepForSmall: 250,
  deepAndNarrow: 600,
  fewOfMany: 900,
  schoolLid: 900,
  didNotFit: 9000,
  noRails: 6000,
  narrowForSoft: 1500,
};

/** Containers of one kind that a category of a room is proposed at most: more is a slip in an amount, not a plan. */
export const MAX_BINS = 200;
/** Below this share a smaller container would do (practice C8). */
export const NEARLY_EMPTY = 0.2;
/** Grams of rigid things in one bin from which on a soft bag is no good. */
const BAG_BEARS = 3000;
/** Higher than this times its width, a stiff container is an upright one: plush does not come out of it. */
const UPRIGHT = 1.4;

/** How many of it are needed so that none is fuller than the limit nor heavier than one person carries; null for none at all. */
function countOf(demand: Demand, type: ContainerType, { growth, fillLimit }: ContainContext['site']): number | null {
  const byRoom = binsNeeded(demand.litres, growth, usableLitres(type, fillLimit));
  const bears = HEAVY_MASS - type.mass;
  if (bears <= 0) return null;
  return Math.max(byRoom, Math.ceil(demand.mass / bears - 1e-9));
}

/** Kinds of container that are wrong whatever they cost. */
function unfit(demand: Demand, type: ContainerType, each: number): boolean {
  const soft = demand.lies === 'soft';
  if (soft && !type.soft && type.inHeight > UPRIGHT * Math.max(type.inWidth, type.inDepth)) return true;
  // A point or a blade comes through cloth.
  if (type.soft && demand.category.hazards.includes('H4')) return true;
  // Books and folders do not stand in a bucket.
  if (demand.lies === 'neat' && type.form === 'round' && (demand.piece?.[0] ?? 0) > NO_BUCKET) return true;
  // Sheets would roll up in a round one and bend in a bag.
  if (demand.lies === 'flat') return type.form === 'round' || (type.soft && type.inHeight > 60);
  // Beads in a drawing folder come out at its edges.
  if (isFolder(type)) return true;
  return type.soft && !soft && each > BAG_BEARS;
}
/** As many times as wide and deep as it is high, it is a folder, for what lies flat (our own judgement). */
const FOLDER = 10;
const isFolder = ({ inWidth, inDepth, inHeight }: ContainerType): boolean =>
  Math.min(inWidth, inDepth) > FOLDER * inHeight;

/** Upright things that fill less than this share of a container's length fall over (practice C8). */
const FALLS = 0.5;
/** How long a row of a category's things is when they stand upright, mm. */
const upright = ({ lines }: Demand): number =>
  lines.reduce((sum, { line, piece }) => sum + (piece && line.measure === 'pieces' ? line.amount * piece[2] : 0), 0);

/** Whether a container that can be locked is better for it. */
export const wantsLock = ({ hazards }: Pick<Category, 'hazards'>): boolean =>
  hazards.some((hazard) => KEPT_LOCKED.includes(hazard));

/** Whether all of it hangs over hangers of files. */
export const inFiles = ({ lines }: Demand): boolean =>
  lines.length > 0 && lines.every(({ line }) => line.note.includes(IN_A_FILE));

/** Longest side from which on what lies neatly wants straight walls, mm. */
const NO_BUCKET = 90;

/** @param free how many of it are owned and not given out yet */
export function judge(
  demand: Demand,
  type: ContainerType,
  free: number,
  context: ContainContext,
): ContainerOption | null {
  const { category, lies } = demand;
  if (demand.pieces.some(({ piece, lies: how }) => !pieceFits(piece, type, how))) return null;
  const { growth, fillLimit } = context.site;
  const count = countOf(demand, type, context.site);
  if (count === null || count > MAX_BINS) return null;
  const share = demand.litres / count;
  if (unfit(demand, type, demand.mass / count)) return null;
  // One compartment of a sorting case is a place of its own.
  const perPlace = insideLitres(type) / type.compartments;
  const places = Math.max(1, Math.ceil((share * (1 + growth)) / (perPlace * fillLimit) - 1e-9));
  const full = share / insideLitres(type);
  const fullness = type.compartments > 1 ? share / (Math.min(places, type.compartments) * perPlace) : full;
  const mass = Math.round(type.mass + demand.mass / count);
  const inRoom = placesFor(type, mass, context.compartments);
  const fromStock = Math.min(count, Math.max(0, free));
  const toBuy = count - fromStock;
  const price = toBuy ? Math.ceil(toBuy / type.pack) * type.price : 0;
  const reasons: string[] = [];
  let score = price + count * NUISANCE.eachBin;
  const against = (worth: number, reason?: string): void => {
    score += worth;
    if (reason) reasons.push(reason);
  };

  reasons.push(
    `${count === 1 ? 'one takes' : `${count} take`} ${formatVolume(demand.litres)} with ${Math.round(growth * 100)} % to grow`,
  );
  if (count > binsNeeded(demand.litres, growth, usableLitres(type, fillLimit)))
    reasons.push(`so many that each weighs no more than ${HEAVY_MASS / 1000} kg`);
  if (fromStock === count) reasons.push(count === 1 ? 'you own one' : `you own all ${count}`);
  else if (fromStock) reasons.push(`you own ${fromStock}, ${toBuy} to buy`);
  if (toBuy && !type.price)
    against(NUISANCE.notForSale * toBuy, `${toBuy} more would have to be found, as these are not bought`);
  if (demand.piece && demand.piece[0] > 250) reasons.push(`takes the longest piece, ${Math.round(demand.piece[0])} mm`);
  if (category.lid && type.lid) reasons.push('its lid keeps spills and small parts in');
  if (category.lid && !type.lid) against(NUISANCE.noLid, 'has no lid, though these should have one');
  if (type.lid && !category.lid && category.perWeek >= 4)
    against(NUISANCE.lidDaily, 'a lid is in the way of daily use');
  if (!type.lid && !category.lid && category.perWeek >= 4) reasons.push('open, for one hand and daily use');
  const view = category.view ?? context.school?.view ?? null;
  if (view === 'show') {
    if (type.seeThrough) reasons.push('see-through, so it is remembered');
    else if (type.lid) against(NUISANCE.notSeen);
  }
  if (view === 'hide' && type.seeThrough) against(NUISANCE.notSeen);
  if (context.school?.lids === 'lids' && !category.lid && !type.lid) against(NUISANCE.schoolLid);
  if (context.school?.lids === 'open' && !category.lid && type.lid)
    against(NUISANCE.schoolLid, 'the room keeps lids off where nothing asks for one');
  if (inFiles(demand)) {
    if (takesFiles(type)) reasons.push('has the rails that its hangers hang on');
    else against(NUISANCE.noRails, 'has no rails for hanging files');
  }
  if (type.tried === 'does not') against(NUISANCE.didNotFit, 'tried here, and it did not fit');
  else if (type.tried === 'fits' && toBuy) reasons.push('tried in its place: it fits');
  if (wantsLock(category)) {
    if (type.lockable) reasons.push('it can be locked');
    else against(NUISANCE.noLock);
  }
  if (lies === 'soft' && !type.soft && type.material !== 'basket') against(NUISANCE.stiffForSoft);
  if (lies === 'soft' && type.soft) reasons.push('soft, for soft things');
  if (lies === 'flat' && type.inHeight > 100 && type.inHeight > 2 * Math.min(type.inWidth, type.inDepth))
    against(NUISANCE.tooDeepForFlat);
  if (lies === 'small' && type.compartments > 1 && demand.lines.length > 1) {
    against(-NUISANCE.deepForSmall, `a compartment for each of ${demand.lines.length} kinds`);
  } else if (type.compartments > 1 && places < type.compartments / 4)
    against(NUISANCE.fewOfMany, `${places} of its ${type.compartments} compartments`);
  else if (lies === 'small' && (type.inHeight > 150 || type.soft)) against(NUISANCE.deepForSmall);
  if (
    ['rigid', 'small', 'nesting'].includes(lies) &&
    type.inHeight > 1.5 * Math.min(type.inWidth, type.inDepth) &&
    type.form !== 'round'
  )
    against(NUISANCE.deepAndNarrow, 'deep and narrow for what is rummaged in');
  if (lies === 'neat' && count === 1 && upright(demand) < FALLS * Math.max(type.inWidth, type.inDepth))
    against(NUISANCE.roomy * 0.4, 'so few would fall over in it: a divider or a bookend keeps them upright');
  // Papers stand in it; what is soft is stuffed in and falls out.
  if (lies === 'soft' && type.inHeight > 2 * Math.min(type.inWidth, type.inDepth)) against(NUISANCE.narrowForSoft);
  if (type.turntable) against(NUISANCE.roomy * 0.4);
  if (type.liftOut && lies === 'small') reasons.push('its tray is carried to the table');
  if (fullness < NEARLY_EMPTY) against(NUISANCE.nearlyEmpty * (1 - fullness), 'would stand nearly empty');
  else if (fullness < fillLimit * 0.4) against(NUISANCE.roomy * (1 - fullness / fillLimit), 'would stand rather empty');
  if (type.form === 'round') score += NUISANCE.roundInCorner * count;
  if (context.compartments.length && inRoom === 0) against(NUISANCE.tooLargeForPlace);
  return { type, count, full, fromStock, toBuy, mass, score, reasons, places: inRoom };
}
