/** What one gesture does to a line: once more, twice as much, half of it goes. Each is one change, taken back as one. */
import { goingHalf, onceMore } from '@stube/core/pile';
import { type Line, sortAfter } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import { newId } from '../../../data/new-id.ts';
import { moment } from '../../../parts/day.ts';

export function useLineActs() {
  const store = useSite();
  /** As it is when its turn has come: a second press goes on from the first. */
  const nowOf = (line: Line) => store.maps.line.get(line.id) ?? line;
  const nextSort = () => sortAfter(store.data.line.reduce((most, line) => Math.max(most, line.sort), 0));

  async function again(line: Line): Promise<void> {
    const values = { ...onceMore(line, nextSort()) };
    const done = await store.tryWrite(() =>
      store.writeTogether({
        what: `${line.name} once more`,
        create: [{ table: 'line', id: newId(), values }],
      }),
    );
    if (done) store.sayDone(`${line.name} once more.`);
  }
  async function double(line: Line): Promise<void> {
    const done = await store.tryWrite(() => store.patch('line', line, ({ amount }) => ({ amount: amount * 2 })));
    if (done) store.sayDone(`${line.name}: twice as much.`);
  }
  async function halfGoes(line: Line): Promise<void> {
    const done = await store.tryWrite(() =>
      store.writeTogether(() => {
        const now = nowOf(line);
        const values = { ...goingHalf(now, nextSort(), moment()) };
        return {
          what: `half of ${line.name} goes`,
          create: [{ table: 'line', id: newId(), values }],
          update: [
            {
              table: 'line',
              id: line.id,
              version: now.version,
              // Where half of it goes, the other half stays.
              values: { amount: now.amount - values.amount, ...(now.decision ? {} : { decision: 'keep' }) },
            },
          ],
        };
      }),
    );
    if (done) store.sayDone(`Half of ${line.name} goes.`);
  }
  return { again, double, halfGoes };
}
