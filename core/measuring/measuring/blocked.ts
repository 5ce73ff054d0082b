/** Skirtings, pipes and hinges that take room away at the sides of an inside (practice M3). */
import type { BlockedPart, CompartmentSpace } from '../../ground/model/entities.ts';

type Inside = Pick<CompartmentSpace, 'x' | 'width' | 'depth' | 'height'>;

/** mm that the parts of one side take: they stand before each other only where they are told apart, so the thickest counts. */
const taken = (parts: readonly BlockedPart[], side: BlockedPart['side']): number =>
  Math.max(0, ...parts.filter((part) => part.side === side).map((part) => part.by));

/** How far in from a side the free inside begins. */
const offsets = (parts: readonly BlockedPart[]) => ({
  left: taken(parts, 'left'),
  right: taken(parts, 'right'),
  back: taken(parts, 'back'),
  top: taken(parts, 'top'),
});

/**
 * What is left of an inside, wall to wall, when the blocked parts are taken off; never less than 1 mm.
 * @example lessBlocked({ x: 18, width: 400, depth: 300, height: 350 }, [{ side: 'back', by: 15, what: 'skirting' }]).depth // 285
 */
export function lessBlocked<S extends Inside>(whole: S, parts: readonly BlockedPart[]): S {
  const off = offsets(parts);
  return {
    ...whole,
    x: whole.x + off.left,
    width: Math.max(1, whole.width - off.left - off.right),
    depth: Math.max(1, whole.depth - off.back),
    height: Math.max(1, whole.height - off.top),
  };
}

/** The inside wall to wall again, from what is free. */
export function withBlocked<S extends Inside>(free: S, parts: readonly BlockedPart[]): S {
  const off = offsets(parts);
  return {
    ...free,
    x: free.x - off.left,
    width: free.width + off.left + off.right,
    depth: free.depth + off.back,
    height: free.height + off.top,
  };
}

/** Less than this is no inside any more, mm. */
const LEAST = 10;

/** @returns why these parts cannot be, or null */
export const blockedProblems = (whole: Inside, parts: readonly BlockedPart[]): string | null => {
  const { width, depth, height } = lessBlocked(whole, parts);
  return Math.min(width, depth, height) < LEAST ? 'leaves nothing of the inside' : null;
};
