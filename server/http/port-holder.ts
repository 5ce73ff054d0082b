/** Who listens at a port of this machine, so that a start that finds it taken can say so. */
import { readdirSync, readFileSync, readlinkSync } from 'node:fs';

export interface PortHolder {
  pid: number;
  command: string;
}

/** As the kernel writes it: the state of a socket that waits for connections. */
const LISTENING = '0A';
/** Of a command line, that is as much as helps to recognise it. */
const MAX_COMMAND = 120;

/** @returns null where it cannot be found out: no such process, another user's, or no Linux */
export function holderOfPort(port: number): PortHolder | null {
  const sockets = new Set([...listening('/proc/net/tcp', port), ...listening('/proc/net/tcp6', port)]);
  if (!sockets.size) return null;
  for (const entry of readable(() => readdirSync('/proc')) ?? []) {
    if (!/^\d+$/.test(entry)) continue;
    const open = readable(() => readdirSync(`/proc/${entry}/fd`)) ?? [];
    if (!open.some((fd) => sockets.has(readable(() => readlinkSync(`/proc/${entry}/fd/${fd}`)) ?? ''))) continue;
    const words = readable(() => readFileSync(`/proc/${entry}/cmdline`, 'utf8')) ?? '';
    return { pid: Number(entry), command: words.replaceAll('\0', ' ').trim().slice(0, MAX_COMMAND) };
  }
  return null;
}

function listening(table: string, port: number): string[] {
  const rows = (readable(() => readFileSync(table, 'utf8')) ?? '').split('\n').slice(1);
  return rows
    .map((row) => row.trim().split(/\s+/))
    .filter(([, local, , state]) => state === LISTENING && parseInt(local?.split(':').at(-1) ?? '', 16) === port)
    .map((columns) => `socket:[${columns[9]}]`);
}

function readable<T>(read: () => T): T | null {
  try {
    return read();
  } catch {
    return null;
  }
}
