/** Making, changing and removing single rows, with everything that hangs on them. */
import { ENTITIES, type Line, type RowOf, type TableName } from '@stube/core/model';
import type { Moment } from '@stube/core/calendar';
import { putOffProblem, withDecision } from '@stube/core/pile';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { CreatableTable } from '@stube/contract/rows/schemas';
import { makeChange } from '../db/change.ts';
import { newId } from '../db/ids.ts';
import { checkReferences, removeWithAll } from '../db/references.ts';
import { titleOf, type AnyRow, type Recorder } from '../db/recorder.ts';
import { momentOf } from '../db/moment.ts';
import type { Scope } from '../db/scope.ts';
import { Refused, Stale } from '../db/problems.ts';
import { lineChanged } from '../features/sorting/pile/changed.ts';
import { HOOKS } from './hooks.ts';

type Values = Record<string, unknown>;

const wordFor = (table: TableName): string => ENTITIES[table].words.one;
const named = (act: string, table: TableName, title: string): string => `${act} ${wordFor(table)} ${title}`.trim();

export async function createRow(scope: Scope, table: CreatableTable, values: Values): Promise<ChangeAnswer> {
  return makeChange(scope, named('new', table, titleOf(values)), async (recorder) => {
    await checkReferences(recorder, table, [{ at: '', values }]);
    const hooks = HOOKS[table];
    const id = newId();
    const row = { id, ...((await hooks?.computed?.(recorder, values)) ?? {}), ...values };
    const [made] = await recorder.insert(table, [row as never]);
    await hooks?.created?.(recorder, made as never);
    return id;
  });
}

/** The fields to be written, and what a change of them brings with it. */
export const patchOf = <T extends TableName>(table: T, row: RowOf<T>, patch: Values, now: Moment): Partial<RowOf<T>> =>
  (table === 'line' ? linePatch(row as unknown as Line, patch, now) : patch) as Partial<RowOf<T>>;

/** @throws Refused where its decision was put off too often already */
function linePatch(line: Line, patch: Values, now: Moment): Values {
  const problem = putOffProblem(line, patch);
  if (problem) throw new Refused([{ field: 'due', message: problem }]);
  return { ...withDecision(line, patch, now) };
}

export async function patchRow(
  scope: Scope,
  table: TableName,
  id: string,
  { version, ...patch }: Values & { version: number },
): Promise<ChangeAnswer> {
  return makeChange(scope, named('change', table, ''), async (recorder) => {
    await checkReferences(recorder, table, [{ at: '', values: patch }]);
    let before: Values = {};
    const now = await momentOf(recorder, scope.now);
    const after = await recorder.update(table, id, version, (row) => {
      before = row as unknown as Values;
      return patchOf(table, row, patch, now);
    });
    recorder.what = nameOfPatch(table, before, patch);
    if (table === 'line') await lineChanged(recorder, before as never, after as never, now);
    await HOOKS[table]?.changed?.(recorder, before as never, after as never);
    return id;
  });
}

/** How undo will name it. */
function nameOfPatch(table: TableName, before: Values, patch: Values): string {
  const title = titleOf(before);
  if (table === 'line' && patch.decision) return `${title}: ${String(patch.decision)}`;
  if (table === 'line' && 'categoryId' in patch) return `move ${title}`;
  if (table === 'category' && patch.familyId) return `move ${title}`;
  if (patch.name && patch.name !== before.name) return `rename ${title} to ${String(patch.name)}`;
  return named('change', table, title);
}

/** @param version what its author has read; null where the service itself has just read it */
export async function removeWith(recorder: Recorder, table: TableName, id: string, version: number): Promise<AnyRow> {
  const row = (await recorder.find(table, id)) as unknown as AnyRow;
  if (row.version !== version) throw new Stale(table, row);
  await HOOKS[table]?.removing?.(recorder, row as never);
  await removeWithAll(recorder, table, [row]);
  return row;
}

export async function removeRow(scope: Scope, table: TableName, id: string, version: number): Promise<ChangeAnswer> {
  return makeChange(scope, '', async (recorder) => {
    recorder.what = named('remove', table, titleOf(await removeWith(recorder, table, id, version)));
  });
}
