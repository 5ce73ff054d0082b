/** Before something is bought or accepted: is one owned already, has it a home, what must go for it? (practices E6, E10) */
import { byId } from '../../ground/model/by-id.ts';
import { contentsOf } from '../../ground/contents/contents.ts';
import { litresOfLine } from '../../ground/contents/demand.ts';
import { insideLitres } from '../../ground/contents/litres.ts';
import { shapeOf } from '../../ground/contents/shape.ts';
import { conditionRank } from '../../sorting/pile/condition-rank.ts';
import { formatAmount } from '../../ground/contents/measures.ts';
import { limitsOf, type LimitUse } from '../../sorting/pile/limits.ts';
import { lineOf } from '../../sorting/pile/new-line.ts';
import { parseLine, isParsedLine } from '../../sorting/pile/parse-line.ts';
import { knownCategories, proposeCategories } from '../../ground/matching/propose.ts';
import { defaultsOf } from '../../ground/model/defaults.ts';
import { dangersOfLine, type LineDanger } from '../../ground/hazards/dangers-of-line.ts';
import type { Bin, Category, Line, SiteData } from '../../ground/model/entities.ts';
import { phraseWords } from '../../ground/matching/phrase.ts';
import { freePlaceFor } from './free-place.ts';

export type ComeInData = Pick<
  SiteData,
  'site' | 'room' | 'person' | 'category' | 'line' | 'bin' | 'containerType' | 'unit' | 'compartment'
>;

export interface Home {
  bin: Bin;
  /** Litres still free in it. */
  free: number;
}
export interface ComeIn {
  name: string;
  /** Bulk litres of what would come in; null where nobody can say. */
  litres: number | null;
  category: Pick<Category, 'id' | 'name'> | null;
  /** Lines of the same name first, then of the same kind. */
  owned: { line: Line; room: string; same: boolean }[];
  homes: Home[];
  /** What could leave so that it fits, no more than is needed: broken and worn ones first. */
  leave: { line: Line; litres: number }[];
  /** The limit it would break, of its category or of the person it is for. */
  limit: LimitUse | null;
  verdict:
    | 'there is one'
    | 'it has a home'
    | 'a place takes it'
    | 'it is furniture'
    | 'something must go'
    | 'it has no home'
    | 'how large is it';
  reason: string;
  /** For the children of the house. */
  dangers: LineDanger[];
}

/** @param today ISO date: ages are those of that day @returns null when the text names nothing */
export function canItComeIn(text: string, data: ComeInData, today: string): ComeIn | null {
  const site = data.site[0]!;
  const read = parseLine(text, site.system);
  if (!isParsedLine(read)) return null;
  const categories = byId(data.category);
  const types = byId(data.containerType);
  const rooms = byId(data.room);
  const proposal = proposeCategories(read.name, knownCategories(data.category), 1)[0];
  const category = categories.get(proposal?.categoryId ?? '') ?? null;
  const asIs: Category | undefined =
    category ??
    (proposal?.starter
      ? {
          ...defaultsOf('category'),
          ...proposal.starter,
          starter: proposal.starter.key,
          id: '',
          version: 0,
          siteId: '',
          familyId: '',
        }
      : undefined);
  const values = lineOf(read, { roomId: '', categoryId: category?.id ?? null, sort: 0 }, 'keep', {
    at: '2000-01-01T00:00:00Z',
    today: '2000-01-01',
  });
  const coming: Line = { id: '', version: 0, siteId: site.id, ...values, keepsakeOf: personIn(text, data)?.id ?? null };
  const litres = litresOfLine(coming, asIs, site);
  const said = new Set(phraseWords(read.name));
  const kept = data.line.filter((line) => line.decision === 'keep');
  const isSame = (line: Line) => {
    const own = phraseWords(line.name);
    return own.length > 0 && own.every((word) => said.has(word)) && said.size === own.length;
  };
  const owned = kept
    .map((line) => ({ line, room: rooms.get(line.roomId)?.name ?? '', same: isSame(line) }))
    .filter((one) => one.same || (category !== null && one.line.categoryId === category.id))
    .sort((a, b) => Number(b.same) - Number(a.same) || b.line.amount - a.line.amount);
  const contents = contentsOf({ bins: data.bin, lines: data.line, categories, types, site });
  const homes = data.bin
    .filter((bin) => category !== null && bin.categoryId === category.id && bin.containerTypeId !== null)
    .map((bin) => {
      const shape = shapeOf(bin, types);
      const inside = shape ? insideLitres(shape) : 0;
      return { bin, free: Math.max(0, inside * (site.fillLimit - (contents.get(bin.id)?.full ?? 0))) };
    })
    .sort((a, b) => b.free - a.free);
  const limits = { site, lines: [...data.line, coming], categories, people: data.person, types, rooms };
  const limit = limitsOf(limits).find((use) => use.over > 0 && use.lines.includes(coming)) ?? null;
  const going = (limit ? limit.lines.filter((line) => line !== coming) : owned.map(({ line }) => line))
    .map((line) => ({ line, litres: litresOfLine(line, categories.get(line.categoryId ?? ''), site) ?? 0 }))
    .sort((a, b) => conditionRank(a.line.condition) - conditionRank(b.line.condition) || b.litres - a.litres);
  const free = homes[0]?.free ?? 0;
  /** Litres that have to go before it comes in. */
  const needed = limit ? Math.max(limit.over, (litres ?? 0) - free) : (litres ?? 0) - free;
  const leave = enoughOf(going, needed);
  const left = needed - going.reduce((sum, one) => sum + one.litres, 0);
  const short = left > 0.05 ? ` Even if all of it went, there would be ${left.toFixed(1)} litres too few.` : '';
  const same = owned.find((one) => one.same);
  if (same)
    return answer(
      'there is one',
      `${formatAmount(same.line.amount, same.line.measure)} of it already in ${same.room}.`,
    );
  if (litres === null)
    return answer('how large is it', 'Tell a size, such as 30x20x10 cm: nothing like it is known here.');
  if ((asIs?.starter ?? null) === 'furniture')
    return answer(
      'it is furniture',
      'It stands on the floor: put it into the plan of its room first, and see whether doors and ways stay free.',
    );
  if (limit)
    return answer(
      'something must go',
      `The limit of ${limit.name} is ${limit.limit.count} × ${limit.type.name}: one in, one out. It would be ${limit.over.toFixed(1)} litres too much.${short}`,
    );
  if (homes.some((home) => home.free >= litres))
    return answer('it has a home', `${homes[0]!.bin.code} has ${homes[0]!.free.toFixed(1)} litres free.`);
  if (homes.length)
    return answer(
      'something must go',
      `Its bins are full: ${litres.toFixed(1)} litres come in, ${homes[0]!.free.toFixed(1)} are free. One in, one out.${short}`,
    );
  const sides =
    coming.length && coming.width && coming.height ? ([coming.length, coming.width, coming.height] as const) : null;
  const place = sides && coming.measure === 'pieces' ? freePlaceFor(sides, coming.amount, data) : null;
  if (place) return answer('a place takes it', `It can stand without a bin: ${place} is large enough and has room.`);
  return answer(
    'it has no home',
    `${category ? `No bin holds ${category.name} yet` : 'Nothing of its kind is kept here'}${sides ? ', and no place is large enough and free' : ''}.`,
  );

  function answer(verdict: ComeIn['verdict'], reason: string): ComeIn {
    const dangers = dangersOfLine(coming, asIs, data.person, today);
    return {
      name: (read as { name: string }).name,
      litres,
      category,
      owned,
      homes,
      leave,
      limit,
      verdict,
      reason,
      dangers,
    };
  }
}

/** The first of them that free so many litres; all, where that is not enough. */
function enoughOf(going: readonly { line: Line; litres: number }[], needed: number): { line: Line; litres: number }[] {
  let freed = 0;
  const at = going.findIndex((one) => (freed += one.litres) >= needed);
  return needed <= 0 ? going.slice(0, 1) : at < 0 ? [...going] : going.slice(0, at + 1);
}

/** The person whose keepsake it would be: named, and a keepsake by its words. */
function personIn(text: string, data: ComeInData): SiteData['person'][number] | undefined {
  if (!/\b(?:keepsakes?|drawings?|paintings?|artwork|memor(?:y|ies)|souvenirs?|first|made by|by)\b/i.test(text))
    return undefined;
  return data.person.find((person) =>
    new RegExp(`\\b${person.name.split(',')[0]!.replace(/[^\p{L}\p{N} ]/gu, '.')}\\b`, 'iu').test(text),
  );
}
