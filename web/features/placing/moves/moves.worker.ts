/** Finds the way from one layout to another, off the page's thread. */
import { expose } from 'comlink';
import { planMoves, type MovePlan, type MovesRoom } from '@stube/core/placing/moves/moves-of-room';
import type { DepthPosition } from '@stube/core/placing/placement/depth/problem';

const moves = {
  plan: (room: MovesRoom, before: DepthPosition[], after: DepthPosition[], places: number): MovePlan | null =>
    planMoves(room, before, after, places),
};

export type MovesWorker = typeof moves;
expose(moves);
