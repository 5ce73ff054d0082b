/** Where the names of zones are written on the floor plan: near their middles, where nothing covers them. */
import type { Rect } from '@stube/core/floor';
import type { Room, Zone } from '@stube/core/model';

type Named = Pick<Zone, 'id' | 'name' | 'x' | 'y'>;
/** Of the height of letters: how wide one is at the mean, and how much a line takes. */
const LETTER = 0.56;
const LINE = 1.15;
/** Lines above and below the middle that are tried, and shifts to the side, of the name's width; the nearest first. */
const LINES = [0.9, -0.9, 2, -2, 3.2, -3.2];
const SHIFTS = [0, -0.1, 0.1, -0.2, 0.2, -0.35, 0.35, -0.5, 0.5];
const PLACES = LINES.flatMap((line) => SHIFTS.map((shift) => ({ line, shift }))).sort(
  (a, b) => Math.abs(a.line) + 4 * Math.abs(a.shift) - Math.abs(b.line) - 4 * Math.abs(b.shift),
);

const shared = (a: Rect, b: Rect): number =>
  Math.max(0, Math.min(a.right, b.right) - Math.max(a.left, b.left)) *
  Math.max(0, Math.min(a.back, b.back) - Math.max(a.front, b.front));

/**
 * @param covering what stands on the floor: it is drawn over the names
 * @param font height of the letters, mm
 * @returns by zone id: the middle of its name, mm from the left and the front
 */
export function zoneNames(
  zones: readonly Named[],
  covering: readonly Rect[],
  { width, depth }: Pick<Room, 'width' | 'depth'>,
  font: number,
): Map<string, { x: number; y: number }> {
  const taken = [...covering];
  const found = new Map<string, { x: number; y: number }>();
  for (const { id, name, x, y } of zones) {
    const half = (name.length * LETTER * font) / 2;
    const inside = (at: number, least: number, most: number) => Math.max(Math.min(at, most), Math.min(least, most));
    let best: { rect: Rect; hidden: number } | undefined;
    for (const { line, shift } of PLACES) {
      const cx = inside(x + shift * 2 * half, half, width - half);
      const cy = inside(y + line * font, font, depth - font);
      const rect = { left: cx - half, right: cx + half, front: cy - (LINE * font) / 2, back: cy + (LINE * font) / 2 };
      const hidden = taken.reduce((sum, other) => sum + shared(rect, other), 0);
      if (!best || hidden < best.hidden) best = { rect, hidden };
    }
    const { rect } = best!;
    taken.push(rect);
    found.set(id, { x: (rect.left + rect.right) / 2, y: (rect.front + rect.back) / 2 });
  }
  return found;
}
