import { vi } from 'vitest';

/** What comes true in a while: seconds, where others are busy on the machine. */
export const eventually = <T>(check: () => T | Promise<T>): Promise<T> => vi.waitFor(check, { timeout: 60_000 });
