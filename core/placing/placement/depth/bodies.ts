/** What bending and reaching costs: each bin's users with their bands, flat, as a search asks millions of times. */
import { byId } from '../../../ground/model/by-id.ts';
import { BANDS, BODY_SECONDS } from '../../../ground/body/effort.ts';
import type { DepthProblem } from './problem.ts';

/** Of one use: times a week there and back, four borders of grip (hundredths of mm), the seconds of the five bands. */
const STRIDE = 10;
const BORDERS = 4;

export class Bodies {
  private readonly data: Float64Array;
  /** By bin: where its uses begin in `data`. */
  private readonly from: Int32Array;
  /** By use and border: the bin's seconds a week at that grip. */
  private readonly atBorder: Float64Array;

  constructor({ people, bins }: DepthProblem) {
    const personAt = byId(people);
    this.from = new Int32Array(bins.length + 1);
    const data: number[] = [];
    bins.forEach(({ uses }, bin) => {
      for (const { person, perWeek } of uses) {
        const { stature, kind } = personAt.get(person)!;
        const borders = [BANDS.knee, BANDS.knuckle, BANDS.shoulder, BANDS.overhead].map((share) => share * stature);
        data.push(2 * perWeek, ...borders, ...Object.values(BODY_SECONDS[kind]));
      }
      this.from[bin + 1] = data.length;
    });
    this.data = Float64Array.from(data);
    this.atBorder = new Float64Array((BORDERS * data.length) / STRIDE);
    bins.forEach((_, bin) => {
      for (let i = this.from[bin]!; i < this.from[bin + 1]!; i += STRIDE)
        for (let border = 0; border < BORDERS; border++)
          this.atBorder[(BORDERS * i) / STRIDE + border] = this.week(bin, data[i + 1 + border]!);
    });
  }

  /** Seconds a week at a grip height, hundredths of mm. */
  week(bin: number, grip: number): number {
    const { data } = this;
    const to = this.from[bin + 1]!;
    let sum = 0;
    for (let i = this.from[bin]!; i < to; i += STRIDE)
      sum +=
        data[i]! *
        (grip < data[i + 1]!
          ? data[i + 5]!
          : grip < data[i + 2]!
            ? data[i + 6]!
            : grip <= data[i + 3]!
              ? data[i + 7]!
              : grip <= data[i + 4]!
                ? data[i + 8]!
                : data[i + 9]!);
    return sum;
  }

  /** The least of it over a range of grips: it changes only at the borders of bands. Infinity where the range is empty. */
  leastWeek(bin: number, from: number, to: number): number {
    if (from > to) return Infinity;
    let least = Math.min(this.week(bin, from), this.week(bin, to));
    for (let i = this.from[bin]!; i < this.from[bin + 1]!; i += STRIDE)
      for (let border = 0; border < BORDERS; border++) {
        const grip = this.data[i + 1 + border]!;
        if (grip <= from || grip >= to) continue;
        const seconds = this.atBorder[(BORDERS * i) / STRIDE + border]!;
        if (seconds < least) least = seconds;
      }
    return least;
  }
}
