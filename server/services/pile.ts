/** Lines of the pile: read as typed, with a category proposed and taken into the site when it is new there. */
import { eq, max } from 'drizzle-orm';
import { isReadLine, readLine } from '@stube/core/sort/line';
import { knownCategories, proposeCategories } from '@stube/core/sort/propose';
import { starterFamilyOf, starterOf, type StarterCategory } from '@stube/core/sort/starter/library';
import type { Category, Decision, Family } from '@stube/core/site/entities';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { NewLine } from '@stube/contract/requests';
import type { Db } from '../db/open.ts';
import { makeChange, type Recorder } from '../db/journal.ts';
import { category, family, line } from '../db/tables.ts';
import { newId } from './ids.ts';
import { Refused } from './problems.ts';

/** The site's category of that library entry; it is made, with its family, when the site does not have it yet. */
export async function takeStarter(recorder: Recorder, starter: StarterCategory): Promise<string> {
  const own = (await recorder.db.select().from(category).where(eq(category.siteId, recorder.siteId))) as Category[];
  const same = own.find((one) => one.starter === starter.key);
  if (same) return same.id;
  const families = (await recorder.db.select().from(family).where(eq(family.siteId, recorder.siteId))) as Family[];
  let familyId = families.find((one) => one.name === starter.family)?.id;
  if (!familyId) {
    const info = starterFamilyOf(starter.family)!;
    familyId = newId();
    await recorder.insert('family', [
      { id: familyId, name: info.name, hue: info.hue, pictogram: info.pictogram, sort: families.length },
    ]);
  }
  const { key, family: _family, piece: _piece, ...traits } = starter;
  const id = newId();
  await recorder.insert('category', [
    { id, ...traits, familyId, starter: key, users: [], containerTypeId: null, factor: 1 },
  ]);
  return id;
}

export async function addLine(db: Db, siteId: string, wanted: NewLine): Promise<ChangeAnswer> {
  let what = '';
  return makeChange(
    db,
    siteId,
    () => what,
    async (recorder) => {
      const site = await recorder.find('site', siteId);
      await recorder.find('room', wanted.roomId);
      const read = readLine(wanted.text, site.system);
      if (!isReadLine(read)) throw new Refused([read]);
      what = `add ${read.name}`;
      let categoryId = wanted.categoryId ?? null;
      if (categoryId) await recorder.find('category', categoryId);
      else if (wanted.starter) {
        const starter = starterOf(wanted.starter);
        if (!starter) throw new Refused([{ field: 'starter', message: 'is not in the starter library' }]);
        categoryId = await takeStarter(recorder, starter);
      } else if (wanted.categoryId === undefined) {
        const own = (await recorder.db.select().from(category).where(eq(category.siteId, siteId))) as Category[];
        const best = proposeCategories(read.name, knownCategories(own), 1)[0];
        if (best) categoryId = best.categoryId ?? (await takeStarter(recorder, best.starter!));
      }
      const [last] = await recorder.db
        .select({ sort: max(line.sort) })
        .from(line)
        .where(eq(line.roomId, wanted.roomId));
      const id = newId();
      await recorder.insert('line', [
        {
          id,
          roomId: wanted.roomId,
          categoryId,
          name: read.name,
          amount: read.amount,
          measure: read.measure,
          length: read.size?.[0] ?? null,
          width: read.size?.[1] ?? null,
          height: read.size?.[2] ?? null,
          decision: (wanted.decision as Decision | undefined) ?? read.decision ?? 'keep',
          note: read.note,
          sort: (last?.sort ?? 0) + 1,
        },
      ]);
      return id;
    },
  );
}

export async function categorise(
  db: Db,
  siteId: string,
  lineId: string,
  starterKey: string,
  version: number,
): Promise<ChangeAnswer> {
  const starter = starterOf(starterKey);
  if (!starter) throw new Refused([{ field: 'starter', message: 'is not in the starter library' }]);
  return makeChange(db, siteId, `sort into ${starter.name}`, async (recorder) => {
    await recorder.update('line', lineId, version, { categoryId: await takeStarter(recorder, starter) });
    return lineId;
  });
}
