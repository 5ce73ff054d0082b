/** A site in one file, out and in. */
import { copySite } from '@stube/core/model/copy';
import { TABLES } from '@stube/core/model/entities';
import { EXPORT_FORMAT, EXPORT_VERSION, type SiteFile } from '@stube/contract/site-file/format';
import { MAX_SITE_NAME } from '@stube/contract/rows/fields';
import { makeChange } from '../../db/change.ts';
import { newId } from '../../db/ids.ts';
import { addPictures, nextPictures } from '../../db/pictures.ts';
import { readSite } from '../../db/read.ts';
import { listSites } from '../../db/sites.ts';
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
 * @returns the new site, named apart where another has its name
 */
export async function importSite(on: Omit<Scope, 'siteId'>, file: SiteFile): Promise<{ siteId: string; name: string }> {
  const copy = copySite(file.data, newId);
  const standing = (await listSites(on.db)).filter((site) => !site.removed);
  const name = freeName(file.data.site[0]!.name, new Set(standing.map((site) => site.name)));
  await makeChange(
    { ...on, siteId: copy.siteId },
    `import ${name}`,
    async (recorder) => {
      for (const table of TABLES) {
        const rows = copy.rowsOf(table);
        await recorder.insert(table, (table === 'site' ? rows.map((row) => ({ ...row, name })) : rows) as never);
      }
      const pictures = Object.entries(file.pictures).flatMap(([id, data]) => {
        const photoId = copy.idOf('photo', id);
        return photoId ? [{ photoId, data, bytes: Math.floor((data.length * 3) / 4) }] : [];
      });
      await addPictures(recorder.db, copy.siteId, pictures);
    },
    true,
  );
  return { siteId: copy.siteId, name };
}

/** `Home`, else `Home 2`, `Home 3` … */
function freeName(name: string, taken: ReadonlySet<string>): string {
  let free = name;
  for (let i = 2; taken.has(free); i++) free = `${name.slice(0, MAX_SITE_NAME - 4)} ${i}`;
  return free;
}
