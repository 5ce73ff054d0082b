/**
 * Hues of families, chosen to stay apart for colour-blind eyes by lightness as much as by hue; each is dark enough for
 * white text beside it, and always comes with a word or pictogram.
 */
export const HUES: Record<string, string> = {
  oak: '#94642F',
  spruce: '#2F5D50',
  slate: '#46687A',
  brick: '#A5432C',
  straw: '#86701B',
  plum: '#6E4470',
  moss: '#5C7330',
  rose: '#B0567A',
  ink: '#2C2A26',
};
