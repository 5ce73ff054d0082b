/** What form a thing has, as far as it tells how many of them lie in a litre: read off its name and its usual sides. */

/** `irregular`: of no form that could be reckoned with. */
export const PIECE_SHAPES = ['box', 'cylinder', 'ball', 'irregular'] as const;
export type PieceShape = (typeof PIECE_SHAPES)[number];

const BALLS = /(?:balls?|marbles?|beads?|globes?|baubles?|pearls?|nuggets?)\b/i;
const BOXES =
  /\b(?:blocks?|bricks?|cubes?|dice|tiles?|domino(?:es)?|rods?|box(?:es)?|cases?|kits?|crates?|planks?|sticks?|books?|canvas(?:es)?)\b/i;
/** Sides that differ by less are the same, as a share. */
const ALIKE = 0.88;

/**
 * @param names how it is called, first the usual word
 * @param piece its usual sides, mm, longest first
 * @example shapeOfKind(['football'], [220, 220, 220]) // 'ball'
 */
export function shapeOfKind(
  names: readonly string[],
  [length, width, height]: readonly [number, number, number],
): PieceShape {
  const name = names[0] ?? '';
  const long = height >= ALIKE * width;
  const across = width >= ALIKE * length;
  if (long && across && BALLS.test(name)) return 'ball';
  // What is round is told by two sides that are the same: along it, or across a disc.
  const round = (long || across) && !(long && across);
  if (BOXES.test(name) && !(round && /\bsticks?\b/i.test(name))) return 'box';
  return round ? 'cylinder' : 'irregular';
}
