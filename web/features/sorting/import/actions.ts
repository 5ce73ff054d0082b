import type { ImportedLines } from '@stube/contract/import/requests';
import { useSite } from '../../../data/site.ts';

export function useImportActions() {
  const { send } = useSite();
  return { importLines: (list: ImportedLines) => send('POST', '/import', list) };
}
