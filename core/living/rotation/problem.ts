/** The open format `stube-rotate/1`: what is out, week by week. Ages in months, sizes mm, weeks counted from 0. */
import type { RotationAim } from '../../ground/model/entities.ts';

export interface RotateSlot {
  id: string;
  area: string;
  width: number;
  depth: number;
  height: number;
}

export interface RotateThing {
  id: string;
  areas: string[];
  width: number;
  depth: number;
  height: number;
  /** Ages it fits, months, both included. */
  from: number;
  to: number;
  /** Ids of what must have been out before. */
  after: string[];
  /** Weeks in which it may be out; null: any. */
  season: number[] | null;
  /** 0 to 1. */
  interest: number;
  /** Whole weeks it was in by the start; null for what is out. */
  rested: number | null;
  /** Of what is out: weeks by the start. */
  outFor: number;
  /** Has been out before. */
  shown: boolean;
  /** Beside the open format: minutes to set it out. */
  minutes?: number;
  /** Beside the open format: children for whom it is right, or is not, whatever their age. */
  ready?: string[];
  notReady?: string[];
}

export interface RotateRules {
  longestSpell: number;
  shortestSpell: number;
  leastRest: number;
  mostRest: number;
  swapsAWeek: number;
  /** Beside the open format: so many more come newly out in the first week, as filling what stands empty is no swap. */
  filling?: number;
  /** Beside the open format: what comes newly out in a week takes no more minutes to set out. */
  minutesAWeek?: number | null;
}

/** How many things may come newly out in a week. */
export const startsIn = ({ swapsAWeek, filling = 0 }: RotateRules, week: number): number =>
  swapsAWeek + (week === 0 ? filling : 0);

export interface RotateProblem {
  format: 'stube-rotate/1';
  weeks: number;
  timeMs: number;
  slots: RotateSlot[];
  children: { id: string; months: number }[];
  things: RotateThing[];
  /** By slot: the thing that stands there in the week before the first. */
  out: Record<string, string>;
  rules: RotateRules;
  /** Set by hand, beside the open format: these things are out just then and there. */
  pinned?: { slot: string; thing: string; from: number; to: number }[];
  /** Beside the open format: how much each aim counts, 1 as the format has it. */
  weights?: Partial<Record<RotationAim, number>>;
}

export interface RotateAnswer {
  format: 'stube-rotate-answer/1';
  /** By week and slot: the thing; a slot that is absent is empty. */
  plan: Record<string, string>[];
  value: number;
  /** Proven: no plan has more. */
  bound: number;
  optimal: boolean;
}

/** For each child and area: one fitting thing, and a second. */
export const COVERED = 4;
export const COVERED_TWICE = 1;
/** For a thing that is out, by its interest; it falls each week. */
export const INTEREST = 3;
export const INTEREST_KEPT = 0.8;
export const SWAP = 1;
/** A week beyond the most it should rest. */
export const OVER_RESTED = 2;
/** What the parts of the value are worth, each times its weight. */
export interface Aims {
  covered: number;
  coveredTwice: number;
  interest: number;
  swap: number;
  overRested: number;
}
export const aimsOf = ({ weights = {} }: Pick<RotateProblem, 'weights'>): Aims => ({
  covered: COVERED * (weights.balance ?? 1),
  coveredTwice: COVERED_TWICE * (weights.balance ?? 1),
  interest: INTEREST * (weights.loved ?? 1),
  swap: SWAP * (weights.swaps ?? 1),
  overRested: OVER_RESTED * (weights.rest ?? 1),
});

/** What somebody said of that child counts; else its age. 1 week in months: 200 / 869. */
export const suits = (
  thing: Pick<RotateThing, 'from' | 'to' | 'ready' | 'notReady'>,
  child: { id: string; months: number },
  week: number,
): boolean => {
  if (thing.ready?.includes(child.id)) return true;
  if (thing.notReady?.includes(child.id)) return false;
  const age = 869 * child.months + 200 * week;
  return 869 * thing.from <= age && age <= 869 * thing.to;
};
/** It fits the slot, turned or not. */
export const fitsSlot = (thing: RotateThing, slot: RotateSlot): boolean =>
  thing.areas.includes(slot.area) &&
  thing.height <= slot.height &&
  ((thing.width <= slot.width && thing.depth <= slot.depth) ||
    (thing.depth <= slot.width && thing.width <= slot.depth));
