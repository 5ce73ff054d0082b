/**
 * Boards and panels from sheets (practice M5): sheet after sheet is filled by the packing engine, each piece made larger
 * by the saw's cut. Good, not proven: which pieces share a sheet is decided one sheet at a time.
 */
import { byId } from '../../ground/model/by-id.ts';
import type { FitAnswer, FitProblem } from '../../ground/problems/fit-problem.ts';
import type { CutStock } from '../../ground/model/entities.ts';
import { isFromSheets, type ListedPiece } from './cut-list.ts';

/** Time for one sheet, ms. */
export const SHEET_MS = 400;
/** Any height: only the floor counts. */
const FLAT = 10;

export interface SheetCut {
  /** Id of the piece; it lies lengthwise unless turned. */
  piece: string;
  /** From the sheet's corner along its length and its width, mm. */
  x: number;
  y: number;
  length: number;
  width: number;
}
export interface CutSheet {
  stock: CutStock;
  cuts: SheetCut[];
  /** Share of the sheet that is used. */
  used: number;
}
export interface SheetPlan {
  sheets: CutSheet[];
  /** Minor units. */
  price: number;
  /** How many of each piece found no sheet. */
  without: Map<string, number>;
}

type Wanted = { id: string; part: string; length: number; width: number; count: number };

const sheetProblem = (stock: CutStock, pieces: readonly Wanted[], kerf: number): FitProblem => ({
  format: 'stube-fit/1',
  compartment: { width: stock.length + kerf, depth: stock.width! + kerf, height: FLAT, access: 'top' },
  containers: pieces.map(({ id, length, width, count }) => ({
    id,
    width: length + kerf,
    depth: width + kerf,
    height: FLAT,
    turnable: true,
    stackable: false,
    count,
    value: length * width,
    uses: 0,
  })),
  timeMs: SHEET_MS,
});

/**
 * @param solve the packing engine, with the time of the problem
 * @example (await planSheets(listed, stock, 3, solve)).sheets.length
 */
export async function planSheets(
  listed: readonly ListedPiece[],
  stock: readonly CutStock[],
  kerf: number,
  solve: (problem: FitProblem) => FitAnswer | Promise<FitAnswer>,
): Promise<SheetPlan> {
  const plan: SheetPlan = { sheets: [], price: 0, without: new Map() };
  const wanted: Wanted[] = listed
    .filter((one) => isFromSheets(one, stock))
    .map(({ piece, length, width }) => ({ id: piece.id, part: piece.part, length, width: width!, count: piece.count }));
  const there = new Map(stock.map(({ id, count }) => [id, count ?? Infinity]));
  for (const part of new Set(wanted.map((one) => one.part))) {
    let open = wanted.filter((one) => one.part === part);
    while (open.length) {
      let best: { sheet: CutSheet; worth: number } | null = null;
      for (const one of stock.filter(
        (sheet) => sheet.part === part && sheet.width !== null && there.get(sheet.id)! > 0,
      )) {
        const pieces = byId(open);
        const { placed } = await solve(sheetProblem(one, open, kerf));
        const cuts = placed.map(({ id, x, y, turned }): SheetCut => {
          const { length, width } = pieces.get(id)!;
          return { piece: id, x, y, length: turned ? width : length, width: turned ? length : width };
        });
        if (!cuts.length) continue;
        const area = cuts.reduce((sum, cut) => sum + cut.length * cut.width, 0);
        const sheet = { stock: one, cuts, used: area / (one.length * one.width!) };
        // What lies there is used first, then what gives most pieces for the money; without prices, what is filled best.
        const worth = one.price ? area / one.price : 1e9 * sheet.used;
        if (!best || worth > best.worth) best = { sheet, worth };
      }
      if (!best) {
        for (const { id, count } of open) plan.without.set(id, count);
        break;
      }
      const { sheet } = best;
      plan.sheets.push(sheet);
      plan.price += sheet.stock.price;
      there.set(sheet.stock.id, there.get(sheet.stock.id)! - 1);
      open = open
        .map((piece) => ({ ...piece, count: piece.count - sheet.cuts.filter((cut) => cut.piece === piece.id).length }))
        .filter(({ count }) => count > 0);
    }
  }
  return plan;
}
