/** The pictures of photographs: they do not change, and come and go beside the rows that tell of them. */
import { and, asc, eq, gt, sum } from 'drizzle-orm';
import type { Db } from './store.ts';
import { photo, picture } from './tables.ts';
import { turn } from './turn.ts';

export interface Picture {
  photoId: string;
  /** JPEG, base64. */
  data: string;
  /** Bytes of the JPEG. */
  bytes: number;
}

/** Bytes of all pictures of a site, those that only an undo could bring back too. */
export async function bytesOfPictures(db: Db, siteId: string): Promise<number> {
  const [held] = await db
    .select({ bytes: sum(picture.bytes) })
    .from(picture)
    .where(eq(picture.siteId, siteId));
  return Number(held?.bytes ?? 0);
}

export async function addPictures(db: Db, siteId: string, pictures: readonly Picture[]): Promise<void> {
  for (const added of pictures) {
    await db.insert(picture).values({ ...added, siteId });
    await turn();
  }
}

export async function readPicture(db: Db, siteId: string, photoId: string): Promise<string | null> {
  const [row] = await db
    .select({ data: picture.data })
    .from(picture)
    .where(and(eq(picture.siteId, siteId), eq(picture.photoId, photoId)));
  return row?.data ?? null;
}

/** Pictures read at once. */
const AT_ONCE = 2;

/**
 * The pictures of the photographs a site has now, a few at a time.
 * @param after the photo id to go on from, empty for the first
 */
export async function nextPictures(db: Db, siteId: string, after: string): Promise<Picture[]> {
  return db
    .select({ photoId: picture.photoId, data: picture.data, bytes: picture.bytes })
    .from(picture)
    .innerJoin(photo, eq(photo.id, picture.photoId))
    .where(and(eq(picture.siteId, siteId), gt(picture.photoId, after)))
    .orderBy(asc(picture.photoId))
    .limit(AT_ONCE);
}
