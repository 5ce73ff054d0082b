/** A label before it is laid out, and the marks it is drawn with. Lengths mm. */
import type { LabelRole } from '../../ground/model/entities.ts';
import type { Face } from './faces.ts';

/** Which label it is: there is one of each. */
export interface LabelKey {
  role: LabelRole;
  binId: string | null;
  numberId: string | null;
  /** Of a cell, or of a divider. */
  part: number | null;
}
export const keyOf = ({ role, binId, numberId, part }: LabelKey): string =>
  [role, binId ?? '', numberId ?? '', part ?? ''].join('|');

export interface LabelContent extends LabelKey {
  roomId: string;
  /** Where it hangs, of the label of a place. */
  compartmentId: string | null;
  code: string;
  word: string;
  /** In a second language, or what is in a numbered set. */
  second: string;
  family: string;
  /** How many pieces the set has that lies in it alone; null where it is none. */
  pieces: number | null;
  /** Of its person or family: a colour with a shape. */
  hue: string;
  pictogram: string;
  photoId: string | null;
  /** Tells the photograph from those before it, in a copy of the site too; empty where there is none. */
  photoMark: string;
  /** Where it lives, in words. */
  place: string;
  contents: string[];
  /** What dividers part inside: drawn as a plan where there are any. */
  cells: { number: number; name: string; row: number; column: number }[];
  grid: { columns: number; rows: number } | null;
  /** The name of its container; empty where it has none. */
  container: string;
  /** What the square opens. */
  link: string;
  face: Face;
}

export type Mark =
  | {
      kind: 'text';
      text: string;
      x: number;
      y: number;
      size: number;
      bold: boolean;
      /** Reads from above to below. */ turned?: boolean;
    }
  | { kind: 'picture'; pictogram: string; x: number; y: number; size: number }
  | { kind: 'photo'; photoId: string; x: number; y: number; size: number }
  | { kind: 'square'; link: string; x: number; y: number; size: number }
  | { kind: 'band'; hue: string; x: number; y: number; width: number; height: number }
  | { kind: 'shape'; hue: string; x: number; y: number; size: number }
  | { kind: 'hole'; x: number; y: number; radius: number }
  | { kind: 'frame'; x: number; y: number; width: number; height: number; corner: number }
  | { kind: 'line'; x1: number; y1: number; x2: number; y2: number; is: 'cut' | 'fold' | 'rule' };

/** Width in mm of a text at a size in mm; the screen and the PDF each bring their own. */
export type MeasureText = (text: string, size: number, bold: boolean) => number;

export interface LaidLabel {
  content: LabelContent;
  width: number;
  height: number;
  marks: Mark[];
  /** Type size of the name, mm; 0 where there are pictures only. */
  size: number;
  /** From how far the name is read at ease, mm. */
  readableFrom: number;
  /** The name had to be cut. */
  cut: boolean;
}
