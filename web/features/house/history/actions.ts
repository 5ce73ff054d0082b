import type { HistorySize } from '@stube/contract/answers';
import { useSite } from '../../../data/site.ts';
import { api } from '../../../data/transport.ts';

export function useHistoryActions() {
  const store = useSite();
  const readSize = () => api<HistorySize>('GET', `/sites/${store.id}/history`);
  /** @param before ISO date: what was done before it is forgotten */
  const drop = (before: string) => api<HistorySize>('POST', `/sites/${store.id}/history/drop`, { before });
  return { readSize, drop };
}
