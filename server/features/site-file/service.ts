/** A site in one file, out and in. */
import { copySite } from '@stube/core/model/copy';
import { TABLES } from '@stube/core/model/entities';
import { EXPORT_FORMAT, EXPORT_VERSION, type SiteFile } from '@stube/contract/site-file/format';
import { makeChange } from '../../db/change.ts';
import { newId } from '../../db/ids.ts';
import { addPictures, nextPictures } from '../../db/pictures.ts';
import { readSite } from '../../db/read.ts';
import type { Db } from '../../db/open.ts';
import type { Scope } from '../../db/scope.ts';

/** The text of the file piece by piece, so that a site with many pictures is never whole in memory. */
export async function* exportSite({ db, siteId, now }: Scope): AsyncGenerator<string> {
  const data = await readSite(db, siteId);
  const head = { format: EXPORT_FORMAT, version: EXPORT_VERSION, exportedAt: now.toISOString(), data };
  yield `${JSON.stringify(head).slice(0, -1)},"pictures":{`;
  let last = '';
  for (;;) {
    const pictures = await nextPictures(db, siteId, last);
    for (const { photoId, data } of pictures) {
      yield `${last ? ',' : ''}${JSON.stringify(photoId)}:${JSON.stringify(data)}`;
      last = photoId;
    }
    if (!pictures.length) break;
  }
  yield '}}';
}

/**
 * Imports a whole file as a new site, or nothing of it. Every id is new, so that a file can come in twice.
 * @param file as checked (checkSiteFile)
 * @returns the new site's id
 */
export async function importSite(db: Db, who: string, file: SiteFile): Promise<string> {
  const copy = copySite(file.data, newId);
  await makeChange(
    { db, siteId: copy.siteId, who },
    `import ${file.data.site[0]!.name}`,
    async (recorder) => {
      for (const table of TABLES) await recorder.insert(table, copy.rowsOf(table) as never);
      const pictures = Object.entries(file.pictures).flatMap(([id, data]) => {
        const photoId = copy.idOf('photo', id);
        return photoId ? [{ photoId, data, bytes: Math.floor((data.length * 3) / 4) }] : [];
      });
      await addPictures(recorder.db, copy.siteId, pictures);
    },
    true,
  );
  return copy.siteId;
}
