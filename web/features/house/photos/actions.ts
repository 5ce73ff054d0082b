import type { PhotoQuery } from '@stube/contract/photos/requests';
import { useSite } from '../../../data/site.ts';

export function usePhotosActions() {
  const { send } = useSite();
  /** What the picture shows goes in the address, the picture itself in the body. */
  const addPhoto = (roomId: string, { lineId, containerTypeId, categoryId, ...query }: PhotoQuery, jpeg: Blob) => {
    const told = Object.entries({
      ...query,
      ...(lineId ? { lineId } : {}),
      ...(containerTypeId ? { containerTypeId } : {}),
      ...(categoryId ? { categoryId } : {}),
    }).map(([key, value]) => [key, String(value)]);
    return send('POST', `/rooms/${roomId}/photos?${new URLSearchParams(told)}`, jpeg);
  };
  return { addPhoto };
}
