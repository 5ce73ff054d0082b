/** What is public of this feature. */
export { formatMass, formatVolume, inUnits, LITRES_PER_QUART } from './in-units.ts';
export { editFineLength, editLength, formatLength, MM_PER_INCH, parseFineLength, parseLength } from './length.ts';
