/** What is public of this feature. */
export { placesChanged } from './change-places.ts';
export { type Clearance, clearancesOf, opensBy, OVERHEAD, TO_PASS, ZONE_FLOOR, zoneFloor } from './clearances.ts';
export { beforeOf, footprintOf, LOOKS, overlap, type Rect, standBefore, TURNED, turnedOnSpot } from './footprint.ts';
export { freeSpot } from './free-spot.ts';
export { onWall, snapped } from './snap.ts';
export { fixturesOnWall, inWallOrder, lengthOfWall, nearestWall, unitsOnWall, WALLS } from './walls.ts';
