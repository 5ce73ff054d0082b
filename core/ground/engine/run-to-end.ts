/**
 * Runs steps to their end, for callers that need not listen.
 * @example runToEnd(solvePlaceSteps(problem, { iterations: 100 }))
 */
export function runToEnd<T>(steps: Generator<unknown, T>): T {
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
  }
}
