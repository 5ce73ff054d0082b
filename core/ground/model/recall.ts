import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** How well a place is known, as the scheduler keeps it (FSRS). */
export interface RecallState {
  /** ISO date and time at which it is asked again. */
  due: string;
  /** Days after which nine of ten still know it. */
  stability: number;
  difficulty: number;
  reps: number;
  lapses: number;
  /** 0 new, 1 being learned, 2 known, 3 being learned anew. */
  state: number;
  learningSteps: number;
  scheduledDays: number;
  /** ISO date and time; null where it was never asked. */
  lastReview: string | null;
}

/** What a person knows of where a bin lives (practice F3). */
export interface Recall extends RowOfSite {
  personId: string;
  binId: string;
  state: RecallState;
}

export const recall = entity<Recall>()({
  words: { one: 'place learned', many: 'places learned' },
  routes: { create: false, remove: true },
  fields: { personId: pointsTo('person', 'remove'), binId: pointsTo('bin', 'remove'), state: {} },
  since: 10,
});
