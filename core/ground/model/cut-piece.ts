import { entity, pointsTo, type RowOfSite } from './entity.ts';

/** What is cut to the inside of a compartment: along its width or its height; a panel closes its front or back. */
export const CUT_PARTS = ['rod', 'rail', 'board', 'divider', 'panel'] as const;
export type CutPart = (typeof CUT_PARTS)[number];

/** Pieces that are wanted for one compartment; how long they are follows from its inside whenever that changes. */
export interface CutPiece extends RowOfSite {
  compartmentId: string;
  part: CutPart;
  count: number;
}

export const cutPiece = entity<CutPiece>()({
  words: { one: 'piece to cut', many: 'pieces to cut' },
  routes: { create: true, remove: true },
  fields: { compartmentId: pointsTo('compartment', 'remove'), part: {}, count: { default: 1 } },
  since: 6,
});
