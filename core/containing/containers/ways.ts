/** The ways in which what a category asks for could be kept: each kind of container that takes it, and as it stands (docs/engines.md, Whole plans). */
import { bareBins, usuallyStands, type BareBin } from './bare.ts';
import { binsFor, type BinWanted } from './bins-for.ts';
import type { Demand } from '../../ground/contents/demand.ts';
import { bareOption, type ContainChoice, type ContainContext, type ContainerOption } from './choose.ts';
import { isHungUp } from './hanging.ts';
import { distinctSpaces } from './spaces.ts';
import { clearHeight } from '../../ground/problems/place-problem.ts';
import { isFoodContainer } from '../../ground/hazards/danger-words.ts';

export interface KeptSo {
  option: ContainerOption;
  /** What stands by itself; empty in containers. */
  bare: BareBin[];
  wanted: BinWanted[];
}

/** Kinds of container that are looked at for one category, at most: the handiest, and the handiest for each height of place. */
const MOST = { handiest: 5, all: 9 };

/** @param choice what the category's lines ask for, with every kind of container that takes it */
export function waysOf(choice: ContainChoice, context: ContainContext): KeptSo[] {
  const { demand, chosen, byHand } = choice;
  const { category } = demand;
  if (!chosen) return [];
  const { compartments } = context;
  const inContainer = (option: ContainerOption): KeptSo => ({
    option,
    bare: [],
    wanted: binsFor(demand, option.type.id, option.count, compartments),
  });
  const isBare = chosen.type.id === null;
  const bare =
    isBare || (category.standsAlone !== false && couldBeBare(demand, context)) ? bareWays(choice, context) : [];
  if (isBare && (byHand || choice.options.length === 0)) return bare;
  if (byHand || category.limit) return isBare ? bare : [inContainer(chosen)];
  const fits = choice.options.filter((option) => isSensible(option, choice, compartments.length > 0));
  const handiest = fits.slice(0, MOST.handiest);
  for (const space of distinctSpaces(compartments)) {
    if (handiest.length >= MOST.all) break;
    const low = fits.find(
      ({ type }) =>
        type.outHeight <= clearHeight(space) &&
        Math.min(type.outWidth, type.outDepth) <= Math.min(space.width, space.depth) &&
        Math.max(type.outWidth, type.outDepth) <= Math.max(space.width, space.depth),
    );
    if (low && !handiest.includes(low)) handiest.push(low);
  }
  // What stands now, or what Contain would choose, comes first.
  const first = isBare ? [] : [chosen];
  const others = handiest.filter(({ type }) => type.id !== chosen.type.id || isBare);
  const own = [...first, ...others].map(inContainer);
  return isBare && usuallyStands(demand) ? [...bare, ...own] : [...own, ...bare];
}

/** Whether somebody would keep it so at all. */
function isSensible({ type, toBuy, places }: ContainerOption, { demand }: ContainChoice, measured: boolean): boolean {
  if (measured && places === 0) return false;
  // Nobody buys a shoebox: what has no price is there or it is not.
  if (toBuy > 0 && type.price === 0) return false;
  return !(demand.category.hazards.includes('H5') && isFoodContainer(type.name));
}

/** Larger things of which there are so few, mm, stand by themselves, soft ones only when they are longer than most containers; what is flat or stands neatly lies in a stack. */
const FEW = { pieces: 4, length: 150, soft: 450 };
/** Whether people would keep it without a container at all: counted things that stand, lie flat or are few and large. */
function couldBeBare(demand: Demand, { compartments }: ContainContext): boolean {
  if (usuallyStands(demand)) return true;
  const { lines, lies } = demand;
  if (!lines.every(({ line }) => line.measure === 'pieces')) return false;
  if (isHungUp(demand.category.starter) && compartments.some(({ hangs }) => hangs)) return true;
  if (lies === 'flat' || lies === 'neat') return true;
  const pieces = lines.reduce((sum, { line }) => sum + line.amount, 0);
  const longest = lies === 'soft' ? FEW.soft : FEW.length;
  return lies !== 'small' && pieces <= FEW.pieces && lines.every(({ piece }) => (piece?.[0] ?? 0) >= longest);
}

/** A stack higher than that times its narrower side falls over (our own judgement). */
const SHAKY = 1.5;
const isShaky = ({ outWidth, outDepth, outHeight }: BareBin): boolean =>
  outHeight > SHAKY * Math.min(outWidth, outDepth) && outHeight > STACKED;
/** Lower than that nothing falls far, mm. */
const STACKED = 100;

const POSES = ['usual', 'light', 'lying', 'on end'] as const;
/** As it stands, in rows and stacks as high and long as each kind of place takes them. */
function bareWays({ demand, chosen }: ContainChoice, context: ContainContext): KeptSo[] {
  const spaces = distinctSpaces(context.compartments);
  const found = new Map<string, KeptSo>();
  const usual = usuallyStands(demand) || isHungUp(demand.category.starter) || chosen?.type.id === null;
  const tries = [
    ...POSES.map((pose) => ({ shelves: spaces, pose })),
    ...spaces.map((space) => ({ shelves: [space], pose: POSES[0] })),
  ];
  for (const { shelves, pose } of tries) {
    const bare = bareBins(demand, shelves, pose);
    const key = bare.map(({ outWidth, outDepth, outHeight }) => [outWidth, outDepth, outHeight].join()).join(' ');
    if (!usual && bare.some(isShaky)) continue;
    if (!bare.length || found.has(key) || found.size >= MOST.handiest) continue;
    const option = bareOption(demand, bare, context);
    if (option) found.set(key, { option, bare, wanted: binsFor(demand, null, bare.length, shelves, bare) });
  }
  return [...found.values()];
}
