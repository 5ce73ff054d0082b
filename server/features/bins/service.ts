/** What is found out about a bin while it is used. */
import { contentsOf } from '@stube/core/containers/contents';
import { insideLitres, learnedCorrection } from '@stube/core/containers/litres';
import { shapeOf } from '@stube/core/containers/shape';
import type { ChangeAnswer } from '@stube/contract/answers';
import { makeChange } from '../../db/change.ts';
import { Refused } from '../../db/problems.ts';
import { readSite } from '../../db/read.ts';
import type { Scope } from '../../db/scope.ts';

/**
 * Somebody looked into a bin: how full it really is corrects the bulk of its category for the next time, once for each
 * look; the same said again of the same contents says nothing new (design, 4.1).
 */
export async function recordFull(scope: Scope, binId: string, full: number, version: number): Promise<ChangeAnswer> {
  return makeChange(scope, '', async (recorder) => {
    const bin = await recorder.find('bin', binId);
    const category = await recorder.find('category', bin.categoryId);
    const data = await readSite(recorder.db, scope.siteId);
    const types = new Map(data.containerType.map((type) => [type.id, type]));
    const categories = new Map(data.category.map((known) => [known.id, known]));
    const shape = shapeOf(bin, types);
    if (!shape || bin.containerTypeId === null)
      throw new Refused([{ field: 'full', message: 'is told of containers only: this stands without one' }]);
    const inside = contentsOf({ bins: data.bin, lines: data.line, categories, types, site: data.site[0]! }).get(binId)!;
    recorder.what = `${bin.code} is ${Math.round(full * 100)} % full`;
    await recorder.update('bin', binId, version, { seenFull: full, litres: inside.reckoned });
    if (inside.seen && bin.seenFull === full) return binId;
    const bulkCorrection = learnedCorrection(category.bulkCorrection, inside.litres / insideLitres(shape), full);
    if (Math.abs(bulkCorrection - category.bulkCorrection) > 1e-9)
      await recorder.update('category', category.id, null, { bulkCorrection });
    return binId;
  });
}
