/** What labels are printed on or cut from, in words, with what a new layout of each begins with (practice L1). */
import { defaultsOf } from '../../ground/model/defaults.ts';
import type { LabelLayout, LabelPart, Medium } from '../../ground/model/entities.ts';

type New = Omit<LabelLayout, 'id' | 'siteId' | 'version'>;

interface MediumWords {
  name: string;
  hint: string;
  /** Sizes that are typed; without them it is as large as the face. */
  sized: boolean;
  begins: Partial<New>;
}

const WORD: LabelPart[] = ['word'];
const WORD_AND_CODE: LabelPart[] = ['picture', 'word', 'colour', 'code'];

/** Sizes in mm are those that such things are commonly sold in; each can be typed otherwise. */
export const MEDIUM_WORDS: Readonly<Record<Medium, MediumWords>> = {
  sheet: {
    name: 'Sheets to cut',
    hint: 'plain paper or card, each as large as the face it goes on',
    sized: false,
    begins: { picture: 'pictogram' },
  },
  sticker: {
    name: 'Sheets of stickers',
    hint: 'any grid; a sheet that was begun goes on at its next sticker',
    sized: true,
    begins: {
      width: 63,
      height: 38,
      parts: WORD_AND_CODE,
      grid: { columns: 3, rows: 7, left: 7.5, top: 15.5, gapX: 3, gapY: 0 },
    },
  },
  card: {
    name: 'Cards for holders',
    hint: 'for holders and front pockets',
    sized: true,
    begins: { width: 90, height: 55 },
  },
  tag: {
    name: 'Hanging tags',
    hint: 'with a hole, for handles and baskets',
    sized: true,
    begins: { width: 80, height: 40, parts: WORD_AND_CODE },
  },
  folded: {
    name: 'Folded cards',
    hint: 'that stand by themselves, read from both sides',
    sized: true,
    begins: { width: 90, height: 50 },
  },
  strip: {
    name: 'Strips for shelf edges',
    hint: 'as wide as what stands there',
    sized: true,
    begins: { width: null, height: 25, parts: WORD_AND_CODE },
  },
  spine: {
    name: 'Spines',
    hint: 'for binders and discs, along the back',
    sized: false,
    begins: { parts: ['word', 'colour', 'code'], oneSize: true },
  },
  tape: {
    name: 'Tape',
    hint: '6, 9, 12, 18 or 24 mm, as long as its text, in one run',
    sized: false,
    begins: { height: 12, parts: ['picture', 'word', 'code'], oneSize: true },
  },
  plotter: {
    name: 'Cut letters',
    hint: 'outlines of the letters for a cutting plotter, in foil',
    sized: false,
    begins: { height: 25, parts: WORD },
  },
};

/**
 * @param name of the layout; its medium's where none is told
 * @example newLayout('tape', 'Jars').height // 12
 */
export function newLayout(medium: Medium, name = MEDIUM_WORDS[medium].name): New {
  return { ...defaultsOf('labelLayout'), medium, name, ...structuredClone(MEDIUM_WORDS[medium].begins) };
}

export const PART_WORDS: Readonly<Record<LabelPart, string>> = {
  picture: 'picture',
  word: 'name',
  second: 'second line or language',
  colour: 'colour with its shape',
  family: 'family',
  code: 'code',
  square: 'square for the phone',
  place: 'place',
  contents: 'what is in it',
};
