/** Lines of the pile: read as typed, with a category proposed and taken into the site when it is new there. */
import { eq, max } from 'drizzle-orm';
import { addDays, LATER_DAYS } from '@stube/core/deadlines/day';
import { isReadLine, readLine, type ReadLine } from '@stube/core/pile/read-line';
import { knownCategories, proposeCategories } from '@stube/core/matching/propose';
import { starterFamilyOf, starterOf, type StarterCategory } from '@stube/core/starter/library';
import { FRESH_CATEGORY, FRESH_LINE } from '@stube/core/model/fresh';
import type { Category, Decision, Family, Line, SiteData, TableName } from '@stube/core/model/entities';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { NewLine } from '@stube/contract/requests';
import type { Db } from '../../db/open.ts';
import { makeChange, type Recorder } from '../../db/journal.ts';
import { category, family, line } from '../../db/tables.ts';
import { newId } from '../../db/ids.ts';
import { Refused } from '../../db/problems.ts';

/** The site's category of that library entry; it is made, with its family, when the site does not have it yet. */
export async function takeStarter(recorder: Recorder, starter: StarterCategory): Promise<string> {
  const own = (await recorder.db.select().from(category).where(eq(category.siteId, recorder.siteId))) as Category[];
  const same = own.find((category) => category.starter === starter.key);
  if (same) return same.id;
  const families = (await recorder.db.select().from(family).where(eq(family.siteId, recorder.siteId))) as Family[];
  let familyId = families.find((family) => family.name === starter.family)?.id;
  if (!familyId) {
    const info = starterFamilyOf(starter.family)!;
    familyId = newId();
    await recorder.insert('family', [
      { id: familyId, name: info.name, hue: info.hue, pictogram: info.pictogram, sort: families.length, fine: null },
    ]);
  }
  const { key, family: _family, piece: _piece, ...traits } = starter;
  const id = newId();
  await recorder.insert('category', [{ id, ...traits, ...FRESH_CATEGORY, familyId, starter: key }]);
  return id;
}

export async function addLine(db: Db, siteId: string, wanted: NewLine, now: Date): Promise<ChangeAnswer> {
  return makeChange(db, siteId, '', async (recorder) => {
    const site = await recorder.find('site', siteId);
    await recorder.find('room', wanted.roomId);
    const read = readLine(wanted.text, site.system, {
      today: wanted.today ?? now.toISOString().slice(0, 10),
      ignore: new Set(wanted.ignore),
    });
    if (!isReadLine(read)) throw new Refused([read]);
    recorder.what = `add ${read.name}`;
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
        ...FRESH_LINE,
        ...decided(read, wanted.decision as Decision | undefined, now),
        note: read.note,
        condition: read.condition,
        whereto: read.whereto,
        setPieces: read.setPieces,
        setMissing: read.setMissing,
        sort: (last?.sort ?? 0) + 1,
      },
    ]);
    return id;
  });
}

/** When a line nobody decided about comes back. */
const later = (now: Date): string => addDays(now.toISOString().slice(0, 10), LATER_DAYS);

/** The decision with its dates: what is kept is kept until the day said, all else is due on it. */
function decided(read: ReadLine, chosen: Decision | undefined, now: Date) {
  const decision = chosen ?? read.decision ?? 'keep';
  return {
    decision,
    due: decision === 'keep' ? null : (read.day ?? (decision === 'decide later' ? later(now) : null)),
    keepUntil: decision === 'keep' ? read.day : null,
    decidedAt: decision === 'decide later' ? null : now.toISOString(),
  };
}

/** The fields to be written, and for a line what a change of its decision brings with it. */
export function withDecision<T extends TableName>(
  table: T,
  before: SiteData[T][number],
  patch: Record<string, unknown>,
  now: Date,
): Partial<SiteData[T][number]> {
  const decision = patch.decision as Decision | undefined;
  const changed = table === 'line' && decision && decision !== (before as Line).decision;
  const more = !changed
    ? {}
    : decision === 'decide later'
      ? { decidedAt: null, due: 'due' in patch ? patch.due : later(now) }
      : { decidedAt: now.toISOString(), due: decision === 'keep' ? null : (patch.due ?? null) };
  return { ...patch, ...more } as Partial<SiteData[T][number]>;
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
