/** Units in which things come: some are the piece itself (a roll, a tube), some hold many (a jar, a crate). */
import { LITRES_PER_QUART } from '../../../ground/notation/in-units.ts';
import type { Kind } from '../../../ground/starter/library.ts';

/** So many pieces each. A ream is 500 sheets (ISO 4046-3). */
export const PER_UNIT: Readonly<Record<string, number>> = { ream: 500, dozen: 12, pair: 2 };
/** Litres of the US liquid measures by their first letter: gallon, quart, pint. */
export const US_LITRES: Readonly<Record<string, number>> = {
  g: 4 * LITRES_PER_QUART,
  q: LITRES_PER_QUART,
  p: LITRES_PER_QUART / 2,
};
/** The piece as it is sold or counted. */
export const AS_SOLD: readonly string[] = [
  'packet',
  'pack',
  'pkt',
  'roll',
  'reel',
  'spool',
  'ball',
  'skein',
  'hank',
  'tube',
  'bottle',
  'can',
  'pad',
  'sheet',
  'strip',
  'stick',
  'cone',
  'bar',
  'deck',
  'kit',
  'set',
  'copies',
  'length',
  'strand',
  'bunch',
  'block',
  'square',
  'cartridge',
  'pouch',
  'sachet',
  'volume',
  'pot',
];
/** They hold many of it. */
export const CONTAINING: readonly string[] = [
  'moving box',
  'plastic box',
  'box',
  'boxful',
  'carton',
  'crate',
  'jam jar',
  'glass jar',
  'jar',
  'jarful',
  'tin',
  'tub',
  'bag',
  'sack full',
  'bucket',
  'bucketful',
  'washing up bowl',
  'washing-up bowl',
  'bowl',
  'bowlful',
  'drawer',
  'drawerful',
  'tray',
  'trayful',
  'basket',
  'suitcase',
  'pile',
  'heap',
  'stack',
  'bundle',
  'armful',
  'pocketful',
  'shelf',
  'shelf full',
  'case',
  'chest',
  'trunk',
  'pillowcase',
  'folder',
  'envelope',
  'bagful',
];

/** Litres up to which a single piece is small or of middling size, so that its box or bag is. */
const SMALL = 0.02;
const MIDDLING = 0.15;
const SIZES: Readonly<Record<'box' | 'bag', readonly string[]>> = {
  box: ['small box', 'shoebox', 'box'],
  bag: ['small bag', 'medium bag', 'bag'],
};

/**
 * The everyday measure for a container that was only called by its name: small things come in small boxes.
 * @returns a key of the everyday measures
 */
export function containerMeasure(unit: string, adjective: string | undefined, kind: Kind | undefined): string {
  const form = unit.replace(/ful$| full$/, '');
  const family = /^(box|carton|case|plastic box)$/.test(form)
    ? 'box'
    : form === 'bag' || form === 'pillowcase'
      ? 'bag'
      : null;
  if (family) {
    const litres = kind ? (kind.piece[0] * kind.piece[1] * Math.max(1, kind.piece[2])) / 1e6 : 0.1;
    let size = litres < SMALL ? 0 : litres < MIDDLING || kind?.lies === 'flat' ? 1 : 2;
    if (adjective && /big|large|huge|giant/i.test(adjective)) size++;
    if (adjective && /small|little|tiny|mini/i.test(adjective)) size--;
    return SIZES[family][Math.min(2, Math.max(0, size))]!;
  }
  // A heap of buttons is no heap of coats.
  if ((form === 'heap' || form === 'pile') && kind && (kind.piece[0] * kind.piece[1] * kind.piece[2]) / 1e6 < SMALL)
    return 'medium bag';
  const same: Record<string, string> = {
    'moving box': 'crate',
    'washing up bowl': 'bucket',
    'washing-up bowl': 'bucket',
    'jam jar': 'jar',
    'glass jar': 'jar',
    chest: 'crate',
    trunk: 'crate',
    suitcase: 'crate',
    sack: 'sack',
    basket: 'bucket',
    armful: 'bag',
    bundle: 'shoebox',
    stack: 'shoebox',
    pile: 'bag',
    heap: 'bag',
    pocketful: 'mug',
    folder: 'tin',
    envelope: 'jar',
    shelf: 'crate',
  };
  return same[form] ?? form;
}
