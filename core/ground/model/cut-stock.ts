import type { CutPart } from './cut-piece.ts';
import { entity, type RowOfSite } from './entity.ts';

/** A length or a sheet that is sold, or an offcut that is there. */
export interface CutStock extends RowOfSite {
  part: CutPart;
  /** mm */
  length: number;
  /** Of a sheet, mm; null where only the length counts. */
  width: number | null;
  /** Minor units for one. */
  price: number;
  /** How many are there; null: as many as are bought. */
  count: number | null;
}

export const cutStock = entity<CutStock>()({
  words: { one: 'stock length', many: 'stock lengths' },
  routes: { create: true, remove: true },
  fields: { part: {}, length: {}, width: { default: null, since: 7 }, price: { default: 0 }, count: { default: null } },
  since: 6,
});
