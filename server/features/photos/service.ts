/** Photographs: their rows can be undone like all others, the pictures themselves stay. */
import { eq, inArray } from 'drizzle-orm';
import type { PhotoQuery } from '@stube/contract/requests';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { Db } from '../../db/open.ts';
import { makeChange } from '../../db/journal.ts';
import { picture } from '../../db/tables.ts';
import { newId } from '../../db/ids.ts';
import { NotFound, Refused } from '../../db/problems.ts';

/** A JPEG begins with these bytes. */
const JPEG = Buffer.from([0xff, 0xd8, 0xff]);

export async function addPhoto(
  db: Db,
  siteId: string,
  roomId: string,
  query: PhotoQuery,
  data: unknown,
): Promise<ChangeAnswer> {
  if (!Buffer.isBuffer(data) || !data.subarray(0, 3).equals(JPEG))
    throw new Refused([{ field: 'body', message: 'is not a JPEG picture' }]);
  return makeChange(db, siteId, `photograph of the ${query.kind}`, async (recorder) => {
    await recorder.find('room', roomId);
    if (query.lineId) await recorder.find('line', query.lineId);
    const id = newId();
    await recorder.insert('photo', [{ id, roomId, ...query }]);
    await recorder.db.insert(picture).values({ photoId: id, siteId, data: data.toString('base64') });
    return id;
  });
}

export async function pictureOf(db: Db, siteId: string, photoId: string): Promise<Buffer> {
  const [row] = await db.select().from(picture).where(eq(picture.photoId, photoId));
  if (!row || row.siteId !== siteId) throw new NotFound('picture', photoId);
  return Buffer.from(row.data, 'base64');
}

/** JPEG in base64 by photo id, for an export. */
export async function picturesOf(db: Db, photoIds: string[]): Promise<Record<string, string>> {
  if (!photoIds.length) return {};
  const rows = await db.select().from(picture).where(inArray(picture.photoId, photoIds));
  return Object.fromEntries(rows.map((row) => [row.photoId, row.data]));
}
