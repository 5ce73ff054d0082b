/** The cut list of a room as a document to take along: what to buy, what to cut from which bar, what carries it. */
import {
  barsAlike,
  bearsWeight,
  cutProblemOf,
  FIXING_CAUTION,
  fixingsOf,
  leftOf,
  listPieces,
} from '@stube/core/cutting/cut-list';
import { formatLength } from '@stube/core/measuring/length';
import { NotFound } from '../../db/problems.ts';
import { readTables } from '../../db/read.ts';
import type { Scope } from '../../db/scope.ts';
import { tableCsv } from '../../documents/table.ts';
import type { Work } from '../../threads/pool.ts';
import type { CutDocument } from './document.ts';

const NEEDED = ['site', 'room', 'unit', 'compartment', 'cutPiece', 'cutStock'] as const;

export async function cutDocument({ db, siteId }: Scope, roomId: string, work: Work): Promise<CutDocument> {
  const data = await readTables(db, siteId, NEEDED);
  const room = data.room.find((one) => one.id === roomId);
  if (!room) throw new NotFound('room', roomId);
  const site = data.site[0]!;
  const units = new Map(data.unit.filter((unit) => unit.roomId === roomId).map((unit) => [unit.id, unit]));
  const compartments = new Map(data.compartment.map((space) => [space.id, space]));
  const listed = listPieces(data.cutPiece, compartments, units, site.clearance);
  const { problem, tooLong } = cutProblemOf(listed, data.cutStock, site);
  const answer = await work.run('cut', problem);
  const say = (mm: number) => formatLength(mm, site.system, 'down', 16);
  const byId = new Map(listed.map((one) => [one.piece.id, one]));
  const stock = new Map(data.cutStock.map((bar) => [bar.id, bar]));
  const nameOf = (id: string): string => {
    const { unit, compartment } = byId.get(id)!;
    return `${unit.name}, ${compartment.name}`;
  };
  const money = new Intl.NumberFormat('en', { style: 'currency', currency: site.currency });
  const digits = money.resolvedOptions().maximumFractionDigits ?? 2;
  const price = (minor: number) => money.format(minor / 10 ** digits);
  const bars = barsAlike(answer.bars ?? [], (id) => byId.get(id)!.length).map((alike) => {
    const from = stock.get(alike.stock)!;
    return {
      times: alike.times,
      part: from.part,
      length: from.length,
      stock: `${from.part}, ${say(from.length)}`,
      price: price(from.price),
      pieces: alike.lengths.map((length) => ({ length, words: say(length) })),
      where: [...new Set(alike.pieces.map(nameOf))].join('; '),
      left: say(leftOf(from.length, alike.lengths, site.kerf)),
    };
  });
  return {
    title: `${site.name} · ${room.name} · cut list`,
    under: answer.bars
      ? `${answer.bars.length} lengths, ${price(answer.price!)}${answer.optimal ? ', proven the least' : ''}. The saw takes ${site.kerf} mm; each piece is ${site.clearance} mm shorter than the inside that was measured.`
      : 'There is not enough stock for these pieces.',
    bars,
    kerf: site.kerf,
    pieces: listed.map(({ piece, length, inside, compartment, unit }) => ({
      part: piece.part,
      count: piece.count,
      where: `${unit.name}, ${compartment.name}`,
      inside: say(inside),
      length: say(length),
      millimetres: length,
      measured: compartment.measured,
    })),
    fixings: fixingsOf(listed).map(({ what, count, why }) => ({ what, count, why })),
    notes: [
      ...tooLong.map(
        ({ piece, length, unit, compartment }) =>
          `${piece.count} × ${piece.part} of ${say(length)} for ${unit.name}, ${compartment.name}: no stock is that long.`,
      ),
      ...(listed.some(({ compartment }) => !compartment.measured)
        ? ['Some insides are reckoned, not measured: measure them before the first cut.']
        : []),
      ...(listed.some(({ piece }) => bearsWeight(piece.part)) ? [FIXING_CAUTION] : []),
    ],
    paper: site.paper,
  };
}

export const cutCsv = ({ bars }: CutDocument): string =>
  tableCsv(
    [
      { title: 'bars', of: ({ times }: CutDocument['bars'][number]) => times },
      { title: 'part', of: ({ part }) => part },
      { title: 'stock mm', of: ({ length }) => length },
      { title: 'price each', of: (bar) => bar.price },
      { title: 'pieces mm', of: ({ pieces }) => pieces.map(({ length }) => length).join(' + ') },
      { title: 'for', of: ({ where }) => where },
      { title: 'left over', of: ({ left }) => left },
    ],
    bars,
  );
