/** Labels made up for tests. */
import type { LabelContent, MeasureText } from '../label.ts';
import type { RunLook } from '../pages.ts';

/** Every letter six tenths of its size wide: enough to check the fitting. */
export const measure: MeasureText = (text, size) => [...text].length * size * 0.6;

export const label = (word: string, width = 80, height = 40, more: Partial<LabelContent> = {}): LabelContent => ({
  role: 'bin',
  binId: word,
  numberId: null,
  part: null,
  roomId: 'r',
  compartmentId: null,
  code: 'N12',
  word,
  second: '',
  family: 'Making',
  pieces: null,
  hue: 'oak',
  pictogram: 'blocks',
  photoId: null,
  photoMark: '',
  place: '',
  contents: [],
  cells: [],
  grid: null,
  container: 't',
  link: 'http://127.0.0.1:4180/s/abc/b/N12',
  face: { width, height },
  ...more,
});

export const look = (more: Partial<RunLook> = {}): RunLook => ({
  medium: 'sheet',
  width: null,
  height: null,
  parts: ['picture', 'word', 'colour', 'family', 'code', 'square'],
  letters: 'as written',
  readFrom: 'shelf',
  oneSize: false,
  ...more,
});
