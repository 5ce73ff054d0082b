/** A visit to the made-up house: its file comes in as a site, as if it had been furnished today. */
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { addDays, dayIn, daysBetween } from '@stube/core/calendar';
import type { SiteFile } from '@stube/contract/site-file/format';
import type { Db } from '../../../db/store.ts';
import { listSites } from '../../../db/sites.ts';
import type { Work } from '../../../threads/pool.ts';
import { importSite } from '../site-file/service.ts';

export interface Visit {
  siteId: string;
}

/** One comes in at a time: who asks meanwhile gets the same house. */
const comingIn = new WeakMap<Db, Promise<Visit>>();

/** The house that stands already, else a new one. @param file path of its site file */
export function visit(db: Db, work: Work, who: string, file: string, now: Date): Promise<Visit> {
  const house = comingIn.get(db) ?? standingOrNew(db, work, who, file, now).finally(() => comingIn.delete(db));
  comingIn.set(db, house);
  return house;
}

async function standingOrNew(db: Db, work: Work, who: string, file: string, now: Date): Promise<Visit> {
  const text = await readFile(file, 'utf8');
  const { exportedAt, data } = JSON.parse(text) as SiteFile & { exportedAt: string };
  const standing = (await listSites(db)).find((site) => site.name === data.site[0]!.name && !site.removed);
  if (standing) return { siteId: standing.id };
  const moved = moveDays(text, daysBetween(dayIn(null, exportedAt), dayIn(null, now)));
  const folder = await mkdtemp(join(tmpdir(), 'stube-visit-'));
  try {
    const path = join(folder, 'house.json');
    await writeFile(path, moved);
    const checked = await work.run('readSiteFile', { path, folder });
    if (!checked.ok) throw new Error(`the made-up house is no site: ${checked.fields[0]?.message}`);
    return await importSite({ db, who, now }, checked.value);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

/** All days, months and instants of a file so many days later: its children stay as old as they are. */
export function moveDays(text: string, days: number): string {
  if (!days) return text;
  return text
    .replace(/"(\d{4}-\d{2}-\d{2})(T[\d:.]+Z)?"/g, (_, day: string, time = '') => `"${addDays(day, days)}${time}"`)
    .replace(/"(\d{4}-\d{2})"/g, (_, month: string) => `"${addDays(`${month}-15`, days).slice(0, 7)}"`);
}
