import type { ChildProcess, StdioOptions } from 'node:child_process';

export function forkServer(
  env?: Record<string, string>,
  stdio?: StdioOptions,
): { child: ChildProcess; port: Promise<number> };
export function stop(child: ChildProcess): Promise<void>;
