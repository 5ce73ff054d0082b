import type { PlacedAt, PlaceRequest } from '@stube/contract/placement/requests';
import { useSite } from '../../../data/site.ts';

export function usePlacementActions() {
  const store = useSite();
  /** Puts bins of a room where they are told to go, as they are known here: one that was changed elsewhere is not moved. */
  const place = (
    roomId: string,
    placed: readonly ({ binId: string; pin?: boolean } & PlacedAt)[],
    pin?: PlaceRequest['pin'],
  ) =>
    store.send('POST', `/rooms/${roomId}/place`, (): PlaceRequest => ({
      placed: placed.map((move) => ({ ...move, version: store.maps.bin.get(move.binId)?.version ?? 0 })),
      ...(pin === undefined ? {} : { pin }),
    }));
  return { place };
}
