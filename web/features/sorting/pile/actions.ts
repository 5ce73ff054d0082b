/** What the pile asks of the server. */
import type { CategoryProposal } from '@stube/core/matching';
import type { Line, Row } from '@stube/core/model';
import { kindPutRight } from '@stube/core/pile';
import type { NewLine } from '@stube/contract/pile/requests';
import { useSite } from '../../../data/site.ts';

export function usePileActions() {
  const store = useSite();
  const { send, versionOf } = store;
  const categorise = (line: Row, starter: string) =>
    send('POST', `/lines/${line.id}/category`, () => ({ starter, version: versionOf('line', line) }));
  return {
    addLine: (line: NewLine) => send('POST', '/lines', line),
    categorise,
    /** Where it belongs says what it is: its size, hazards and containers are those of that kind. @returns whether it was written */
    sortInto: (line: Line, wanted: CategoryProposal | null) =>
      store.tryWrite(() =>
        wanted?.starter
          ? categorise(line, wanted.starter.key)
          : store.patch('line', line, {
              categoryId: wanted?.categoryId ?? null,
              ...kindPutRight(line, store.maps.category.get(wanted?.categoryId ?? '')?.starter ?? null),
            }),
      ),
  };
}
