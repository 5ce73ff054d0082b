import type { DueRoutine } from '@stube/core/routines/routines';
import { useSite } from '../../data/site.ts';

export function useRoutinesActions() {
  const store = useSite();
  /** One time a routine is due: the row of its day is made when something of it is first said. */
  const write = (
    { routine, day, row }: DueRoutine,
    values: { ticked?: number[]; doneAt?: string; skipped?: boolean },
  ) =>
    row
      ? store.patch('routineDay', row, values)
      : store.create('routineDay', { routineId: routine.id, day, ...values });
  async function say(due: DueRoutine, values: Parameters<typeof write>[1], said: string): Promise<void> {
    if (await store.tryWrite(() => write(due, values))) store.sayDone(`${due.routine.name}: ${said}.`);
  }
  return {
    finish: (due: DueRoutine) => say(due, { doneAt: new Date().toISOString() }, 'done'),
    skip: (due: DueRoutine) => say(due, { skipped: true }, 'left out this time'),
    /** Ticks a step or takes its tick away; with the last one it is done. */
    tick(due: DueRoutine, step: number): Promise<unknown> {
      const before = due.row?.ticked ?? [];
      const ticked = before.includes(step) ? before.filter((one) => one !== step) : [...before, step];
      if (ticked.length === due.routine.steps.length)
        return say(due, { ticked, doneAt: new Date().toISOString() }, 'all ticked, done');
      return store.tryWrite(() => write(due, { ticked }));
    },
  };
}
