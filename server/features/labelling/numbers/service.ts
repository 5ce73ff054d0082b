/** Numbered sets: given in runs, gaps closed, and the index that says what is where. */
import { closeGaps, contentsOf, nextNumbers } from '@stube/core/contents';
import { pathsOf, wayOf } from '@stube/core/find';
import { type Bin, byId } from '@stube/core/model';
import { binsByLine, indexOf, type IndexRow } from '@stube/core/numbers';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { NumberRequest } from '@stube/contract/numbers/requests';
import { makeChange } from '../../../db/change.ts';
import { newId } from '../../../db/ids.ts';
import type { Db } from '../../../db/store.ts';
import { readSite, readTables } from '../../../db/read.ts';
import type { Scope } from '../../../db/scope.ts';
import type { Column } from '../../../documents/table.ts';

export async function giveNumbers(scope: Scope, { lineId, series, count, gaps }: NumberRequest): Promise<ChangeAnswer> {
  return makeChange(scope, `number ${count === 1 ? 'a' : count} ${series}`, async (recorder) => {
    await recorder.find('line', lineId);
    const { setNumber } = await readTables(recorder.db as Db, scope.siteId, ['setNumber']);
    await recorder.insert(
      'setNumber',
      nextNumbers(setNumber, series, count, gaps).map((number) => ({ id: newId(), lineId, series, number, name: '' })),
    );
  });
}

export async function closeNumberGaps(scope: Scope, series: string): Promise<ChangeAnswer> {
  return makeChange(scope, `close the gaps of ${series}`, async (recorder) => {
    const { setNumber } = await readTables(recorder.db as Db, scope.siteId, ['setNumber']);
    for (const { row, number } of closeGaps(setNumber, series))
      await recorder.update('setNumber', row.id, null, { number });
  });
}

export async function numberIndex({ db, siteId }: Scope) {
  const data = await readSite(db, siteId);
  const paths = pathsOf(data);
  const contents = contentsOf({
    bins: data.bin,
    lines: data.line,
    categories: byId(data.category),
    types: byId(data.containerType),
    site: data.site[0]!,
  });
  const binOfLine = binsByLine(data.bin, contents);
  const placeOf = (bin: Bin): string => wayOf(paths.get(bin.id)!);
  const rows = indexOf({ numbers: data.setNumber, lines: byId(data.line), binOfLine, placeOf });
  return { title: `${data.site[0]!.name} · index of numbers`, rows, paper: data.site[0]!.paper };
}

export const INDEX_COLUMNS: Column<IndexRow>[] = [
  { title: 'series', share: 12, of: ({ number }) => number.series },
  { title: 'number', share: 10, of: ({ number }) => number.number },
  { title: 'name', share: 34, of: ({ name }) => name },
  { title: 'bin', share: 22, of: ({ bin }) => bin },
  { title: 'place', share: 30, of: ({ place }) => place },
];
