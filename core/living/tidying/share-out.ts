/** Tidying with children: who takes which bin, so that all end together (practice F3). */

export interface TidyPerson {
  id: string;
  /** Standing height, mm. */
  stature: number;
  isChild: boolean;
  /** Months; null where nobody said. */
  months: number | null;
}

export interface TidyBin {
  id: string;
  /** Where the hand goes, mm above the floor. */
  grip: number;
  /** Grams. */
  mass: number;
  /** Seconds that a grown child takes for it. */
  seconds: number;
  /** Kept from children: nobody but an adult is given it. */
  adultsOnly: boolean;
}

export interface TidyShare {
  person: string;
  /** In the order in which they are done. */
  bins: string[];
  seconds: number;
}

/** A child reaches 1.15 times its height (docs/engines.md, Where does it go). */
const REACH = 1.15;
/** What a child may carry, of its own mass: school bags are kept to 10 to 15 % (usual advice of paediatric societies). */
const CARRIES = 0.15;
/** Median mass by height, children: [mm, g] (WHO weight for height to 1,100 mm, CDC 2000 beyond). */
const MASS_BY_STATURE: readonly (readonly [number, number])[] = [
  [800, 10_400],
  [900, 12_800],
  [1000, 15_400],
  [1100, 18_700],
  [1200, 22_800],
  [1300, 27_700],
  [1400, 33_700],
  [1500, 41_000],
  [1600, 49_500],
];

/** Grams that a child may carry. */
export function carries(stature: number): number {
  const at = MASS_BY_STATURE.findIndex(([mm]) => mm >= stature);
  if (at === 0) return MASS_BY_STATURE[0]![1] * CARRIES;
  if (at < 0) return MASS_BY_STATURE.at(-1)![1] * CARRIES;
  const [[low, light], [high, heavy]] = [MASS_BY_STATURE[at - 1]!, MASS_BY_STATURE[at]!];
  return (light + ((heavy - light) * (stature - low)) / (high - low)) * CARRIES;
}

/** How much longer the young take: under four years, under six (our own judgement, until it was seen). */
const slower = ({ isChild, months }: TidyPerson): number =>
  !isChild || months === null ? 1 : months < 48 ? 1.6 : months < 72 ? 1.3 : 1;

export const canTidy = (person: TidyPerson, bin: TidyBin): boolean =>
  !person.isChild || (!bin.adultsOnly && bin.grip <= person.stature * REACH && bin.mass <= carries(person.stature));

/**
 * Shares bins out so that the last one ends as early as can be found: the longest first to whoever ends first with it,
 * then single bins and pairs are exchanged as long as that helps.
 * @returns a share for each person, and the bins that nobody of them can do
 */
export function shareOut(
  people: readonly TidyPerson[],
  bins: readonly TidyBin[],
): { shares: TidyShare[]; left: string[] } {
  const costOf = (p: number, b: number): number =>
    canTidy(people[p]!, bins[b]!) ? bins[b]!.seconds * slower(people[p]!) : Infinity;
  const held: number[][] = people.map(() => []);
  const time = people.map(() => 0);
  const left: string[] = [];
  const order = bins.map((_, b) => b).sort((a, b) => bins[b]!.seconds - bins[a]!.seconds || a - b);
  for (const b of order) {
    let best = -1;
    for (let p = 0; p < people.length; p++)
      if (costOf(p, b) < Infinity && (best < 0 || time[p]! + costOf(p, b) < time[best]! + costOf(best, b))) best = p;
    if (best < 0) left.push(bins[b]!.id);
    else {
      held[best]!.push(b);
      time[best]! += costOf(best, b);
    }
  }
  const pairEnds = (a: number, b: number): number => Math.max(time[a]!, time[b]!);
  for (let better = true; better;) {
    better = false;
    for (let from = 0; from < people.length; from++)
      for (let to = 0; to < people.length; to++) {
        if (from === to) continue;
        for (const b of [...held[from]!]) {
          // It is given away, alone or for one that comes back.
          for (const other of [null, ...held[to]!]) {
            const fromTime = time[from]! - costOf(from, b) + (other === null ? 0 : costOf(from, other));
            const toTime = time[to]! + costOf(to, b) - (other === null ? 0 : costOf(to, other));
            if (Math.max(fromTime, toTime) >= pairEnds(from, to) - 1e-6) continue;
            held[from] = held[from]!.filter((one) => one !== b);
            held[to] = held[to]!.filter((one) => one !== other);
            held[to]!.push(b);
            if (other !== null) held[from]!.push(other);
            time[from] = fromTime;
            time[to] = toTime;
            better = true;
            break;
          }
          if (better) break;
        }
        if (better) break;
      }
  }
  return {
    shares: people.map(({ id }, p) => ({
      person: id,
      bins: held[p]!.map((b) => bins[b]!.id),
      seconds: Math.round(time[p]!),
    })),
    left,
  };
}
