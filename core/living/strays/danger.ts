/** A stray that is no thing for an open tray: small children find it there first. */
import { hazardsInWords } from '../../ground/hazards/danger-words.ts';
import type { HazardId, Person } from '../../ground/model/entities.ts';
import { isYoung, keptFromChildren } from '../../ground/hazards/kept-from-children.ts';

/** What it does, the worst first. */
const DOES: readonly (readonly [HazardId, string])[] = [
  ['H3', 'swallowed, it is an emergency'],
  ['H5', 'it poisons or burns'],
  ['H4', 'it cuts, pricks or burns'],
  ['H15', 'it gets hot'],
  ['H2', 'the youngest choke on it'],
  ['H6', 'the youngest are choked or strangled by it'],
];

/**
 * @param people who comes into the room of the tray
 * @returns what it does, in words; null where nothing tells that it is dangerous there
 */
export function strayDanger(what: string, people: readonly Person[], today: string): string | null {
  if (!people.some(({ kind }) => kind === 'child')) return null;
  const young = isYoung(people, today);
  const told = new Set(hazardsInWords(what));
  const kept = (hazard: HazardId): boolean =>
    told.has(hazard) && keptFromChildren({ hazards: [hazard], supervised: false }, young);
  return DOES.find(([hazard]) => kept(hazard))?.[1] ?? null;
}
