/** What becomes of a thing, in one word: it stays, it leaves, or that is still open. */
import type { Decision, Line } from '../../ground/model/entities.ts';

export const fateOf = (decision: Decision | null): 'kept' | 'leaving' | 'open' =>
  decision === 'keep' ? 'kept' : decision === null || decision === 'decide later' ? 'open' : 'leaving';

/** Whether it still has to be decided what becomes of it. */
export const isOpen = ({ decision }: Pick<Line, 'decision'>): boolean => fateOf(decision) === 'open';
