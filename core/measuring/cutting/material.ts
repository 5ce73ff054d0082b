/**
 * One material's part of a cutting problem, as the search wants it. What a bar offers and what a piece takes both hold
 * one kerf more than their length: then pieces fit where their sum is no more than the bar's (no cut after the last).
 */
import type { CutProblem } from './problem.ts';

export interface Material {
  /** Of each kind of piece, the longest first: length + kerf. */
  lengths: number[];
  demand: number[];
  /** Which pieces are of that length, each as often as it is wanted. */
  ids: string[][];
  /** Of each kind of stock: length + kerf. */
  bars: number[];
  /** How many there are, never more than there are pieces. */
  counts: number[];
  /** Price × {@link weight} + 1: least of all is least price and, of that, fewest bars. */
  costs: number[];
  stock: string[];
  /** More than any number of bars. */
  weight: number;
  pieces: number;
}

export function materialsOf(problem: CutProblem): Material[] {
  return [...new Set(problem.pieces.map(({ material }) => material))].map((name) => {
    const ids = new Map<number, string[]>();
    for (const { id, material, length, count } of problem.pieces)
      if (material === name) ids.set(length, [...(ids.get(length) ?? []), ...Array<string>(count).fill(id)]);
    const lengths = [...ids.keys()].sort((a, b) => b - a);
    const shortest = lengths.at(-1)!;
    const pieces = [...ids.values()].reduce((sum, list) => sum + list.length, 0);
    const stock = problem.stock.filter(
      ({ material, count, length }) => material === name && count !== 0 && length >= shortest,
    );
    const weight = pieces + 1;
    return {
      lengths: lengths.map((length) => length + problem.kerf),
      demand: lengths.map((length) => ids.get(length)!.length),
      ids: lengths.map((length) => ids.get(length)!),
      bars: stock.map(({ length }) => length + problem.kerf),
      counts: stock.map(({ count }) => Math.min(count ?? pieces, pieces)),
      costs: stock.map(({ price }) => price * weight + 1),
      stock: stock.map(({ id }) => id),
      weight,
      pieces,
    };
  });
}

/** A bar of a kind of stock and how many of each kind of piece come from it. */
export interface Pattern {
  stock: number;
  /** By kind of piece. */
  pieces: Uint16Array;
}

export const costOf = (material: Material, plan: readonly Pattern[]): number =>
  plan.reduce((sum, { stock }) => sum + material.costs[stock]!, 0);
