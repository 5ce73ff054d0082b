/** What helpers and children know of where things live: asked again when it is about to be forgotten (FSRS, by ts-fsrs). */
import { createEmptyCard, fsrs, Rating, type Card } from 'ts-fsrs';
import type { Recall, RecallState } from '../../ground/model/entities.ts';

/** What is missed comes back within the round; no chance is in it, so that two devices reckon alike. */
const scheduler = fsrs({ enable_fuzz: false, request_retention: 0.9 });

const cardOf = (state: RecallState): Card => ({
  due: new Date(state.due),
  stability: state.stability,
  difficulty: state.difficulty,
  elapsed_days: 0,
  scheduled_days: state.scheduledDays,
  learning_steps: state.learningSteps,
  reps: state.reps,
  lapses: state.lapses,
  state: state.state,
  ...(state.lastReview ? { last_review: new Date(state.lastReview) } : {}),
});
const stateOf = (card: Card): RecallState => ({
  due: card.due.toISOString(),
  stability: card.stability,
  difficulty: card.difficulty,
  scheduledDays: card.scheduled_days,
  learningSteps: card.learning_steps,
  reps: card.reps,
  lapses: card.lapses,
  state: card.state,
  lastReview: card.last_review?.toISOString() ?? null,
});

/**
 * How well it is known after an answer.
 * @param before null where it was never asked
 * @param quick it was known at once
 */
export function answered(before: RecallState | null, right: boolean, now: Date, quick = false): RecallState {
  const card = before ? cardOf(before) : createEmptyCard(now);
  const rating = !right ? Rating.Again : quick ? Rating.Easy : Rating.Good;
  return stateOf(scheduler.next(card, now, rating).card);
}

/** Whether it can be trusted that it is known: past its first learning, and not due for long. */
const KNOWN_STATE = 2;
/** Above this chance of being remembered it counts as known. */
const KNOWN_CHANCE = 0.8;
export const isKnown = (state: RecallState, now: Date): boolean =>
  state.state === KNOWN_STATE && scheduler.get_retrievability(cardOf(state), now, false) >= KNOWN_CHANCE;

export interface Progress {
  /** Places that are asked about. */
  all: number;
  known: number;
  /** Due to be asked again. */
  due: number;
  /** Nine of ten are known: this person knows the room. */
  knowsRoom: boolean;
}
const SHARE_KNOWN = 0.9;

/** @param bins ids of the room's bins that have a place */
export function progressOf(bins: readonly string[], recalls: readonly Recall[], now: Date): Progress {
  const of = new Map(recalls.map((recall) => [recall.binId, recall.state]));
  const states = bins.flatMap((id) => of.get(id) ?? []);
  const known = states.filter((state) => isKnown(state, now)).length;
  return {
    all: bins.length,
    known,
    due: states.filter((state) => state.due <= now.toISOString()).length,
    knowsRoom: bins.length > 0 && known >= SHARE_KNOWN * bins.length,
  };
}

/**
 * What is asked in a round: what is due, the longest overdue first, then what was never asked, the most used first.
 * @param bins the room's bins that have a place, the most used first
 */
export function roundOf(bins: readonly string[], recalls: readonly Recall[], now: Date, most: number): string[] {
  const of = new Map(recalls.map((recall) => [recall.binId, recall.state]));
  const due = bins
    .filter((id) => of.has(id) && of.get(id)!.due <= now.toISOString())
    .sort((a, b) => of.get(a)!.due.localeCompare(of.get(b)!.due));
  const fresh = bins.filter((id) => !of.has(id));
  return [...due, ...fresh].slice(0, most);
}
/** So many others are asked before what was missed comes back. */
export const AGAIN_AFTER = 3;
