/** Photographs: their rows can be undone like all others, the pictures stay as long as an undo could bring them back. */
import { MAX_PICTURES, type PhotoQuery } from '@stube/contract/photos/requests';
import type { ChangeAnswer } from '@stube/contract/answers';
import { makeChange } from '../../../db/change.ts';
import { newId } from '../../../db/ids.ts';
import { NotFound, Refused } from '../../../db/problems.ts';
import { addPictures, bytesOfPictures, readPicture } from '../../../db/pictures.ts';
import type { Scope } from '../../../db/scope.ts';
import { cleanPicture } from './picture.ts';

const MEGABYTE = 1_000_000;

export async function addPhoto(scope: Scope, roomId: string, query: PhotoQuery, sent: unknown): Promise<ChangeAnswer> {
  const data = await cleanPicture(Buffer.isBuffer(sent) ? sent : Buffer.alloc(0)).catch(() => {
    throw new Refused([
      { field: 'body', message: `The photograph of the ${query.kind} is not a JPEG picture that can be read.` },
    ]);
  });
  return makeChange(scope, `photograph of the ${query.kind}`, async (recorder) => {
    await recorder.find('room', roomId);
    if (query.containerTypeId) await recorder.find('containerType', query.containerTypeId);
    if (query.categoryId) await recorder.find('category', query.categoryId);
    if (query.lineId) await recorder.find('line', query.lineId);
    if ((await bytesOfPictures(recorder.db, scope.siteId)) + data.length > MAX_PICTURES)
      throw new Refused([
        {
          field: 'body',
          message: `the pictures of a site may come to ${MAX_PICTURES / MEGABYTE} MB together: remove some first`,
        },
      ]);
    const id = newId();
    await recorder.insert('photo', [{ id, roomId, ...query }]);
    const picture = { photoId: id, data: data.toString('base64'), bytes: data.length };
    await addPictures(recorder.db, scope.siteId, [picture]);
    return id;
  });
}

export async function pictureOf({ db, siteId }: Scope, photoId: string): Promise<Buffer> {
  const data = await readPicture(db, siteId, photoId);
  if (data === null) throw new NotFound('picture', photoId);
  return Buffer.from(data, 'base64');
}
