/** The placing of one room, for its screen: the week, the bin in hand, the proposal, and moving by hand. */
import type { PlacedAt } from '@stube/contract/placement/requests';
import type { Spot } from '@stube/core/placement';
import { useRoom } from '../../../data/room.ts';
import { usePlacementActions } from './actions.ts';
import { useChoices } from './choices.ts';
import { useProposal } from './proposal.ts';
import { useWeek } from './week.ts';

export function usePlacing() {
  const room = useRoom();
  const { place } = usePlacementActions();
  const week = useWeek();
  const homeOf = (binId: string): PlacedAt => {
    const position = week.standing.value?.position(binId);
    if (!position) return { compartmentId: room.store.maps.bin.get(binId)?.compartmentId ?? null };
    const { compartment, x, y, z, turned } = position;
    return { compartmentId: compartment, x, y, z, turned };
  };
  /** Whatever stands in these compartments and was nowhere in particular keeps the place it is drawn at. */
  const settled = (spaces: readonly (string | null | undefined)[], but: string) =>
    room.bins.value
      .filter((bin) => bin.id !== but && bin.compartmentId && bin.x === null && spaces.includes(bin.compartmentId))
      .map((bin) => ({ binId: bin.id, ...homeOf(bin.id), pin: bin.pinned }));
  /** Puts a bin on a spot, or on the bench. */
  function put(binId: string, spot: Spot | null): Promise<boolean> {
    const compartmentId = spot && week.problem.value!.compartments[spot.space]!.id;
    const at: PlacedAt = spot
      ? { compartmentId, x: spot.x, y: spot.y, z: spot.z, turned: spot.turned }
      : { compartmentId: null };
    const from = room.store.maps.bin.get(binId)?.compartmentId;
    return room.store.tryWrite(() =>
      place(room.id.value, [...settled([compartmentId, from], binId), { binId, ...at, pin: spot !== null }]),
    );
  }
  /** Where it stands it stays when a new plan is made, or does not. */
  const pin = (binId: string, stays: boolean) =>
    room.store.tryWrite(() => place(room.id.value, [{ binId, ...homeOf(binId), pin: stays }]));
  return { ...room, ...week, ...useChoices(week), ...useProposal(week), put, pin };
}

export type Placing = ReturnType<typeof usePlacing>;
