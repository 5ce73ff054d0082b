/** What usually becomes of a thing of which nobody has said it yet (practice E2): a proposal, never a decision. */
import type { Condition, Decision } from '../../ground/model/entities.ts';

const OUTGROWN = /\b(?:outgrown|too small|grown out of)\b/i;

/**
 * @returns null where nothing speaks for anything
 * @example proposedDecision({ name: 'felt tips', condition: 'dried out' }) // { decision: 'bin', why: 'as it is dried out' }
 */
export function proposedDecision({
  name,
  condition,
}: {
  name: string;
  condition: Condition | null;
}): { decision: Decision; why: string } | null {
  if (condition === 'broken' || condition === 'dried out') return { decision: 'bin', why: `as it is ${condition}` };
  if (OUTGROWN.test(name)) return { decision: 'pass on', why: 'as it is outgrown' };
  return null;
}
