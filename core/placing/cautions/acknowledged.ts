/** Cautions that somebody has seen and answers for, with the reason (docs/computing.md, Cautions). */
import type { Acknowledgement } from '../../ground/model/entities.ts';
import type { Caution } from './caution.ts';

/** Whether somebody answers for it as it is: other facts raise it anew. */
export const acknowledgementOf = (
  caution: Caution,
  acknowledgements: readonly Acknowledgement[],
): Acknowledgement | undefined =>
  acknowledgements.find((known) => known.key === caution.key && known.fact === caution.fact);

/** Those that are open, and those that are answered for. */
export function byAcknowledgement(
  cautions: readonly Caution[],
  acknowledgements: readonly Acknowledgement[],
): { open: Caution[]; acknowledged: { caution: Caution; by: Acknowledgement }[] } {
  const open: Caution[] = [];
  const acknowledged: { caution: Caution; by: Acknowledgement }[] = [];
  for (const caution of cautions) {
    const by = acknowledgementOf(caution, acknowledgements);
    if (by) acknowledged.push({ caution, by });
    else open.push(caution);
  }
  return { open, acknowledged };
}
