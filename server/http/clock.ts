/** The one clock of the server. Tests set it (`STUBE_NOW`), so that nothing they see depends on the day they run. */

/**
 * @param start ISO date and time from which it goes on; without it, it is the clock of the machine
 * @throws RangeError where that is no date and time
 */
export function clockFrom(start: string | undefined): () => Date {
  if (!start) return () => new Date();
  const ahead = new Date(start).getTime() - Date.now();
  if (Number.isNaN(ahead))
    throw new RangeError(`STUBE_NOW must be a date and time like 2026-12-01T09:00:00Z: ${start}`);
  return () => new Date(Date.now() + ahead);
}
