import type { NumberRequest } from '@stube/contract/numbers/requests';
import { useSite } from '../../../data/site.ts';

export function useNumbersActions() {
  const { send } = useSite();
  return {
    giveNumbers: (request: NumberRequest) => send('POST', '/numbers', request),
    closeGaps: (series: string) => send('POST', '/numbers/close', { series }),
  };
}
