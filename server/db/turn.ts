/**
 * Lets whoever else waits have a turn: the database answers within this thread, so that a long row of statements would keep
 * every other request waiting.
 */
export const turn = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));
