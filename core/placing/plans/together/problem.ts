/** Containers and places chosen together, `stube-plan/1`: what is to be kept, in which containers it could be, and where these could stand. Lengths mm, masses g. */
import type { PlaceCompartment, PlacePerson, PlaceUse } from '../../../ground/problems/place-problem.ts';
import type { DepthBin, DepthPosition, DepthProblem } from '../../placement/depth/problem.ts';

/** A kind of container: outside sizes, own mass, price in minor units, how many are there already. */
export interface PlanType {
  id: string;
  width: number;
  depth: number;
  height: number;
  turnable: boolean;
  stackable: boolean;
  lid: boolean;
  mass: number;
  price: number;
  owned: number;
}
/** The whole need in bins of one type. */
export interface PlanOption {
  type: string;
  /** Of each bin, filled. */
  masses: number[];
}
export interface PlanNeed {
  id: string;
  zone: string;
  uses: PlaceUse[];
  family: string | null;
  hazard: boolean;
  childReach: boolean;
  lightSensitive: boolean;
  view: 'show' | 'hide' | null;
  options: PlanOption[];
}
export interface PlanWeights {
  /** Seconds a week for a minor unit of money. */
  perPrice: number;
  /** For each kind of container of which any is bought. */
  perKind: number;
  /** For every unit beyond the first over which a family is spread. */
  familySpread: number;
}
/** The open format. */
export interface OpenPlanProblem {
  format: 'stube-plan/1';
  people: PlacePerson[];
  zones: { id: string }[];
  compartments: PlaceCompartment[];
  types: PlanType[];
  needs: PlanNeed[];
  weights: PlanWeights;
  growth: number;
  timeMs: number;
}

/** One way to keep a need: all its bins are of one type, or stand without a container. */
export interface Way {
  /** Null without a container. */
  type: string | null;
  /** Seconds a week for what is unhandy about it, wherever it stands. */
  unhandy: number;
  /** Left out, the bins of each way of a need cost the same together. */
  bins: DepthBin[];
}
/** A need as it is searched for. */
export interface WaysOfNeed {
  id: string;
  ways: Way[];
  /** How it is kept now. */
  now?: { way: number; positions: (Omit<DepthPosition, 'bin'> | null)[]; stays: boolean };
}
/** What is searched: made of a problem in the open format, or of a room, which says more. */
export interface TogetherProblem extends Omit<DepthProblem, 'format' | 'bins' | 'familySpread'> {
  types: Pick<PlanType, 'id' | 'price' | 'owned'>[];
  needs: WaysOfNeed[];
  weights: PlanWeights;
}

export interface PlanPosition {
  need: string;
  /** Which of the bins of the chosen option. */
  n: number;
  compartment: string;
  x: number;
  y: number;
  z: number;
  turned: boolean;
}
export interface PlanAnswer {
  format: 'stube-plan-answer/1';
  /** One option for every need, counted from 0. */
  chosen: { need: string; option: number }[];
  placed: PlanPosition[];
  unplaced: { need: string; n: number }[];
  /** Seconds a week, with what money, kinds and spreading count for. */
  cost: number;
  /** Proven: no answer costs less. */
  bound: number;
  optimal: boolean;
}
