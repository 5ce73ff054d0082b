/** Furniture that had an earlier life (H13). */
import { isForPlay } from '../../ground/hazards/danger-words.ts';
import type { RoomData } from '../placement/room-data.ts';
import type { Caution, Child } from './caution.ts';

/** Furniture that is called old, second-hand or a former something. */
const REUSED =
  /\b(?:second[- ]?hand|reused|re-used|upcycled|salvaged|inherited|vintage|antique|old (?:cot|crib|bed|changing table|high ?chair|dresser|locker|pallet)s?|former \w+|(?:converted|drop[- ]side) (?:cot|crib)s?)\b/i;

/** What is broken about furniture, as people tell it. */
const DEFECT =
  /\b(?:broken|cracked|splinter(?:ed|s)?|flaking|peeling|rusty|loose|missing) (?:slats?|legs?|rails?|rungs?|screws?|bars?|paint|glass|hinges?|edges?|boards?)\b|\b(?:slats?|legs?|rails?|rungs?|screws?|bars?|paint|glass|hinges?) (?:is |are )?(?:broken|cracked|loose|missing|splintered|flaking|peeling)\b/i;

/** What children sit, lie or climb on: broken, it hurts them. */
const BEARS_A_CHILD =
  /\b(?:cots?|cribs?|beds?|(?:high ?)?chairs?|stools?|bench(?:es)?|ladders?|slides?|swings?|prams?|push ?chairs?|bugg(?:y|ies)|(?:stair|safety) gates?|changing tables?|scooters?|tricycles?|trampolines?|climbing frames?)\b/i;

/** What lines tell of things that children sit, lie or climb on. @param children who come into the room */
export function defectCautions({ lines }: RoomData, children: readonly Child[]): Caution[] {
  if (!children.length) return [];
  return lines.flatMap(({ id, name, note, decision, condition }): Caution[] => {
    const stays = decision === 'keep' || decision === null;
    const broken = condition === 'broken' && BEARS_A_CHILD.test(name) && !isForPlay(name) ? 'broken' : undefined;
    const said = stays ? (DEFECT.exec(`${name}; ${note}`)?.[0] ?? broken) : undefined;
    if (!said) return [];
    return [
      {
        key: `H13:${id}`,
        hazard: 'H13',
        severity: 'warn',
        about: name,
        fact: `${said[0]!.toUpperCase()}${said.slice(1)}, as its line says.`,
        helps: 'Mended and looked over before a child uses it, or out of the house.',
      },
    ];
  });
}

/** Old cots, furniture and containers are looked over before they serve again. */
export function reuseCautions(data: RoomData, children: readonly Child[]): Caution[] {
  if (!children.length) return [];
  return data.units
    .filter((unit) => !unit.checked && (unit.reused || REUSED.test(unit.name) || DEFECT.test(unit.name)))
    .map((unit) => ({
      key: `H13:${unit.id}`,
      hazard: 'H13',
      severity: 'warn' as const,
      about: unit.name,
      fact: 'It had an earlier life, and nobody has said that it was looked over.',
      helps:
        'No broken slats, sharp edges or flaking paint; no cot older than the rules allow. Say so when it was looked over.',
    }));
}
