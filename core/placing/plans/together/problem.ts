/** Containers and places chosen together, `stube-plan/1`: what is to be kept, in which containers it could be, and where these could stand. Lengths mm, masses g. */
import type {
  PlaceCompartment,
  PlacePerson,
  PlaceUse,
  RoomBin,
  RoomCompartment,
} from '../../../ground/problems/place-problem.ts';

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

/** What a room says more of an option. */
export interface RoomOption extends PlanOption, Pick<RoomBin, 'canHang' | 'dearer'> {
  /** Seconds a week for what is unhandy about it, wherever it stands. */
  unhandy?: number;
}
/** What a room says more of a need; what is left out costs `leftOut`, shared by its bins. */
export interface RoomNeed
  extends Omit<PlanNeed, 'options'>, Pick<RoomBin, 'highest' | 'nature' | 'leftOut' | 'dearer'> {
  options: RoomOption[];
}
export interface RoomPlanProblem extends Omit<OpenPlanProblem, 'compartments' | 'needs'> {
  compartments: RoomCompartment[];
  needs: RoomNeed[];
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
