/** Which device asks, as long as there are no accounts: undo takes back what this one did. */
const KEY = 'stube-device';

let known: string | null = null;

/** The same at every visit, where the browser remembers anything; else as long as the page is open. */
export function deviceId(): string {
  if (known) return known;
  try {
    known = localStorage.getItem(KEY);
    if (!known) localStorage.setItem(KEY, (known = crypto.randomUUID()));
  } catch {
    known ??= crypto.randomUUID();
  }
  return known;
}
