import type { ContainRequest } from '@stube/contract/containers/requests';
import { useSite } from '../../../data/site.ts';

export function useContainersActions() {
  const { send } = useSite();
  return { contain: (roomId: string, request: ContainRequest) => send('POST', `/rooms/${roomId}/contain`, request) };
}
