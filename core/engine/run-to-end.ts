/** Runs steps to their end, for callers that need not listen. */
export function runToEnd<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
  }
}
