/** What is found out about a bin while it is used. */
import { contentsOf, insideLitres, learnedCorrection, shapeOf } from '@stube/core/contents';
import { type Bin, byId, type ObservationKind } from '@stube/core/model';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { ObservedRequest } from '@stube/contract/bins/requests';
import { makeChange } from '../../../db/change.ts';
import { newId } from '../../../db/ids.ts';
import { Refused } from '../../../db/problems.ts';
import { readSite } from '../../../db/read.ts';
import type { Recorder } from '../../../db/recorder.ts';
import type { Scope } from '../../../db/scope.ts';

/** How full a bin is that was found empty or over-full. */
const FULLNESS: Partial<Record<ObservationKind, number>> = { empty: 0, 'over-full': 1.2 };

/** One tap: it is remembered, and what was found empty or over-full says how full it is. */
export async function observe(scope: Scope, binId: string, seen: ObservedRequest): Promise<ChangeAnswer> {
  const { kind } = seen;
  return makeChange(scope, '', async (recorder) => {
    const bin = await recorder.find('bin', binId);
    recorder.what = `${bin.code} ${kind}`;
    const id = newId();
    const at = scope.now.toISOString();
    await recorder.insert('observation', [{ id, roomId: bin.roomId, binId, at, ...seen }]);
    const full = FULLNESS[kind];
    if (full !== undefined && bin.containerTypeId !== null) await writeFull(recorder, bin, full, null);
    return id;
  });
}

/**
 * Somebody looked into a bin: how full it really is corrects the bulk of its category for the next time, once for each
 * look; the same said again of the same contents says nothing new (docs/computing.md, How much room does it take?).
 */
export async function recordFull(scope: Scope, binId: string, full: number, version: number): Promise<ChangeAnswer> {
  return makeChange(scope, '', async (recorder) => {
    const bin = await recorder.find('bin', binId);
    recorder.what = `${bin.code} is ${Math.round(full * 100)} % full`;
    await writeFull(recorder, bin, full, version);
    return binId;
  });
}

async function writeFull(recorder: Recorder, bin: Bin, full: number, version: number | null): Promise<void> {
  const category = await recorder.find('category', bin.categoryId);
  const data = await readSite(recorder.db, recorder.siteId);
  const types = byId(data.containerType);
  const shape = shapeOf(bin, types);
  if (!shape || bin.containerTypeId === null)
    throw new Refused([{ field: 'full', message: 'is told of containers only: this stands without one' }]);
  const all = { bins: data.bin, lines: data.line, categories: byId(data.category), types, site: data.site[0]! };
  const inside = contentsOf(all).get(bin.id)!;
  await recorder.update('bin', bin.id, version, { seenFull: full, litres: inside.reckoned });
  if (inside.seen && bin.seenFull === full) return;
  const bulkCorrection = learnedCorrection(category.bulkCorrection, inside.litres / insideLitres(shape), full);
  if (Math.abs(bulkCorrection - category.bulkCorrection) > 1e-9)
    await recorder.update('category', category.id, null, { bulkCorrection });
}
