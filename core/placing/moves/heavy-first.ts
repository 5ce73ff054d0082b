/**
 * Heavy ones first, while one is fresh (practice P13): steps that have nothing to do with each other change their order.
 * Steps of one bin, into or out of one compartment, and onto or off the parking keep theirs, so that each can still be
 * done by hand and never more stands on the floor.
 */
export interface OrderedStep {
  bin: string;
  /** Compartments; null: the bench or the parking. */
  from: string | null;
  to: string | null;
  /** Goes to the parking. */
  parks: boolean;
}

/**
 * @param massOf grams
 * @returns the steps by their numbers, in the new order; what weighs the same stays as it was
 */
export function heavyFirst(steps: readonly OrderedStep[], massOf: (bin: string) => number): number[] {
  const last = new Map<string, number>();
  const waitsFor = steps.map(({ bin, from, to, parks }, i) => {
    const shared = [`bin ${bin}`, from && `at ${from}`, to && `at ${to}`];
    // What comes from nowhere may stand on the floor since an earlier step.
    if (parks || from === null) shared.push('parking');
    const before = new Set<number>();
    for (const key of shared) {
      if (!key) continue;
      const earlier = last.get(key);
      if (earlier !== undefined && earlier !== i) before.add(earlier);
      last.set(key, i);
    }
    return before;
  });
  const order: number[] = [];
  const done = new Set<number>();
  while (order.length < steps.length) {
    let best = -1;
    for (const [i, before] of waitsFor.entries()) {
      if (done.has(i) || [...before].some((earlier) => !done.has(earlier))) continue;
      if (best < 0 || massOf(steps[i]!.bin) > massOf(steps[best]!.bin)) best = i;
    }
    done.add(best);
    order.push(best);
  }
  return order;
}
