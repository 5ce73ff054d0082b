/** A few worker threads, started when they are first needed; what takes too long is stopped with its thread. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { Worker } from 'node:worker_threads';
import { ShuttingDown, TooLong } from '../db/problems.ts';
import { TASKS, type Input, type Output, type TaskName } from './tasks.ts';
import type { Answered, Asked } from './worker.ts';

export interface Work {
  /** @throws TooLong when it was stopped */
  run<T extends TaskName>(name: T, input: Input<T>): Promise<Output<T>>;
}

interface Job {
  asked: Asked;
  resolve(output: unknown): void;
  reject(error: Error): void;
}

/** Threads at once: the server itself needs a core too. */
const THREADS = 2;
/** A thread that has had nothing to do for so long gives its memory back, ms. */
const IDLE_MS = 30_000;
/** Of new objects, before they are looked through: more is quicker by little and larger by much. */
const YOUNG_MB = 16;

/** Built, the worker stands beside the server; in the sources a thread has to learn TypeScript first. */
function startThread(): Worker {
  const built = process.env.STUBE_WORKER ?? join(import.meta.dirname, 'worker.js');
  if (existsSync(built)) return new Worker(built, { resourceLimits: { maxYoungGenerationSizeMb: YOUNG_MB } });
  const source = pathToFileURL(join(import.meta.dirname, 'worker.ts')).href;
  return new Worker(`import('tsx/esm/api').then(({ register }) => (register(), import('${source}')))`, { eval: true });
}

/** A thread and what it is doing. */
class Thread {
  readonly worker = startThread();
  private job: Job | null = null;
  private timer: NodeJS.Timeout | undefined;
  private resting: NodeJS.Timeout | undefined;
  private readonly freed: (thread: Thread, alive: boolean) => void;

  /** @param freed told when it has nothing to do any more, and whether it can do more */
  constructor(freed: (thread: Thread, alive: boolean) => void) {
    this.freed = freed;
    this.worker.on('message', (answer: Answered) => {
      if (answer.number !== this.job?.asked.number) return;
      if (answer.ok) this.end(null, answer.output);
      else this.end(new Error(answer.message));
    });
    this.worker.on('error', (error) =>
      this.end(error instanceof Error ? error : new Error(String(error)), null, false),
    );
    this.worker.on('exit', () => this.end(new Error('the worker thread ended'), null, false));
    // A server that has nothing else to do may end.
    this.worker.unref();
  }

  give(job: Job): void {
    const { what, limit } = TASKS[job.asked.name];
    clearTimeout(this.resting);
    this.job = job;
    // What it was doing cannot be stopped without its thread.
    this.timer = setTimeout(() => {
      void this.worker.terminate();
      this.end(new TooLong(what), null, false);
    }, limit * 1000);
    this.worker.ref();
    this.worker.postMessage(job.asked);
  }

  /** Ends it at once, whatever it is doing. */
  async stop(): Promise<void> {
    this.end(new ShuttingDown(), null, false);
    await this.worker.terminate();
  }

  private end(error: Error | null, output?: unknown, alive = true): void {
    clearTimeout(this.timer);
    const { job } = this;
    this.job = null;
    clearTimeout(this.resting);
    if (alive) {
      this.worker.unref();
      this.resting = setTimeout(() => {
        // First out of the pool, so that nobody gives it anything any more.
        this.freed(this, false);
        void this.worker.terminate();
      }, IDLE_MS).unref();
    }
    if (error) job?.reject(error);
    else job?.resolve(output);
    this.freed(this, alive);
  }
}

export class WorkerPool implements Work {
  private readonly idle: Thread[] = [];
  private readonly all = new Set<Thread>();
  private readonly queue: Job[] = [];
  private numbers = 0;
  private closed = false;

  run<T extends TaskName>(name: T, input: Input<T>): Promise<Output<T>> {
    if (this.closed) return Promise.reject(new ShuttingDown());
    return new Promise<unknown>((resolve, reject) => {
      this.queue.push({ asked: { number: ++this.numbers, name, input }, resolve, reject });
      this.next();
    }) as Promise<Output<T>>;
  }

  private next(): void {
    if (!this.queue.length || this.closed) return;
    const thread = this.idle.pop() ?? (this.all.size < THREADS ? this.start() : null);
    if (thread) thread.give(this.queue.shift()!);
  }

  private start(): Thread {
    const thread = new Thread((freed, alive) => {
      if (alive) this.idle.push(freed);
      else {
        this.all.delete(freed);
        if (this.idle.includes(freed)) this.idle.splice(this.idle.indexOf(freed), 1);
      }
      this.next();
    });
    this.all.add(thread);
    return thread;
  }

  /** Stops everything at once; whoever waits is told. */
  async close(): Promise<void> {
    this.closed = true;
    for (const job of this.queue.splice(0)) job.reject(new ShuttingDown());
    await Promise.all([...this.all].map((thread) => thread.stop()));
  }
}
