/** Which device asks, as long as there are no accounts: undo takes back what this one did. */
import { newId } from './new-id.ts';

const KEY = 'stube-device';

let known: string | null = null;

/** The same at every visit, where the browser remembers anything; else as long as the page is open. */
export function deviceId(): string {
  if (known) return known;
  try {
    known = localStorage.getItem(KEY);
    if (!known) localStorage.setItem(KEY, (known = newId()));
  } catch {
    known ??= newId();
  }
  return known;
}
