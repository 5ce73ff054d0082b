import type { ObservationKind, Row } from '@stube/core/model/entities';
import { useSite } from '../../data/site.ts';

export function useBinsActions() {
  const { send } = useSite();
  return {
    observe: (bin: Row, kind: ObservationKind) => send('POST', `/bins/${bin.id}/observed`, { kind }),
    recordFull: (bin: Row, full: number) => send('POST', `/bins/${bin.id}/seen`, { full, version: bin.version }),
  };
}
