const ALPHABET = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/**
 * One letter of a room's name that no room has yet, or two, with which the codes of its bins begin.
 * @example freeCode('Net loft', new Set(['N'])) // 'E'
 */
export function freeCode(name: string, taken: ReadonlySet<string>): string {
  const letters =
    name
      .toUpperCase()
      .normalize('NFD')
      .replace(/[^A-Z]/g, '') || 'R';
  const candidates = [
    ...letters,
    ...[...letters.slice(1)].map((letter) => letters[0] + letter),
    ...[...ALPHABET].map((letter) => letters[0] + letter),
    ...[...ALPHABET].flatMap((first) => [...ALPHABET].map((second) => first + second)),
  ];
  return candidates.find((code) => !taken.has(code)) ?? candidates[0]!;
}
