/** The bins that a choice makes of what a category asks for: which lines are in which, and how they are called. */
import type { Bin } from '../../ground/model/entities.ts';
import { bareBins, type BareBin, type Shelves } from './bare.ts';
import { partsOf, sharedOut } from './by-year.ts';
import type { Demand, DemandLine } from '../../ground/contents/demand.ts';

export type BinWanted = Pick<
  Bin,
  'containerTypeId' | 'outWidth' | 'outDepth' | 'outHeight' | 'lineIds' | 'litres' | 'name'
>;

/** The longest name of a bin. */
const MAX_NAME = 70;
const titled = (name: string): string => `${name.charAt(0).toUpperCase()}${name.slice(1)}`.slice(0, MAX_NAME);

/**
 * Lines into so many containers of one kind: as whole as may be, so that everybody knows which bin has which; a line that
 * is more than one takes goes on in the next.
 * @returns ids by container; all empty where there is nothing to tell apart
 */
function shared(lines: readonly DemandLine[], all: number, count: number): string[][] {
  const ids = Array.from({ length: count }, (): string[] => []);
  if (count < 2 || lines.length < 2) return ids;
  const each = all / count;
  let [at, left] = [0, each];
  for (const { line, litres } of lines) {
    let rest = litres ?? 0;
    // What fits better into the next one begins there.
    if (rest > left && left < each * 0.25 && at < count - 1) [at, left] = [at + 1, each];
    ids[at]!.push(line.id);
    while (rest > left + 1e-9 && at < count - 1) {
      rest -= left;
      [at, left] = [at + 1, each];
      if (rest > each * 0.1) ids[at]!.push(line.id);
    }
    left -= rest;
  }
  // A bin without a line of its own takes whatever is left: then none is told apart.
  return ids.every((own) => own.length) ? ids : ids.map(() => []);
}

/**
 * @param containerTypeId null for things that stand without one; then their number follows from them
 * @param count of containers
 * @param bare how they stand, where that is known already
 */
export function binsFor(
  demand: Demand,
  containerTypeId: string | null,
  count: number,
  shelves: Shelves = [],
  bare: readonly BareBin[] = containerTypeId === null ? bareBins(demand, shelves) : [],
): BinWanted[] {
  const { category } = demand;
  if (containerTypeId === null) {
    const names = new Map(demand.lines.map(({ line }) => [line.id, line.name]));
    const perLine = new Map<string, number>();
    for (const { lineIds } of bare) perLine.set(lineIds[0]!, (perLine.get(lineIds[0]!) ?? 0) + 1);
    const used = new Map<string, number>();
    return bare.map(({ litres, ...bin }): BinWanted => {
      const id = bin.lineIds[0]!;
      const own = demand.lines.length > 1 ? titled(names.get(id)!) : category.name;
      const number = (used.get(id) ?? 0) + 1;
      used.set(id, number);
      const name = perLine.get(id)! > 1 ? `${own.slice(0, MAX_NAME - 4)} ${number}` : own;
      return { ...bin, containerTypeId: null, litres, name };
    });
  }
  const parts = partsOf(demand);
  const counts = sharedOut(parts, count);
  const own = counts && category.limit?.perYear ? parts : [{ year: null, lines: demand.lines, litres: demand.litres }];
  return own.flatMap(({ year, lines, litres }, part) => {
    const each = year === null ? count : counts![part]!;
    const called = year === null ? category.name : `${category.name.slice(0, MAX_NAME - 12)} ${year}`;
    const ids = year !== null && each === 1 ? [lines.map(({ line }) => line.id)] : shared(lines, litres, each);
    return ids.map((lineIds, i): BinWanted => ({
      containerTypeId,
      outWidth: null,
      outDepth: null,
      outHeight: null,
      lineIds,
      litres: litres / category.bulkCorrection / each,
      name: each > 1 ? `${called} ${i + 1}` : called,
    }));
  });
}
