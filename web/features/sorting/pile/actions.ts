/** What the pile asks of the server. */
import type { Row } from '@stube/core/model';
import type { NewLine } from '@stube/contract/pile/requests';
import { useSite } from '../../../data/site.ts';

export function usePileActions() {
  const { send, versionOf } = useSite();
  return {
    addLine: (line: NewLine) => send('POST', '/lines', line),
    categorise: (line: Row, starter: string) =>
      send('POST', `/lines/${line.id}/category`, () => ({ starter, version: versionOf('line', line) })),
  };
}
