/** Labels of bins: which are to be printed, and that they were. */
import { contentsOf, setIn } from '@stube/core/containers/contents';
import { shapeOf } from '@stube/core/containers/shape';
import { cellContents, contentOf, labelText, type LabelContent, type Paper } from '@stube/core/labels/layout';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { LabelQuery } from '@stube/contract/labels/requests';
import { makeChange } from '../../db/change.ts';
import { readTables } from '../../db/read.ts';
import type { Scope } from '../../db/scope.ts';

/** What a label says follows from these. */
const NEEDED = ['site', 'room', 'family', 'category', 'containerType', 'bin', 'line'] as const;

/** @param origin where the application is reached, such as `http://127.0.0.1:4180`; the QR code points there */
export async function labelsOf(
  { db, siteId }: Scope,
  query: LabelQuery,
  origin: string,
): Promise<{ title: string; labels: LabelContent[]; paper: Paper }> {
  const data = await readTables(db, siteId, NEEDED, query.room);
  const categories = new Map(data.category.map((category) => [category.id, category]));
  const families = new Map(data.family.map((family) => [family.id, family]));
  const types = new Map(data.containerType.map((type) => [type.id, type]));
  const contents = contentsOf({ bins: data.bin, lines: data.line, categories, types, site: data.site[0]! });
  const bins = data.bin
    .filter(
      (bin) =>
        (!query.room || bin.roomId === query.room) &&
        (!query.bin || bin.id === query.bin) &&
        (query.which === 'all' || bin.printed !== labelText(bin)),
    )
    .sort((a, b) => a.code.localeCompare(b.code, undefined, { numeric: true }));
  const labels = bins.flatMap((bin) => {
    const category = categories.get(bin.categoryId)!;
    const [family, shape] = [families.get(category.familyId), shapeOf(bin, types)!];
    const link = `${origin}/s/${siteId}/b/${bin.code}`;
    const inside = contents.get(bin.id);
    return [
      contentOf(bin, category, family, shape, link, setIn(inside)),
      ...cellContents(bin, category, family, shape, inside?.lines ?? [], link),
    ];
  });
  const room = data.room.find((room) => room.id === query.room);
  return {
    title: [data.site[0]!.name, room?.name, 'labels'].filter(Boolean).join(' · '),
    labels,
    paper: query.paper ?? data.site[0]!.paper,
  };
}

export async function markPrinted(scope: Scope, ids: string[]): Promise<ChangeAnswer> {
  return makeChange(scope, `${ids.length} labels printed`, async (recorder) => {
    for (const id of ids) {
      const bin = await recorder.find('bin', id);
      if (bin.printed !== labelText(bin)) await recorder.update('bin', id, null, { printed: labelText(bin) });
    }
  });
}
