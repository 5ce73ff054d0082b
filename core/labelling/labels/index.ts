/** What is public of this feature. */
export { byLayout, type DueLabel, dueLabels, lookOf, type OldLabel, oldLabels } from './due.ts';
export { labelsFor } from './for-whom.ts';
export { HUES } from './hues.ts';
export { keyOf, type LabelContent, type LabelKey, type LaidLabel, type Mark, type MeasureText } from './label.ts';
export { type LabelData, labelDataOf } from './label-data.ts';
export { labelsOfRole, layoutIdOf, usualLook } from './labels-of-room.ts';
export { inCase } from './lay-out-label.ts';
export { MEDIUM_WORDS, newLayout, PART_WORDS } from './media.ts';
export { layOutOutline, layOutOutlines, type Outline } from './outline.ts';
export { type LabelRun, labelRun, type RunLook, type RunOptions } from './pages.ts';
export { CALIBRATION, PAPERS, PRINTABLE } from './paper.ts';
export { hiddenOn } from './private.ts';
export { SHAPES } from './shapes.ts';
export { gridFits, type Page, type PlacedLabel } from './sheets.ts';
export { shortName } from './short-name.ts';
export { LEADER, tapeRows, TAPES } from './tape.ts';
