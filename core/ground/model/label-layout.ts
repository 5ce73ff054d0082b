import { entity, type RowOfSite } from './entity.ts';

/** What a label is printed on or cut from (practice L1). */
export const MEDIA = ['sheet', 'sticker', 'card', 'tag', 'folded', 'strip', 'spine', 'tape', 'plotter'] as const;
export type Medium = (typeof MEDIA)[number];

/** What may stand on a label. */
export const LABEL_PARTS = [
  'picture',
  'word',
  'second',
  'colour',
  'family',
  'code',
  'square',
  'place',
  'contents',
] as const;
export type LabelPart = (typeof LABEL_PARTS)[number];

export const LETTER_CASES = ['as written', 'upper', 'lower'] as const;
/** Who reads it, and from where: standing at the shelf, a child that sits before it, somebody across the room. */
export const READ_FROM = ['shelf', 'seated', 'room'] as const;
export type ReadFrom = (typeof READ_FROM)[number];

/** A sheet of stickers, mm. */
export interface StickerGrid {
  columns: number;
  rows: number;
  /** Before the first sticker. */
  left: number;
  top: number;
  /** Between two. */
  gapX: number;
  gapY: number;
}

/** How labels look, kept by name so that a new one looks like its neighbours (practice L5). */
export interface LabelLayout extends RowOfSite {
  name: string;
  medium: Medium;
  /** Of one label, mm; null: as large as the face it goes on. Of a tape the height is its width, and the length follows from the text. */
  width: number | null;
  height: number | null;
  parts: LabelPart[];
  /** A photograph of the pile is shown where there is one; one that was chosen for labels is shown always. */
  picture: 'pictogram' | 'photo';
  letters: (typeof LETTER_CASES)[number];
  /** All of a run in one size of letters, by the longest name. */
  oneSize: boolean;
  readFrom: ReadFrom;
  grid: StickerGrid | null;
  /** Stickers that are used up on the sheet that was begun. */
  used: number;
  /** Cut from foil: letters that touch are one piece; mirrored for the inside of glass. */
  weld: boolean;
  mirrored: boolean;
  /** Of a printer of tape: dots an inch. */
  dpi: number;
}

export const labelLayout = entity<LabelLayout>()({
  words: { one: 'label layout', many: 'label layouts' },
  routes: { create: true, remove: true },
  fields: {
    name: {},
    medium: {},
    width: { default: null },
    height: { default: null },
    parts: { default: ['picture', 'word', 'colour', 'family', 'code', 'square'] as LabelPart[] },
    picture: { default: 'pictogram' },
    letters: { default: 'as written' },
    oneSize: { default: false },
    readFrom: { default: 'shelf' },
    grid: { default: null },
    used: { default: 0 },
    weld: { default: true },
    mirrored: { default: false },
    dpi: { default: 180 },
  },
  since: 9,
});
