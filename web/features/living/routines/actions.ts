import type { RoutineDay } from '@stube/core/model';
import type { DueRoutine } from '@stube/core/routines';
import { useSite } from '../../../data/site.ts';

export function useRoutinesActions() {
  const store = useSite();
  /** One time a routine is due: the row of its day is made when something of it is first said. */
  async function say(
    { routine, day }: DueRoutine,
    said: string,
    change: (ticked: readonly number[]) => { ticked?: number[]; doneAt?: string; skipped?: boolean },
  ): Promise<boolean> {
    const find = () => store.data.routineDay.find((row) => row.routineId === routine.id && row.day === day);
    const values = (row: RoutineDay | undefined) => ({ routineId: routine.id, day, ...change(row?.ticked ?? []) });
    return store.tryWrite(() => store.putRow('routineDay', `${routine.name}: ${said}`, find, values));
  }
  async function tell(due: DueRoutine, said: string, change: Parameters<typeof say>[2]): Promise<void> {
    if (await say(due, said, change)) store.sayDone(`${due.routine.name}: ${said}.`);
  }
  return {
    finish: (due: DueRoutine) => tell(due, 'done', () => ({ doneAt: new Date().toISOString() })),
    skip: (due: DueRoutine) => tell(due, 'left out this time', () => ({ skipped: true })),
    /** Ticks a step or takes its tick away; with the last one it is done. */
    async tick(due: DueRoutine, step: number): Promise<void> {
      let all = false;
      const done = await say(due, `step ${step + 1}`, (before) => {
        const ticked = before.includes(step) ? before.filter((one) => one !== step) : [...before, step];
        all = ticked.length === due.routine.steps.length;
        return { ticked, ...(all ? { doneAt: new Date().toISOString() } : {}) };
      });
      if (done && all) store.sayDone(`${due.routine.name}: all ticked, done.`);
    },
  };
}
