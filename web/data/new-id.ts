/**
 * An id of its own for a new row or a device: 80 bits by chance. Not `crypto.randomUUID`, which browsers keep from pages that
 * are reached by a plain address in the house's own network, as phones do.
 */
const LETTERS = 32;
const LENGTH = 16;

export const newId = (): string =>
  Array.from(crypto.getRandomValues(new Uint8Array(LENGTH)), (byte) => (byte % LETTERS).toString(LETTERS)).join('');
