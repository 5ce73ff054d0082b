/** What the steps of the work are called. */
import type { Step } from '@stube/core/makeover';

export const STEP_NAMES: Record<Step, string> = {
  pile: 'Pile',
  group: 'Group',
  measure: 'Measure',
  contain: 'Contain',
  place: 'Place',
  label: 'Label',
  live: 'Live',
};
