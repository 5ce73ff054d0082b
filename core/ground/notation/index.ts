/** What is public of this feature. */
export { formatMoney, minorDigits } from './money.ts';
export { counted, plural } from './plural.ts';
export { formatMass, formatVolume, inUnits, LITRES_PER_QUART } from './in-units.ts';
export { editFineLength, editLength, formatLength, MM_PER_INCH, parseFineLength, parseLength } from './length.ts';
