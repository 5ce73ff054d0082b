/** What the site keeps, as a table. */
import { byCode, byId } from '@stube/core/model';
import { contentsOf, formatAmount, litresOfLine, shapeOf } from '@stube/core/contents';
import { pathsOf } from '@stube/core/find';
import { readSite } from '../../../db/read.ts';
import type { Scope } from '../../../db/scope.ts';
import { tableCsv } from '../../../documents/table.ts';

const INVENTORY = [
  'code',
  'name',
  'family',
  'category',
  'amount',
  'litres',
  'container',
  'room',
  'unit',
  'compartment',
] as const;

export async function inventoryCsv({ db, siteId }: Scope): Promise<string> {
  const data = await readSite(db, siteId);
  const categories = byId(data.category);
  const families = new Map(data.family.map((family) => [family.id, family.name]));
  const types = byId(data.containerType);
  const contents = contentsOf({ bins: data.bin, lines: data.line, categories, types, site: data.site[0]! });
  const paths = pathsOf(data);
  const rows = [...data.bin].sort(byCode).map((bin) => {
    const category = categories.get(bin.categoryId);
    const { lines, litres } = contents.get(bin.id)!;
    const path = paths.get(bin.id)!;
    return {
      code: bin.code,
      name: bin.name,
      family: families.get(category?.familyId ?? '') ?? '',
      category: category?.name ?? '',
      amount: lines.map((line) => formatAmount(line.amount, line.measure)).join(' + '),
      litres: Number(litres.toFixed(1)),
      container: shapeOf(bin, types)?.name ?? '',
      room: path.room,
      unit: path.unit ?? '',
      compartment: path.compartment ?? '',
    };
  });
  const loose = data.line
    .filter(
      (line) =>
        line.decision === 'keep' &&
        !data.bin.some((bin) => bin.roomId === line.roomId && bin.categoryId === line.categoryId),
    )
    .map((line) => ({
      code: '',
      name: line.name,
      family: families.get(categories.get(line.categoryId ?? '')?.familyId ?? '') ?? '',
      category: categories.get(line.categoryId ?? '')?.name ?? '',
      amount: formatAmount(line.amount, line.measure),
      litres: Number((litresOfLine(line, categories.get(line.categoryId ?? ''), data.site[0]!) ?? 0).toFixed(1)),
      container: '',
      room: data.room.find((room) => room.id === line.roomId)?.name ?? '',
      unit: '',
      compartment: '',
    }));
  const all = [...rows, ...loose];
  return tableCsv(
    INVENTORY.map((title) => ({ title, of: (row: (typeof all)[number]) => row[title] })),
    all,
  );
}
