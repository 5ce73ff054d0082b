/** A picture that was taken or drawn is made small and kept. */
import type { Photo } from '@stube/core/model';
import { useNotices } from '../../../data/notices.ts';
import { useSite } from '../../../data/site.ts';
import { today } from '../../../parts/day.ts';
import { usePhotosActions } from './actions.ts';
import { shrink } from './shrink.ts';

/** What a picture is of, beside its room. */
export type PhotoOf = Partial<Pick<Photo, 'lineId' | 'containerTypeId' | 'categoryId'>>;

export function useKeepPhoto() {
  const store = useSite();
  const notices = useNotices();
  const { addPhoto } = usePhotosActions();
  return async (roomId: string, kind: Photo['kind'], of: PhotoOf, file: Blob): Promise<void> => {
    try {
      const { jpeg, width, height } = await shrink(file);
      const nothing = { lineId: null, containerTypeId: null, categoryId: null };
      const query = { kind, takenOn: today(), width, height, note: '', ...nothing, ...of };
      await store.tryWrite(() => addPhoto(roomId, query, jpeg));
    } catch (error) {
      notices.warn((error as Error).message);
    }
  };
}
