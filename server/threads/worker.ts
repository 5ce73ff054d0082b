/** The worker thread: one task at a time, answered by its number. */
import { parentPort } from 'node:worker_threads';
import { TASKS, type TaskName } from './tasks.ts';

export interface Asked {
  number: number;
  name: TaskName;
  input: unknown;
}
export type Answered = { number: number; ok: true; output: unknown } | { number: number; ok: false; message: string };

parentPort!.on('message', async ({ number, name, input }: Asked) => {
  let answer: Answered;
  try {
    answer = { number, ok: true, output: await TASKS[name].run(input as never) };
  } catch (error) {
    answer = { number, ok: false, message: error instanceof Error ? (error.stack ?? error.message) : String(error) };
  }
  parentPort!.postMessage(answer);
});
