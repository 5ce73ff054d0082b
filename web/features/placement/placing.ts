/** The placing of one room, for its screen: the week, the bin in hand, the proposal, and moving by hand. */
import { useRoom } from '../../data/room.ts';
import { usePlacementActions } from './actions.ts';
import { useChoices } from './choices.ts';
import { useProposal } from './proposal.ts';
import { useWeek } from './week.ts';

export function usePlacing() {
  const room = useRoom();
  const { place } = usePlacementActions();
  const week = useWeek();
  const put = (binId: string, compartmentId: string | null) =>
    room.store.tryWrite(() => place(room.id.value, [{ binId, compartmentId }], compartmentId !== null));
  const letGo = (binId: string) =>
    room.store.tryWrite(() =>
      place(room.id.value, [{ binId, compartmentId: week.assignment.value.get(binId) ?? null }], false),
    );
  return { ...room, ...week, ...useChoices(week), ...useProposal(week), put, letGo };
}
