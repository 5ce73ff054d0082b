/** What lies in a room and in whose bins: what is kept, and what waits to be handed over (practice G5). */
import type { Category, HazardId, Line } from '../model/entities.ts';
import { takenAlong } from './piece.ts';

/** The library entry of the place in which things wait until they are handed over. */
export const WAY_OUT = 'on-its-way-out';

/** Decisions after which a thing still lies in its room until it is handed over; rubbish is taken out at once. */
const WAITS: readonly Line['decision'][] = ['give away', 'pass on', 'return', 'sell', 'recycle'];

export const isWaiting = (line: Pick<Line, 'decision' | 'handedOver'>): boolean =>
  WAITS.includes(line.decision) && line.handedOver === null;

export interface StoredLine {
  /** As it lies there: what waits keeps its own size, and takes its kind along. */
  line: Line;
  category: Category;
  /** Of the category it came from: they stay with it wherever it lies. */
  hazards: readonly HazardId[];
}

/**
 * Lines with the category whose bins take them. What waits to be handed over lies in the bins of its own place, on
 * sites that have one; else it is nobody's.
 */
export function storedLines(lines: readonly Line[], categories: ReadonlyMap<string, Category>): StoredLine[] {
  let wayOut: Category | undefined;
  for (const category of categories.values()) if (category.starter === WAY_OUT) wayOut = category;
  return lines.flatMap((line): StoredLine[] => {
    const own = line.categoryId === null ? undefined : categories.get(line.categoryId);
    if (line.decision === 'keep') return own ? [{ line, category: own, hazards: [] }] : [];
    if (!wayOut || !isWaiting(line)) return [];
    const there = { ...line, ...takenAlong(line, own), categoryId: wayOut.id };
    return [{ line: there, category: wayOut, hazards: own?.hazards ?? [] }];
  });
}
