/** What is printed on, mm. */
import type { Paper } from '../../ground/model/site.ts';

/** ISO 216 A4, and US Letter 8 1/2 by 11 inches. */
export const PAPERS: Record<Paper, { width: number; height: number }> = {
  A4: { width: 210, height: 297 },
  Letter: { width: 215.9, height: 279.4 },
};
/** What ordinary printers cannot reach, with a little to spare. */
export const MARGIN = 10;
/** Between two labels, so that a knife finds its way. */
export const GUTTER = 2;
/** What of either paper can be printed, above the line to measure: no label is larger. */
export const PRINTABLE = { width: 190, height: 250 };
/** A line to measure after printing: it is so long when nothing was scaled. */
export const CALIBRATION = 100;
