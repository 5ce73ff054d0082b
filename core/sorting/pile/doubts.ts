/** The questions that help with a doubtful thing, and what their answers speak for; the person decides (practice E2). */
import type { Decision, Line } from '../../ground/model/entities.ts';
import { proposedDecision } from './proposed-decision.ts';

export interface Doubt {
  key: string;
  question: string;
}

export const DOUBTS: readonly Doubt[] = [
  { key: 'used', question: 'Used in the last year?' },
  { key: 'works', question: 'Whole and working, not dried out?' },
  { key: 'double', question: 'Is there a double?' },
  { key: 'outgrown', question: 'Outgrown?' },
  { key: 'wanted', question: 'Would someone else use it?' },
  { key: 'plan', question: 'A plan for it with a date?' },
  { key: 'room', question: 'Is there room for it?' },
];

export type Answers = Partial<Record<string, boolean>>;

export interface Advice {
  decision: Decision;
  reason: string;
}

/** Days that a thing with a plan may wait. */
export const PLAN_DAYS = 60;

/** What the answers speak for; null while they say too little. The first rule that applies is taken. */
export function advise(answers: Answers, line: Pick<Line, 'name' | 'condition'> | null = null): Advice | null {
  const { used, works, wanted, plan, room } = answers;
  const proposed = line && proposedDecision(line);
  if (works === false || proposed?.decision === 'bin')
    return plan
      ? { decision: 'decide later', reason: 'It does not work, and there is a plan to mend it: give that a date.' }
      : { decision: 'bin', reason: 'It does not work: nobody else can use it either. What can be recycled is.' };
  const outgrown = answers.outgrown ?? proposed?.decision === 'pass on';
  if (line?.condition === 'sealed' && used === false)
    return { decision: 'return', reason: 'Still sealed and not used: it may be exchanged for what is needed.' };
  if (outgrown)
    return wanted !== false
      ? { decision: 'pass on', reason: 'Outgrown, and someone would use it.' }
      : { decision: 'give away', reason: 'Outgrown: nobody here will use it again.' };
  if (answers.double)
    return { decision: wanted ? 'pass on' : 'give away', reason: 'There is a double: one of them is enough.' };
  if (used === false) {
    if (plan) return { decision: 'decide later', reason: 'Not used for a year, but planned: it comes back on a date.' };
    if (plan === false || wanted !== undefined)
      return {
        decision: wanted ? 'pass on' : 'give away',
        reason: 'Not used for a year, and no plan for it.',
      };
    return null;
  }
  if (used && room === false) return { decision: 'other room', reason: 'Used, but there is no room for it here.' };
  if (used) return { decision: 'keep', reason: 'It is used, it works, and there is no double.' };
  return null;
}
