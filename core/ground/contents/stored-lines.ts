/** What lies in a room and in whose bins: what is kept, and what waits to be handed over (practice G5). */
import type { Category, HazardId, Line } from '../model/entities.ts';
import { byId } from '../model/by-id.ts';
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
  /** The thing it lies in, where that is its container: it takes no room of its own (practice F5). Null: none. */
  host: Line | null;
}

/** The outermost thing that a line lies in and that is kept; null where it lies in none. */
function hostOf(line: Line, lines: ReadonlyMap<string, Line>): Line | null {
  const seen = new Set([line.id]);
  let host: Line | null = null;
  for (let next = line.insideId; next && !seen.has(next);) {
    seen.add(next);
    const thing = lines.get(next);
    if (!thing || thing.decision !== 'keep' || !thing.categoryId) break;
    host = thing;
    next = thing.insideId;
  }
  return host;
}

/**
 * Lines with the category whose bins take them. What waits to be handed over lies in the bins of its own place, on
 * sites that have one; else it is nobody's. What lies in another thing is where that is.
 */
export function storedLines(lines: readonly Line[], categories: ReadonlyMap<string, Category>): StoredLine[] {
  let wayOut: Category | undefined;
  for (const category of categories.values()) if (category.starter === WAY_OUT) wayOut = category;
  const known = byId(lines);
  return lines.flatMap((line): StoredLine[] => {
    const own = line.categoryId === null ? undefined : categories.get(line.categoryId);
    if (line.decision === 'keep') {
      const host = line.insideId === null ? null : hostOf(line, known);
      const at = host && categories.get(host.categoryId!);
      if (host && at)
        return [{ line: { ...line, roomId: host.roomId }, category: at, hazards: own?.hazards ?? [], host }];
      return own ? [{ line, category: own, hazards: [], host: null }] : [];
    }
    if (!wayOut || !isWaiting(line)) return [];
    const there = { ...line, ...takenAlong(line, own), categoryId: wayOut.id };
    return [{ line: there, category: wayOut, hazards: own?.hazards ?? [], host: null }];
  });
}
