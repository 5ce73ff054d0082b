import { create, type Font } from 'fontkit';
import { expect, test } from 'vitest';
import type { Face } from './faces.ts';
import { runsOf } from './runs.ts';
import { fontFile } from './woff.ts';

const fonts = new Map<Face, Font>();
const has = (face: Face, code: number): boolean => {
  if (!fonts.has(face)) fonts.set(face, create(fontFile(face.bold)) as Font);
  return fonts.get(face)!.hasGlyphForCodePoint(code);
};
const told = (text: string) =>
  runsOf(text, has).map((run) => `${run.face.name}${run.rightToLeft ? '<' : ''}: ${run.text}`);

test.each([
  ['Bausteine & Öl', ['latin: Bausteine & Öl']],
  ['Žluťoučký', ['latin-ext: Ž', 'latin: lu', 'latin-ext: ť', 'latin: ou', 'latin-ext: č', 'latin: ký']],
  ['Кубики 12', ['noto-sans cyrillic: Кубики', 'latin:  12']],
  ['Τουβλάκια', ['noto-sans greek: Τουβλάκια']],
  ['קוביות עץ', ['noto-sans-hebrew hebrew<: קוביות עץ']],
  ['كتب أطفال', ['noto-sans-arabic arabic<: كتب أطفال']],
  // Its number stands to the left of a Hebrew word, and brackets are turned around.
  ['דמקה 24', ['latin: 24', 'noto-sans-hebrew hebrew<: דמקה ']],
  ['Puzzle דמקה A', ['latin: Puzzle ', 'noto-sans-hebrew hebrew<: דמקה', 'latin:  A']],
  ['🧩 puzzles', ['noto-emoji [8]: 🧩', 'latin:  puzzles']],
  // Of what has many looks one is drawn; a mark goes with its letter or not at all.
  ['👍🏽', ['noto-emoji [7]: 👍']],
  ['積み木', ['latin: ···']],
])('%s', (text, runs) => {
  const found = told(text);
  expect(found.map((run) => run.replace(/\[\d+\]/, '[n]'))).toEqual(runs.map((run) => run.replace(/\[\d+\]/, '[n]')));
});
