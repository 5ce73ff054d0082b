/** Rows as a person would make them, with nothing that may be left out: for tests. */
import type { Line } from '../entities.ts';
import { defaultsOf } from '../defaults.ts';

export const ROOM = { name: 'Net loft', width: 5000, depth: 4000, height: 2600 };
export const CUBES = {
  name: 'Low cubes',
  template: 'cubes',
  width: 1120,
  height: 760,
  depth: 390,
  columns: 3,
  rows: 2,
  board: 18,
  raised: 0,
};
export const TIN = {
  name: 'Tin with a window',
  outWidth: 200,
  outDepth: 120,
  outHeight: 90,
  inWidth: 190,
  inDepth: 110,
  inHeight: 85,
};

/** A line of which no more is known than its name: ten pieces that stay. */
export const lineValues = (name: string, more: Partial<Line> = {}): Omit<Line, 'id' | 'version' | 'siteId'> => ({
  ...defaultsOf('line'),
  roomId: 'r',
  categoryId: null,
  name,
  amount: 10,
  measure: 'pieces',
  length: null,
  width: null,
  height: null,
  decision: 'keep',
  note: '',
  sort: 0,
  ...more,
});
