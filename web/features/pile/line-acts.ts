/** What one gesture does to a line: once more, twice as much, half of it goes. Each is one change, taken back as one. */
import { FRESH_LINE } from '@stube/core/model/fresh';
import type { Line } from '@stube/core/model/entities';
import { useSite } from '../../data/site.ts';

export function useLineActs() {
  const store = useSite();
  const valuesOf = (line: Line): Record<string, unknown> => {
    const { id: _id, version: _version, siteId: _site, ...values } = line;
    return values;
  };
  const last = () => store.data.line.reduce((most, line) => Math.max(most, line.sort), 0);

  async function again(line: Line): Promise<void> {
    const values = { ...valuesOf(line), sort: last() + 1, tested: null, dead: null, spread: [], note: '' };
    const done = await store.attempt(() =>
      store.writeTogether({
        what: `${line.name} once more`,
        create: [{ table: 'line', id: crypto.randomUUID(), values }],
      }),
    );
    if (done) store.sayDone(`${line.name} once more.`);
  }
  async function double(line: Line): Promise<void> {
    const done = await store.attempt(() => store.patch('line', line, { amount: line.amount * 2 }));
    if (done) store.sayDone(`${line.name}: twice as much.`);
  }
  /** Whole pieces are not halved: the larger half stays. */
  async function halfGoes(line: Line): Promise<void> {
    const whole = line.measure === 'pieces' && Number.isInteger(line.amount) && line.amount > 1;
    const goes = whole ? Math.floor(line.amount / 2) : line.amount / 2;
    const values = {
      ...valuesOf(line),
      ...FRESH_LINE,
      facets: line.facets,
      condition: line.condition,
      amount: goes,
      decision: 'give away',
      decidedAt: new Date().toISOString(),
      sort: last() + 1,
    };
    const done = await store.attempt(() =>
      store.writeTogether({
        what: `half of ${line.name} goes`,
        create: [{ table: 'line', id: crypto.randomUUID(), values }],
        update: [{ table: 'line', id: line.id, version: line.version, values: { amount: line.amount - goes } }],
      }),
    );
    if (done) store.sayDone(`Half of ${line.name} goes.`);
  }
  return { again, double, halfGoes };
}
