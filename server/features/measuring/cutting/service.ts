/** The cut list of a room as a document to take along: what to buy, what to cut from which bar, what carries it. */
import { byId } from '@stube/core/model';
import {
  barsAlike,
  bearsWeight,
  cutProblemOf,
  FIXING_CAUTION,
  fixingsOf,
  leftOf,
  listPieces,
  planSheets,
  wallFixingsOf,
} from '@stube/core/cutting';
import { formatLength, inUnits } from '@stube/core/notation';
import { NotFound } from '../../../db/problems.ts';
import { readTables } from '../../../db/read.ts';
import type { Scope } from '../../../db/scope.ts';
import { formatMoney } from '@stube/core/notation';
import { tableCsv } from '../../../documents/table.ts';
import type { Work } from '../../../threads/pool.ts';
import type { CutDocument } from './document.ts';

const NEEDED = ['site', 'room', 'unit', 'compartment', 'cutPiece', 'cutStock'] as const;

export async function cutDocument({ db, siteId }: Scope, roomId: string, work: Work): Promise<CutDocument> {
  const data = await readTables(db, siteId, NEEDED);
  const room = data.room.find((one) => one.id === roomId);
  if (!room) throw new NotFound('room', roomId);
  const site = data.site[0]!;
  const units = byId(data.unit.filter((unit) => unit.roomId === roomId));
  const compartments = byId(data.compartment);
  const listed = listPieces(data.cutPiece, compartments, units, site.clearance);
  const { problem, tooLong } = cutProblemOf(listed, data.cutStock, site);
  const answer = await work.run('cut', problem);
  const sheets = await planSheets(listed, data.cutStock, site.kerf, (sheet) => work.run('fit', sheet));
  const own = data.unit.filter((unit) => unit.roomId === roomId);
  const onWalls = wallFixingsOf(own, data.compartment, room);
  const say = (mm: number) => formatLength(mm, site.system, 'down', 16);
  const lengths = new Map(listed.map((one) => [one.piece.id, one]));
  const stock = byId(data.cutStock);
  const nameOf = (id: string): string => {
    const { unit, compartment } = lengths.get(id)!;
    return `${unit.name}, ${compartment.name}`;
  };
  const price = (minor: number) => formatMoney(minor, site.currency);
  const bars = barsAlike(answer.bars ?? [], (id) => lengths.get(id)!.length).map((alike) => {
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
      ? `${answer.bars.length} lengths, ${price(answer.price!)}${answer.optimal ? ', proven the least' : ''}${sheets.sheets.length ? `; ${sheets.sheets.length} sheets, ${price(sheets.price)}` : ''}. The saw takes ${site.kerf} mm; each piece is ${site.clearance} mm shorter than the inside that was measured.`
      : 'There is not enough stock for these pieces.',
    bars,
    kerf: site.kerf,
    sheets: sheets.sheets.map(({ stock: { part, length, width, price: each }, cuts, used }) => ({
      part,
      length,
      width: width!,
      stock: `${part}, ${say(length)} × ${say(width!)}`,
      price: price(each),
      used: `${Math.round(used * 100)} % used`,
      cuts: cuts.map((cut) => ({ ...cut, words: `${say(cut.length)} × ${say(cut.width)}`, where: nameOf(cut.piece) })),
    })),
    pieces: listed.map(({ piece, length, width, inside, compartment, unit }) => ({
      part: piece.part,
      count: piece.count,
      where: `${unit.name}, ${compartment.name}`,
      inside: say(inside),
      length: piece.part === 'panel' ? `${say(length)} × ${say(width!)}` : say(length),
      millimetres: length,
      measured: compartment.measured,
    })),
    fixings: [
      ...fixingsOf(listed),
      ...onWalls.flatMap(({ unit, fixings }) =>
        fixings.map(({ what, count, why }) => ({ what: `${what} for ${unit.name}`, count, why })),
      ),
    ].map(({ what, count, why }) => ({ what, count, why: inUnits(why, site.system) })),
    notes: [
      ...[...sheets.without].map(
        ([id, count]) => `${count} × ${lengths.get(id)!.piece.part} for ${nameOf(id)}: no sheet is that large.`,
      ),
      ...onWalls.flatMap(({ caution }) => (caution ? [caution] : [])),
      ...tooLong.map(
        ({ piece, length, unit, compartment }) =>
          `${piece.count} × ${piece.part} of ${say(length)} for ${unit.name}, ${compartment.name}: no stock is that long.`,
      ),
      ...(listed.some(({ compartment }) => !compartment.measured)
        ? ['Some insides are reckoned, not measured: measure them before the first cut.']
        : []),
      ...(onWalls.length || listed.some(({ piece }) => bearsWeight(piece.part)) ? [FIXING_CAUTION] : []),
    ],
    paper: site.paper,
  };
}

/** A line for each way of cutting a bar, then one for each sheet. */
export const cutCsv = ({ bars, sheets }: CutDocument): string =>
  tableCsv(
    [
      { title: 'times', of: ({ times }: CsvRow) => times },
      { title: 'part', of: ({ part }) => part },
      { title: 'stock mm', of: ({ stock }) => stock },
      { title: 'price each', of: ({ price }) => price },
      { title: 'pieces mm', of: ({ pieces }) => pieces },
      { title: 'for', of: ({ where }) => where },
      { title: 'left over', of: ({ left }) => left },
    ],
    [
      ...bars.map(({ times, part, length, price, pieces, where, left }) => ({
        times,
        part,
        stock: `${length}`,
        price,
        pieces: pieces.map((piece) => piece.length).join(' + '),
        where,
        left,
      })),
      ...sheets.map(({ part, length, width, price, cuts, used }) => ({
        times: 1,
        part,
        stock: `${length} × ${width}`,
        price,
        pieces: cuts.map((cut) => `${cut.length} × ${cut.width}`).join(' + '),
        where: [...new Set(cuts.map((cut) => cut.where))].join('; '),
        left: used,
      })),
    ],
  );

interface CsvRow {
  times: number;
  part: string;
  stock: string;
  price: string;
  pieces: string;
  where: string;
  left: string;
}
