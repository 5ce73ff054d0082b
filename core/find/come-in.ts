/** Before something is bought or accepted: is one owned already, has it a home, what must go for it? (practice E10) */
import { litresOfLine } from '../containers/demand.ts';
import { bulkLitres, usableLitres } from '../containers/litres.ts';
import { formatAmount } from '../pile/measures.ts';
import { parseLine, isParsedLine } from '../pile/parse-line.ts';
import { knownCategories, proposeCategories } from '../matching/propose.ts';
import type { Bin, Category, ContainerType, Line, SiteData } from '../model/entities.ts';
import { stems } from '../matching/words.ts';

export type ComeInData = Pick<SiteData, 'site' | 'room' | 'category' | 'line' | 'bin' | 'containerType'>;

export interface Home {
  bin: Bin;
  /** Litres still free in it. */
  free: number;
}
export interface ComeIn {
  name: string;
  /** Bulk litres of what would come in. */
  litres: number;
  category: Pick<Category, 'id' | 'name'> | null;
  /** Lines of the same name first, then of the same kind. */
  owned: { line: Line; room: string; same: boolean }[];
  homes: Home[];
  /** What could leave so that it fits: of the same kind, the least likely to be missed first. */
  leave: { line: Line; litres: number }[];
  verdict: 'there is one' | 'it has a home' | 'something must go' | 'it has no home';
  reason: string;
}

const WEIGHT: Partial<Record<string, number>> = { broken: 0, 'dried out': 0, incomplete: 1, worn: 2 };

/** Null when the text names nothing. */
export function canItComeIn(text: string, data: ComeInData): ComeIn | null {
  const site = data.site[0]!;
  const read = parseLine(text, site.system);
  if (!isParsedLine(read)) return null;
  const categories = new Map(data.category.map((category) => [category.id, category]));
  const types = new Map<string, ContainerType>(data.containerType.map((type) => [type.id, type]));
  const rooms = new Map(data.room.map((room) => [room.id, room.name]));
  const proposal = proposeCategories(read.name, knownCategories(data.category), 1)[0];
  const category = categories.get(proposal?.categoryId ?? '') ?? null;
  const traits = category ?? proposal?.starter ?? null;
  const usual = proposal?.starter?.piece ?? ([80, 60, 40] as const);
  const [length, width, height] = read.size ?? [null, null, null];
  const litres = bulkLitres({ ...read, length, width, height }, traits?.packingKind ?? 'rigid', usual, site.measures);
  const said = new Set(stems(read.name));
  const kept = data.line.filter((line) => line.decision === 'keep');
  const isSame = (line: Line) => {
    const own = stems(line.name);
    return own.length > 0 && own.every((word) => said.has(word)) && said.size === own.length;
  };
  const owned = kept
    .map((line) => ({ line, room: rooms.get(line.roomId) ?? '', same: isSame(line) }))
    .filter((one) => one.same || (category !== null && one.line.categoryId === category.id))
    .sort((a, b) => Number(b.same) - Number(a.same) || b.line.amount - a.line.amount);
  const homes = data.bin
    .filter((bin) => category !== null && bin.categoryId === category.id)
    .map((bin) => {
      const type = types.get(bin.containerTypeId);
      const room = type ? usableLitres(type, site.fillLimit) : 0;
      const inside = type && bin.seenFull !== null ? bin.seenFull * usableLitres(type, 1) : bin.litres;
      return { bin, free: Math.max(0, room - inside) };
    })
    .sort((a, b) => b.free - a.free);
  const leave = owned
    .map(({ line }) => ({ line, litres: litresOfLine(line, category ?? undefined, site) }))
    .sort(
      (a, b) => (WEIGHT[a.line.condition ?? ''] ?? 3) - (WEIGHT[b.line.condition ?? ''] ?? 3) || b.litres - a.litres,
    );
  const fits = homes.some((home) => home.free >= litres);
  const same = owned.find((one) => one.same);
  if (same)
    return answer(
      'there is one',
      `${formatAmount(same.line.amount, same.line.measure)} of it already in ${same.room}.`,
    );
  if (fits) return answer('it has a home', `${homes[0]!.bin.code} has ${homes[0]!.free.toFixed(1)} litres free.`);
  if (homes.length)
    return answer(
      'something must go',
      `Its bins are full: ${litres.toFixed(1)} litres come in, ${homes[0]!.free.toFixed(1)} are free.`,
    );
  return answer(
    'it has no home',
    category ? `No bin holds ${category.name} yet.` : 'Nothing of its kind is kept here.',
  );

  function answer(verdict: ComeIn['verdict'], reason: string): ComeIn {
    return { name: (read as { name: string }).name, litres, category, owned, homes, leave, verdict, reason };
  }
}
