/** Without I and O, which are mistaken for 1 and 0 beside the numbers of the codes (practice L2). */
const ALPHABET = 'ABCDEFGHJKLMNPQRSTUVWXYZ';

/**
 * One letter of a room's name that no room has yet, or two, with which the codes of its bins begin.
 * @example freeCode('Net loft', new Set(['N'])) // 'E'
 */
export function freeCode(name: string, taken: ReadonlySet<string>): string {
  const letters =
    name
      .toUpperCase()
      .normalize('NFD')
      .replace(/[^A-HJ-NP-Z]/g, '') || 'R';
  const candidates = [
    ...letters,
    ...[...letters.slice(1)].map((letter) => letters[0] + letter),
    ...[...ALPHABET].map((letter) => letters[0] + letter),
    ...[...ALPHABET].flatMap((first) => [...ALPHABET].map((second) => first + second)),
  ];
  return candidates.find((code) => !taken.has(code)) ?? candidates[0]!;
}
