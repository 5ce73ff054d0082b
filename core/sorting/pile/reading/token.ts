/** What was taken out of a typed line, and what it means; every reader gives one of these. */
export interface Token<T> {
  value: T;
  /** In the words of the line. */
  said: string;
  /** The text without it. */
  rest: string;
}

/** Single spaces, no lost commas and dashes. */
export const tidy = (text: string): string =>
  text
    .replace(/\s+/g, ' ')
    .replace(/\(\s*[,;:]?\s*\)/g, ' ')
    .replace(/\s+([,;:)])/g, '$1')
    .replace(/\s+[-–—→]+(?=\s*[,;:)])/g, '')
    .replace(/([,;:])(?:\s*[,;:])+/g, '$1')
    .replace(/^[\s,;:–—→-]+|[\s,;:–—→-]+$/g, '')
    .replace(/\s+/g, ' ')
    .trim();

/** The text without what was found; what stood around it is kept apart by a comma. */
export function without(text: string, at: number, length: number): string {
  const [before, after] = [text.slice(0, at).trimEnd(), text.slice(at + length).trimStart()];
  return tidy(before && after ? `${before} , ${after}` : `${before}${after}`).replace(
    /\s*,\s*(?=(?:of|for|with|from|and)\b)/i,
    ' ',
  );
}

/** The same, closing the gap with a space: for what stands amid the words of one name. */
export const closed = (text: string, at: number, length: number): string =>
  tidy(`${text.slice(0, at)} ${text.slice(at + length)}`);
