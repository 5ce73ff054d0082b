/** Steps of an engine in slices: long enough to work, short enough that the worker hears a stop in between. */
const SLICE_MS = 20;

interface Breath<Answer> {
  /** Null before there is one. */
  answer(): Answer | null;
}

/** Runs the steps to their end, or until `over` says so after a slice; then the best answer so far counts. */
export async function inSlices<Answer, Now extends Breath<Answer>>(
  steps: Generator<Now, Answer>,
  report: (now: Now) => void,
  over: () => boolean,
): Promise<Answer> {
  let last = performance.now();
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
    if (performance.now() - last < SLICE_MS) continue;
    report(next.value);
    await new Promise((resolve) => setTimeout(resolve));
    const answer = over() ? next.value.answer() : null;
    if (answer !== null) return answer;
    last = performance.now();
  }
}
