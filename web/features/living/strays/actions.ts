import { addDays } from '@stube/core/calendar';
import type { Stray } from '@stube/core/model';
import { type StrayMatch, TRAY_DAYS } from '@stube/core/strays';
import { today } from '../../../parts/day.ts';
import { useSite } from '../../../data/site.ts';

export function useStraysActions() {
  const store = useSite();
  const update = (stray: Stray, values: Partial<Stray>) => ({
    table: 'stray' as const,
    id: stray.id,
    version: stray.version,
    values,
  });
  return {
    /** @param danger it goes to its place the same day */
    lay: (roomId: string, what: string, foundIn: string, danger: boolean) =>
      store.create('stray', {
        roomId,
        what,
        foundIn,
        foundOn: today(),
        due: danger ? today() : addDays(today(), TRAY_DAYS),
      }),
    /** It goes to what it belongs to; a set that missed it misses one piece less. */
    async settle(stray: Stray, match: StrayMatch): Promise<void> {
      const line = store.maps.line.get(match.id);
      const completes = match.kind === 'set' && line;
      const values = {
        settled: today(),
        lineId: line ? line.id : null,
        personId: match.kind === 'person' ? match.id : null,
      };
      const done = await store.tryWrite(() =>
        store.writeTogether({
          what: `${stray.what} to ${match.name}`,
          update: [
            update(stray, values),
            ...(completes
              ? [
                  {
                    table: 'line' as const,
                    id: line.id,
                    version: line.version,
                    values: { setMissing: line.setMissing - 1 },
                  },
                ]
              : []),
          ],
        }),
      );
      if (done)
        store.sayDone(
          completes
            ? `${stray.what} goes back to ${line.name}${line.setMissing === 1 ? ', which is complete again' : ''}.`
            : `${stray.what}: ${match.goes || match.name}.`,
        );
    },
    async letGo(stray: Stray): Promise<void> {
      if (await store.tryWrite(() => store.patch('stray', stray, { settled: today() })))
        store.sayDone(`${stray.what} has left the tray.`);
    },
  };
}
