/** Finds the way from one layout to another, off the page's thread. */
import { expose } from 'comlink';
import { type MovePlan, type MovesRoom, planMoves } from '@stube/core/moves';
import type { DepthPosition } from '@stube/core/placement';

const moves = {
  plan: (room: MovesRoom, before: DepthPosition[], after: DepthPosition[], places: number): MovePlan | null =>
    planMoves(room, before, after, places),
};

export type MovesWorker = typeof moves;
expose(moves);
