/** A site in one file, out and in. */
import { readFile, writeFile } from 'node:fs/promises';
import { copySite, TABLES } from '@stube/core/model';
import { EXPORT_FORMAT, EXPORT_VERSION } from '@stube/contract/site-file/format';
import { MAX_SITE_NAME } from '@stube/contract/rows/fields';
import { makeChange } from '../../../db/change.ts';
import { newId } from '../../../db/ids.ts';
import { addPictures, nextPictures } from '../../../db/pictures.ts';
import { Refused } from '../../../db/problems.ts';
import { readSite } from '../../../db/read.ts';
import { listSites } from '../../../db/sites.ts';
import type { Scope } from '../../../db/scope.ts';
import { cleanedWhereNeeded, looksWhole } from '../photos/picture.ts';
import type { ReadSiteFile } from './read-file.ts';

/** The text of the file piece by piece, so that a site with many pictures is never whole in memory. */
export async function* exportSite({ db, siteId, now }: Scope): AsyncGenerator<string> {
  const data = await readSite(db, siteId);
  const head = { format: EXPORT_FORMAT, version: EXPORT_VERSION, exportedAt: now.toISOString(), data };
  yield `${JSON.stringify(head).slice(0, -1)},"pictures":{`;
  let last = '';
  let separator = '';
  for (;;) {
    const pictures = await nextPictures(db, siteId, last);
    for (const { photoId, data } of pictures) {
      // Kept before pictures were looked at when they came in: a file that holds it could not be brought back.
      if (!looksWhole(Buffer.from(data, 'base64'))) continue;
      yield `${separator}${JSON.stringify(photoId)}:${JSON.stringify(data)}`;
      separator = ',';
    }
    last = pictures.at(-1)?.photoId ?? last;
    if (!pictures.length) break;
  }
  yield '}}';
}

/**
 * Imports a whole file as a new site, or nothing of it. Every id is new, so that a file can come in twice.
 * @param file as read (readSiteFile)
 * @returns the new site, named apart where another has its name
 */
export async function importSite(
  on: Omit<Scope, 'siteId'>,
  file: ReadSiteFile,
): Promise<{ siteId: string; name: string }> {
  await cleanPictures(file);
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
      for (const [id, path] of Object.entries(file.pictures)) {
        const photoId = copy.idOf('photo', id);
        if (!photoId) continue;
        const bytes = await readFile(path);
        const picture = { photoId, data: bytes.toString('base64'), bytes: bytes.length };
        await addPictures(recorder.db, copy.siteId, [picture]);
      }
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

/** Every picture is looked at before anything is written. @throws Refused which names the photograph that is none */
async function cleanPictures({ data, pictures }: ReadSiteFile): Promise<void> {
  for (const { id, kind, takenOn, note } of data.photo) {
    const path = pictures[id];
    if (!path) continue;
    const bytes = await readFile(path);
    const cleaned = await cleanedWhereNeeded(bytes).catch(() => {
      const name = [`photograph of the ${kind}`, note && `“${note}”`, `of ${takenOn}`].filter(Boolean).join(' ');
      throw new Refused([{ field: `pictures.${id}`, message: `The ${name} is not a picture that can be read.` }]);
    });
    if (cleaned !== bytes) await writeFile(path, cleaned);
  }
}
