/** What is found out about a bin while it is used. */
import { insideLitres, learnedCorrection } from '@stube/core/containers/litres';
import type { ChangeAnswer } from '@stube/contract/answers';
import { makeChange } from '../../db/change.ts';
import type { Scope } from '../../db/scope.ts';

/** Somebody looked into a bin: how full it really is corrects the bulk of its category for the next time. */
export async function recordFull(scope: Scope, binId: string, full: number, version: number): Promise<ChangeAnswer> {
  return makeChange(scope, '', async (recorder) => {
    const bin = await recorder.find('bin', binId);
    const type = await recorder.find('containerType', bin.containerTypeId);
    const category = await recorder.find('category', bin.categoryId);
    recorder.what = `${bin.code} is ${Math.round(full * 100)} % full`;
    await recorder.update('bin', binId, version, { seenFull: full });
    const bulkCorrection = learnedCorrection(category.bulkCorrection, bin.litres / insideLitres(type), full);
    if (Math.abs(bulkCorrection - category.bulkCorrection) > 1e-9)
      await recorder.update('category', category.id, null, { bulkCorrection });
    return binId;
  });
}
