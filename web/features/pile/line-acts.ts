/** What one gesture does to a line: once more, twice as much, half of it goes. Each is one change, taken back as one. */
import { goingHalf, onceMore } from '@stube/core/pile/line-changes';
import type { Line } from '@stube/core/model/entities';
import { useSite } from '../../data/site.ts';

export function useLineActs() {
  const store = useSite();
  const last = () => store.data.line.reduce((most, line) => Math.max(most, line.sort), 0);

  async function again(line: Line): Promise<void> {
    const values = { ...onceMore(line, last() + 1) };
    const done = await store.tryWrite(() =>
      store.writeTogether({
        what: `${line.name} once more`,
        create: [{ table: 'line', id: crypto.randomUUID(), values }],
      }),
    );
    if (done) store.sayDone(`${line.name} once more.`);
  }
  async function double(line: Line): Promise<void> {
    const done = await store.tryWrite(() => store.patch('line', line, { amount: line.amount * 2 }));
    if (done) store.sayDone(`${line.name}: twice as much.`);
  }
  async function halfGoes(line: Line): Promise<void> {
    const values = { ...goingHalf(line, last() + 1, new Date().toISOString()) };
    const done = await store.tryWrite(() =>
      store.writeTogether({
        what: `half of ${line.name} goes`,
        create: [{ table: 'line', id: crypto.randomUUID(), values }],
        update: [
          { table: 'line', id: line.id, version: line.version, values: { amount: line.amount - values.amount } },
        ],
      }),
    );
    if (done) store.sayDone(`Half of ${line.name} goes.`);
  }
  return { again, double, halfGoes };
}
