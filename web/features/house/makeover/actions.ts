import type { SessionRequest } from '@stube/contract/makeover/requests';
import { useSite } from '../../../data/site.ts';

export function useMakeoverActions() {
  const { send } = useSite();
  return {
    runSession: (roomId: string, act: SessionRequest['act']) => send('POST', `/rooms/${roomId}/session`, { act }),
    keepAsItIs: (roomId: string) => send('POST', `/rooms/${roomId}/as-it-is`),
  };
}
