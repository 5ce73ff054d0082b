import type { ObservationKind, Row } from '@stube/core/model';
import type { ObservedRequest } from '@stube/contract/bins/requests';
import { useSite } from '../../../data/site.ts';

export function useBinsActions() {
  const { send, versionOf } = useSite();
  return {
    observe: (bin: Row, kind: ObservationKind, more: Partial<ObservedRequest> = {}) =>
      send('POST', `/bins/${bin.id}/observed`, () => ({ kind, ...more })),
    recordFull: (bin: Row, full: number) =>
      send('POST', `/bins/${bin.id}/seen`, () => ({ full, version: versionOf('bin', bin) })),
  };
}
