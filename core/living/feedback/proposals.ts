/** What would stop a misplacement, each with its reason and what it would bring (practices F4, U3). */
import { LID_SECONDS } from '../../ground/body/effort.ts';
import type { PlaceOption } from '../../placing/placement/depth/explain.ts';
import type { Exchange } from './exchange.ts';
import type { Misplaced } from './misplaced.ts';

export type ProposalKind = 'move' | 'exchange' | 'lower' | 'merge' | 'picture' | 'divide' | 'lid' | 'rename';
export interface Proposal {
  kind: ProposalKind;
  binId: string;
  /** The compartment it goes to, the bin it is merged or exchanged with; null for others. */
  toId: string | null;
  because: string;
  /** Seconds a week it saves (negative: costs); null where that cannot be reckoned. */
  saves: number | null;
}

/** Facts of a bin that proposals rest on. */
export interface BinFacts {
  id: string;
  categoryId: string;
  spaceId: string | null;
  lid: boolean;
  perWeek: number;
  /** Some of its users go by pictures, and its label has none. */
  wantsPicture: boolean;
  /** Words that people taught for it, the last one first. */
  words: readonly string[];
  /** A child who uses it stretches for it, or does not reach it at all. */
  awkward: boolean;
  outOfReach: boolean;
  /** Height of its compartment above the floor, mm. */
  floor: number;
}

/** So often it has to be seen before anything is proposed: once is chance. */
export const OFTEN = 2;
/** A bin whose lid is opened so often a week is better without one, if it is left open. */
const LID_OFTEN = 5;
/** Looking so long for a thing is too long, seconds (practice F1: answered in seconds). */
const LONG_SEARCH = 20;

/**
 * @param options what each compartment would cost it, of `optionsFor`
 * @param floorOf height above the floor of a compartment, mm
 * @param exchangeIn what makes room in a compartment that has none
 */
export function proposalsFor(
  misplaced: Misplaced,
  bins: ReadonlyMap<string, BinFacts>,
  all: readonly Misplaced[],
  options: readonly PlaceOption[],
  floorOf: (spaceId: string) => number,
  exchangeIn: (spaceId: string) => Exchange | null = () => null,
): Proposal[] {
  const bin = bins.get(misplaced.binId);
  if (!bin) return [];
  const made: Proposal[] = [];
  const propose = (kind: ProposalKind, because: string, saves: number | null, toId: string | null = null): void =>
    void made.push({ kind, binId: bin.id, toId, because, saves });
  const times = (n: number): string => `${n} times`;
  const [most] = misplaced.found;
  if (most && most.times >= OFTEN) {
    // Two classes that are found in each other's place are one to those who put them back.
    const there = [...bins.values()].filter(({ spaceId, id }) => spaceId === most.spaceId && id !== bin.id);
    const mutual = there.find(({ id, categoryId }) => {
      const other = all.find(({ binId }) => binId === id);
      return (
        categoryId !== bin.categoryId &&
        other?.found.some(({ spaceId, times: back }) => spaceId === bin.spaceId && back >= OFTEN)
      );
    });
    if (mutual) propose('merge', `each is found ${times(OFTEN)} or more in the place of the other`, null, mutual.id);
    const option = options.find(({ compartment, spot }) => compartment === most.spaceId && spot);
    const left = `it was left there ${times(most.times)}`;
    const exchange = option ? null : exchangeIn(most.spaceId);
    if (option) propose('move', left, -option.change, most.spaceId);
    else if (exchange) propose('exchange', left, -exchange.change, exchange.withId);
    if (bin.wantsPicture)
      propose('picture', `put back wrong ${times(misplaced.elsewhere)}, by some who go by pictures`, null);
  }
  if (bin.awkward && misplaced.trouble >= OFTEN) {
    const lower = options
      .filter(({ spot, compartment }) => spot && floorOf(compartment) < bin.floor)
      .sort((a, b) => a.change - b.change)[0];
    if (lower) propose('lower', 'a child who uses it does not reach it well', -lower.change, lower.compartment);
  }
  if (misplaced.overFull >= OFTEN) propose('divide', `found over-full ${times(misplaced.overFull)}`, null);
  if (bin.lid && bin.perWeek >= LID_OFTEN && misplaced.trouble >= OFTEN)
    propose(
      'lid',
      `opened about ${Math.round(bin.perWeek)} times a week: a lid that is in the way is left off`,
      2 * LID_SECONDS * bin.perWeek,
    );
  if (misplaced.searches >= OFTEN && (misplaced.searchSeconds ?? 0) >= LONG_SEARCH && bin.words.length)
    propose(
      'rename',
      `looked for ${Math.round(misplaced.searchSeconds!)} s on average; people call it “${bin.words[0]}”`,
      null,
    );
  return made;
}
