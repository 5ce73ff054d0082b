import { useSite } from '../../../data/site.ts';

export function useDeparturesActions() {
  const { send } = useSite();
  return { givePlace: () => send('POST', '/departures/place') };
}
