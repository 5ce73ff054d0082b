/** A list from elsewhere, imported into the pile as one change. */
import { MAX_SORT } from '@stube/core/model';
import type { ImportedLines } from '@stube/contract/import/requests';
import type { ChangeAnswer } from '@stube/contract/answers';
import { makeChange } from '../../../db/change.ts';
import { newId } from '../../../db/ids.ts';
import { checkReferences } from '../../../db/references.ts';
import type { Scope } from '../../../db/scope.ts';
import { nextSort } from '../pile/service.ts';
import { knownStarter, takeStarter } from '../pile/starter.ts';

export async function importLines(scope: Scope, { name, lines }: ImportedLines): Promise<ChangeAnswer> {
  return makeChange(scope, `take in ${lines.length} lines of ${name}`, async (recorder) => {
    await checkReferences(
      recorder,
      'line',
      lines.map(({ values }, i) => ({ at: `lines.${i}.values.`, values })),
    );
    const taken = new Map<string, string>();
    for (const [i, { starter: key, perWeek }] of lines.entries()) {
      if (!key || taken.has(key)) continue;
      const starter = knownStarter(key, `lines.${i}.starter`);
      taken.set(key, await takeStarter(recorder, perWeek === null ? starter : { ...starter, perWeek }));
    }
    const sort = await nextSort(recorder);
    await recorder.insert(
      'line',
      lines.map(({ starter, values }, i) => ({
        id: newId(),
        ...values,
        ...(starter ? { categoryId: taken.get(starter) } : {}),
        sort: Math.min(MAX_SORT, sort + i),
      })) as never,
    );
  });
}
