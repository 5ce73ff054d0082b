/**
 * Rooms in depth from a seed: the furniture, people and zones of the flat problems, filled with boxes of common sizes in
 * stacks and rows, so that there is a place for each by construction.
 */
import { Random } from '@stube/core/engine';
import { BANDS, usableWidth } from '@stube/core/body';
import type { DepthBin, DepthProblem } from '@stube/core/placement';
import { clearHeight, HEAVY_MASS, type PlaceCompartment, type PlacePerson } from '@stube/core/problems';
import { shuffled } from './fit-problems.ts';
import { chance, emptyRoom, pick } from './rooms.ts';

/** Width, depth, height (mm), how many of a hundred, grams a litre with what is in it. Our own judgement. */
const BOXES = [
  [75, 75, 110, 22, 440],
  [160, 160, 50, 20, 250],
  [80, 240, 50, 15, 300],
  [150, 220, 120, 10, 145],
  [100, 100, 120, 9, 275],
  [195, 280, 120, 8, 130],
  [110, 260, 300, 7, 128],
  [210, 330, 120, 5, 116],
  [280, 200, 45, 4, 195],
  [180, 360, 150, 4, 120],
  [85, 340, 55, 3, 230],
  [290, 290, 350, 3, 92],
  [300, 320, 240, 2, 100],
  [280, 380, 190, 2, 120],
] as const;
const ALL = BOXES.reduce((sum, [, , , share]) => sum + share, 0);
/** Of the shortest adult there is, mm: nothing heavy above it. */
const SHOULDER = (BANDS.shoulder * 1550) / 100;
/** How much of a compartment's room is filled, at the least and more. */
const FILLED = { least: 0.3, more: 0.5 };

export type DepthSize = 'small' | 'home' | 'class' | 'centre';

export function depthRoom(size: DepthSize, seed: number, timeMs: number): DepthProblem {
  const room = emptyRoom(size, seed, timeMs);
  const random = new Random(seed * 9973 + room.compartments.length);
  const made = new Maker(random, room.people);
  const bins = room.compartments.flatMap((space) => made.fill(space, usableWidth(space.width, room.growth)));
  made.group(bins);
  return {
    ...room,
    format: 'stube-place/2',
    bins: shuffled(bins, random).map(({ bin }, i) => ({ ...bin, id: `b${i}` })),
  };
}

interface Made {
  bin: DepthBin;
  unit: string;
}

class Maker {
  private readonly random: Random;
  private readonly adults: readonly PlacePerson[];
  private readonly children: readonly PlacePerson[];

  constructor(random: Random, people: readonly PlacePerson[]) {
    this.random = random;
    this.adults = people.filter(({ kind }) => kind === 'adult');
    this.children = people.filter(({ kind }) => kind === 'child');
  }

  /** Stacks of one size in rows from the front to the back. */
  fill(space: PlaceCompartment, wide: number): Made[] {
    const found: Made[] = [];
    const high = clearHeight(space);
    let room = wide * space.depth * high * (FILLED.least + FILLED.more * this.random.next());
    let load = space.maxLoad;
    let [x, y, row] = [0, 0, 0];
    for (let tries = 0; tries < 60 && room > 0; tries++) {
      const box = this.box();
      const [width, depth, height] = box;
      if (height > high || width > wide || depth > space.depth) continue;
      if (x + width > wide) [x, y, row] = [0, y + row, 0];
      if (y + depth > space.depth) break;
      const levels = 1 + this.random.below(3);
      let under = Infinity;
      for (let level = 0; level < levels && (level + 1) * height <= high && room > 0; level++) {
        const bin = this.bin(box, space, level * height, under, levels === 1 && y === 0);
        if (bin.mass > load) break;
        bin.stackable ||= level + 1 < levels;
        found.push({ bin, unit: space.unit });
        [under, load, room] = [bin.mass, load - bin.mass, room - width * depth * height];
      }
      [x, row] = [x + width, Math.max(row, depth)];
    }
    return found;
  }
  private box(): (typeof BOXES)[number] {
    let draw = this.random.next() * ALL;
    return BOXES.find(([, , , share]) => (draw -= share) < 0) ?? BOXES[0];
  }

  /** One that may stand there. @param heaviest what is beneath it, g @param inFront nothing is on it or before it */
  private bin(
    [width, depth, height, , perLitre]: (typeof BOXES)[number],
    space: PlaceCompartment,
    z: number,
    heaviest: number,
    inFront: boolean,
  ): DepthBin {
    const { random } = this;
    const grip = space.floor + z + (space.access === 'top' ? height : height / 2);
    const litres = (width * depth * height) / 1e6;
    const told = Math.max(10, Math.round((litres * perLitre * (0.5 + random.next() + random.next() / 2)) / 10) * 10);
    const mass = Math.min(told, heaviest, grip > SHOULDER ? HEAVY_MASS : Infinity);
    const reach = this.children.map(({ stature }) => (BANDS.childReach * stature) / 100);
    const hazard = (space.locked || grip > Math.max(0, ...reach) + 301) && chance(this.random, 0.35);
    const uses = [{ person: pick(this.random, this.adults).id, perWeek: this.perWeek() }];
    const other = pick(this.random, this.adults).id;
    if (chance(this.random, 0.5) && other !== uses[0]!.person) uses.push({ person: other, perWeek: this.perWeek() });
    const childReach = inFront && !hazard && !space.locked && grip < Math.min(...reach) && chance(this.random, 0.5);
    if (childReach) uses.push({ person: pick(this.random, this.children).id, perWeek: this.perWeek() });
    const covered = space.door || space.drawer;
    const near = Object.keys(space.walk).sort((a, b) => space.walk[a]! - space.walk[b]!);
    return {
      id: '',
      width,
      depth,
      height,
      mass,
      lid: chance(this.random, 0.3),
      // Three of four are used near where there is room for them.
      zone: chance(this.random, 0.75)
        ? near[chance(this.random, 0.7) ? 0 : Math.min(1, near.length - 1)]!
        : pick(this.random, near),
      uses,
      group: null,
      hazard,
      childReach,
      lightSensitive: (!space.sunlit || covered) && chance(this.random, 0.08),
      view:
        covered || !space.onView
          ? chance(this.random, 0.08)
            ? 'hide'
            : null
          : chance(this.random, 0.04)
            ? 'show'
            : null,
      turnable: chance(this.random, 0.8),
      stackable: chance(this.random, 0.72),
    };
  }
  /** Most seldom, a few every day: half of them below 0.6 times a week, one of ten above 4. */
  private perWeek(): number {
    const { random } = this;
    let sum = -3;
    for (let i = 0; i < 6; i++) sum += random.next();
    const times = 0.6 * Math.exp(2.1 * sum);
    return times < 1 ? Math.max(0.05, Math.round(times * 20) / 20) : Math.min(20, Math.round(times * 2) / 2);
  }

  /** A third belong to groups of two to five, each with room in one piece of furniture. */
  group(made: readonly Made[]): void {
    let group = 0;
    for (const unit of new Set(made.map((one) => one.unit))) {
      const free = made.filter((one) => one.unit === unit);
      for (let wanted = Math.round(free.length / 3); wanted >= 2 && free.length >= 2; group++) {
        const together = Math.min(2 + this.random.below(4), free.length);
        for (let i = 0; i < together; i++) free.splice(this.random.below(free.length), 1)[0]!.bin.group = `g${group}`;
        wanted -= together;
      }
    }
  }
}
