import type { ChildProcess, StdioOptions } from 'node:child_process';

export function forkServer(
  env?: Record<string, string>,
  stdio?: StdioOptions,
): { child: ChildProcess; ready: Promise<{ port: number; instance: string }> };
export function stop(child: ChildProcess): Promise<void>;
