/** A list from elsewhere, taken into the pile as one change. */
import { eq, max } from 'drizzle-orm';
import { starterOf } from '@stube/core/starter/library';
import type { ImportedLines } from '@stube/contract/rows/batch';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { Db } from '../../db/open.ts';
import { makeChange } from '../../db/journal.ts';
import { line } from '../../db/tables.ts';
import { newId } from '../../db/ids.ts';
import { takeStarter } from '../pile/service.ts';
import { Refused } from '../../db/problems.ts';
import { checkReferences } from '../rows/rows.ts';

export async function importLines(db: Db, siteId: string, { name, lines }: ImportedLines): Promise<ChangeAnswer> {
  return makeChange(db, siteId, `take in ${lines.length} lines of ${name}`, async (recorder) => {
    await recorder.find('site', siteId);
    const pick = (field: string) => [...new Set(lines.map((line) => line.values[field]).filter(Boolean))];
    await checkReferences(recorder, { roomId: pick('roomId'), categoryId: pick('categoryId') });
    const taken = new Map<string, string>();
    for (const [i, { starter: key, perWeek }] of lines.entries()) {
      if (!key || taken.has(key)) continue;
      const starter = starterOf(key);
      if (!starter) throw new Refused([{ field: `lines.${i}.starter`, message: 'is not in the starter library' }]);
      const id = await takeStarter(recorder, perWeek === null ? starter : { ...starter, perWeek });
      taken.set(key, id);
    }
    const [last] = await recorder.db
      .select({ sort: max(line.sort) })
      .from(line)
      .where(eq(line.siteId, siteId));
    await recorder.insert(
      'line',
      lines.map(({ starter, values }, i) => ({
        id: newId(),
        ...values,
        ...(starter ? { categoryId: taken.get(starter) } : {}),
        sort: (last?.sort ?? 0) + 1 + i,
      })) as never,
    );
  });
}
