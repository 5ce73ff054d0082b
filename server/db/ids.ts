import { randomBytes } from 'node:crypto';

/** 60 random bits in letters and digits that survive being read aloud and typed. */
export function newId(): string {
  const letters = '23456789abcdefghjkmnpqrstuvwxyz';
  return Array.from(randomBytes(12), (byte) => letters[byte % letters.length]).join('');
}
