/** What helps most in the few minutes one has: of all that waits, the best that fits into them. */

export interface Chore {
  key: string;
  what: string;
  minutes: number;
  /** What it is worth, in minutes saved or worries less: compared, never shown. */
  worth: number;
  /** Why it helps. */
  because: string;
  /** Where it is seen to: a screen, of a room or a bin where it has one. */
  where: { screen: string; roomId?: string; code?: string };
}

/**
 * The chores of the greatest worth that fit together into so many minutes (0/1 knapsack by dynamic programming over whole
 * minutes).
 * @returns in the order of their worth a minute, best first
 * @example bestIn(chores, 15)
 */
export function bestIn(chores: readonly Chore[], minutes: number): Chore[] {
  const fitting = chores.filter((chore) => chore.minutes <= minutes && chore.worth > 0);
  const best = new Float64Array(minutes + 1);
  const taken = fitting.map((chore) => {
    const at = new Uint8Array(minutes + 1);
    const long = Math.max(1, Math.ceil(chore.minutes));
    for (let left = minutes; left >= long; left--) {
      const worth = best[left - long]! + chore.worth;
      if (worth <= best[left]! + 1e-9) continue;
      best[left] = worth;
      at[left] = 1;
    }
    return at;
  });
  const chosen: Chore[] = [];
  for (let i = fitting.length - 1, left = minutes; i >= 0; i--)
    if (taken[i]![left]) {
      chosen.push(fitting[i]!);
      left -= Math.max(1, Math.ceil(fitting[i]!.minutes));
    }
  return chosen.sort((a, b) => b.worth / b.minutes - a.worth / a.minutes || a.what.localeCompare(b.what));
}
