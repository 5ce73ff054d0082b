/**
 * Dual feasible functions: f over 0 … size such that lengths that fit side by side within `size` have values that sum
 * to no more than 1. A product of one for the width and one for the depth turns rectangles that fit on a floor into
 * numbers that sum to no more than 1: a bound (Fekete and Schepers 2001; Carlier, Clautiaux and Moukrim 2007).
 */
export type DualFeasibleFunction = (length: number) => number;

/** The length itself. */
const plain =
  (size: number): DualFeasibleFunction =>
  (length) =>
    length / size;

/** Fekete and Schepers' u with parameter k: rounds to k-ths, so that k + 1 lengths over size / (k + 1) do not fit. */
const rounded =
  (size: number, k: number): DualFeasibleFunction =>
  (length) => {
    const scaled = (k + 1) * length;
    return scaled % size === 0 ? length / size : Math.floor(scaled / size) / k;
  };

/** Long ones count as whole, short ones not at all: what is shorter than `short` may sit beside what is longer than size − short. */
const cleared =
  (size: number, short: number): DualFeasibleFunction =>
  (length) =>
    length > size - short ? 1 : length < short ? 0 : length / size;

/** Carlier, Clautiaux and Moukrim's f1 with parameter k: counts in units of k, long ones by what they leave. */
const counted = (size: number, k: number): DualFeasibleFunction => {
  const whole = 2 * Math.floor(size / k);
  return (length) => {
    if (2 * length > size) return (whole - 2 * Math.floor((size - length) / k)) / whole;
    return (2 * length === size ? Math.floor(size / k) : 2 * Math.floor(length / k)) / whole;
  };
};

const MAX_ROUNDED = 12;

/** A family of at most so many for lengths that occur, the plain one first. */
export function dualFeasibleFunctionsFor(
  size: number,
  lengths: readonly number[],
  most = Infinity,
): DualFeasibleFunction[] {
  const occurring = [...new Set(lengths)].filter((length) => length <= size);
  const family: DualFeasibleFunction[] = [plain(size)];
  for (let k = 1; k <= MAX_ROUNDED; k++) family.push(rounded(size, k));
  const thresholds = new Set(
    occurring
      .flatMap((length) => [length, size - length, size - length + 1, length + 1])
      .filter((at) => at > 0 && 2 * at <= size),
  );
  for (const at of thresholds) family.push(cleared(size, at), counted(size, at));
  // Functions that say the same about every length that occurs are needed once.
  const seen = new Set<string>();
  const distinct: DualFeasibleFunction[] = [];
  for (const f of family) {
    if (distinct.length >= most) break;
    const says = occurring.map((length) => f(length).toFixed(9)).join();
    if (seen.has(says)) continue;
    seen.add(says);
    distinct.push(f);
  }
  return distinct;
}

/** Largest sum of some of the lengths, each as often as it occurs in the list, that is no more than `size`. */
export function fullestSum(size: number, lengths: readonly number[]): number {
  const reach = new Uint8Array(size + 1);
  reach[0] = 1;
  for (const length of lengths) for (let at = size; at >= length; at--) if (reach[at - length]) reach[at] = 1;
  let best = size;
  while (!reach[best]) best--;
  return best;
}
