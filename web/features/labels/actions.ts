import { useSite } from '../../data/site.ts';

export function useLabelsActions() {
  const { send } = useSite();
  return { markPrinted: (bins: string[]) => send('POST', '/printed', { bins }) };
}
