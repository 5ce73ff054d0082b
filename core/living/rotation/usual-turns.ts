/** What usually takes turns on open shelves, with its areas and ages in months, by kind of thing: a first answer to be corrected (our own judgement). */
import type { Category, Line, Rotating } from '../../ground/model/entities.ts';
import { materialOf } from './materials.ts';
import { kindOfLine } from '../../ground/contents/piece.ts';

type Turn = readonly [areas: readonly string[], from: number, to: number];
const N = 'numbers';
const L = 'language';
const S = 'senses';
const P = 'practical life';
const O = 'open-ended';

export const USUAL_TURNS: Readonly<Record<string, Turn>> = {
  'picture-books': [[L], 18, 84],
  'first-readers': [[L], 54, 96],
  'cloth-books': [['baby', L], 4, 24],
  'counting-rods': [[N], 36, 84],
  'base-ten-blocks': [[N], 60, 108],
  'counting-cubes': [[N], 36, 84],
  abacus: [[N], 42, 84],
  'play-money': [[N], 60, 108],
  clocks: [[N], 60, 108],
  'scales-and-weights': [[N, 'nature'], 42, 96],
  'fraction-sets': [[N], 72, 120],
  'geometry-solids': [[N, S], 36, 84],
  'letter-cards': [[L], 42, 84],
  'movable-alphabet': [[L], 42, 84],
  'word-games': [[L], 66, 132],
  'handwriting-boards': [[L], 48, 84],
  'picture-cards': [[L], 24, 66],
  magnifiers: [['nature', S], 36, 108],
  'magnet-sets': [['nature'], 48, 108],
  'electric-circuits': [['nature'], 84, 144],
  'nature-collection': [['nature', S], 36, 108],
  'flags-and-puzzle-maps': [['nature', L], 48, 108],
  'binoculars-and-compasses': [['nature'], 60, 132],
  'pouring-and-spooning': [[P, S], 24, 60],
  'threading-and-lacing': [[P], 30, 72],
  'dressing-frames': [[P], 30, 66],
  'sense-training': [[S], 30, 72],
  'sand-timers': [[S, N], 36, 96],
  'wooden-blocks': [[O], 18, 108],
  'large-bricks': [[O], 18, 54],
  'clip-together-bricks': [[O], 42, 144],
  'wooden-railway': [[O], 30, 84],
  'magnetic-tiles': [[O], 36, 108],
  'marble-run': [[O], 48, 120],
  planks: [[O], 36, 120],
  'gears-and-connectors': [[O], 42, 108],
  'toy-animals': [[O], 24, 84],
  'small-figures': [[O], 36, 96],
  'loose-parts': [[O, S], 36, 108],
  'tray-puzzles': [[S], 18, 54],
  'jigsaw-puzzles': [[S], 36, 108],
  'memory-games': [[S, L], 36, 96],
  dominoes: [[N], 42, 96],
  'silk-cloths': [[O], 12, 84],
  'sensory-materials': [[S], 24, 72],
  'shakers-and-bells': [['baby', S], 6, 48],
  'rattles-and-teethers': [['baby'], 2, 14],
  'stacking-cups': [['baby', S], 8, 36],
  'sensory-bottles': [['baby', S], 4, 36],
  'sorting-toys': [['baby', S], 10, 36],
};

export type SuggestedTurn = Pick<Rotating, 'areas' | 'fromMonths' | 'toMonths'>;
/** A material by its name comes before what its kind is. @returns null for what usually takes no turns, or is of no kind that is known */
export function suggestedTurn(
  line: Pick<Line, 'kind' | 'name'>,
  category: Pick<Category, 'starter'> | undefined,
): SuggestedTurn | null {
  const material = materialOf(line.name);
  if (material) {
    const { areas, fromMonths, toMonths } = material;
    return { areas: [...areas], fromMonths, toMonths };
  }
  const turn = USUAL_TURNS[kindOfLine(line, category)?.category.key ?? category?.starter ?? ''];
  return turn ? { areas: [...turn[0]], fromMonths: turn[1], toMonths: turn[2] } : null;
}

/** Of what takes turns already, or begins to: the lines whose material comes before that of this one. */
export function comesBefore(line: Pick<Line, 'id' | 'name'>, others: readonly Pick<Line, 'id' | 'name'>[]): string[] {
  const after = materialOf(line.name)?.after ?? [];
  return others
    .filter(({ id, name }) => id !== line.id && after.includes(materialOf(name)?.names[0] ?? ''))
    .map(({ id }) => id);
}
