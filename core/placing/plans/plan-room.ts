/** A room with what is to be kept in it and what it may be kept in: what whole plans are made of. */
import type { ContainContext } from '../../containing/containers/choose.ts';
import type { Demand } from '../../ground/contents/demand.ts';
import type { RoomData } from '../placement/room-data.ts';

export interface PlanRoom {
  room: RoomData;
  demands: readonly Demand[];
  context: ContainContext;
}
