/** What is public of this feature. */
export { cheapestSum } from './depth/compiled.ts';
export { depthProblemOf, homesOf } from './depth/depth-problem-of.ts';
export { explain, optionsFor, type PlaceOption } from './depth/explain.ts';
export { fixedIn } from './depth/fixed.ts';
export { freeToPark } from './depth/free-to-park.ts';
export { standInside } from './depth/inside.ts';
export type { DepthAnswer, DepthBin, DepthPosition, DepthProblem } from './depth/problem.ts';
export { type DepthProgress, depthSteps, solveDepth } from './depth/solve.ts';
export type { Spot } from './depth/spots.ts';
export { type Homes, Standing } from './depth/standing.ts';
export { mustBeLocked } from './must-be-locked.ts';
export { type OwnThing, ownThings } from './own-room.ts';
export { fitsToPark, parkedBins, parkedIn, parkedWidth } from './parked.ts';
export { placeProblemOf } from './place-problem-of.ts';
export { readDepthProblem } from './read.ts';
export { type RoomData, roomDataOf } from './room-data.ts';
export { inSeveralRooms, type InSeveralRooms } from './several-rooms.ts';
