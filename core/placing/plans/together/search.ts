/**
 * Needs are taken out and put back whole, with any of their options (ruin and recreate, Schrimpf et al. 2000), and bins of
 * one size change places, all under one falling temperature (annealing).
 */
import { indexById } from '../../../ground/model/by-id.ts';
import type { DepthPosition } from '../../placement/depth/problem.ts';
import { putStanding } from '../../placement/depth/put-standing.ts';
import { Random } from '../../../ground/engine/random.ts';
import type { Arrangement } from '../../placement/depth/arrangement.ts';
import { alikeIn, TIE } from '../../placement/depth/searching.ts';
import type { CompiledPlan } from './compiled-plan.ts';
import { Insert } from './insert.ts';
import { Selection } from './selection.ts';

/** A change may cost about this share of a need's mean cost at first, and in the end. By trial. */
const HOT = 0.6;
const COLD = 0.03;
/** From a room of which most stands: what is as good stays where it is. */
const WARM = 0.06;
/** Swaps for every ruin. */
const SWAPS = 12;
/** Needs that are taken out at once, at most. */
const MOST_OUT = 14;

export interface KeptPlan extends Pick<Arrangement, 'space' | 'x0' | 'y0' | 'z0' | 'turned' | 'on'> {
  option: Int32Array;
}

export class PlanSearch {
  readonly chosen: Selection;
  private readonly plan: CompiledPlan;
  private readonly random: Random;
  private readonly insert: Insert;
  private readonly needs: number;
  /** By need: how much it wants to be first. */
  private readonly weight: Float64Array;
  private readonly families: readonly number[][];
  private readonly familyOf: Int32Array;
  private readonly alike: readonly Int32Array[];
  private readonly stays: Uint8Array;
  private hot = HOT;
  private readonly out: number[] = [];
  bestCost = Infinity;
  best: KeptPlan | null = null;
  /** What needs without a place count for in the best plan. */
  bestLeft = 0;
  /** A plan is better only with less than this without a place. */
  leftBelow = Infinity;

  constructor(plan: CompiledPlan, seed: number) {
    const { problem, place } = plan;
    this.plan = plan;
    this.random = new Random(seed);
    this.chosen = new Selection(plan, this.random);
    this.insert = new Insert(this.chosen);
    this.needs = problem.needs.length;
    this.stays = Uint8Array.from(problem.needs, ({ now }) => Number(!!now?.stays));
    this.alike = alikeIn(place);
    this.weight = Float64Array.from(problem.needs, ({ ways }, need) => {
      const often = ways[0]!.bins.reduce((all, { uses }) => uses.reduce((sum, { perWeek }) => sum + perWeek, all), 0);
      const area = Math.min(
        ...Array.from(plan.optionsOf[need]!, (option) =>
          plan.bins[option]!.reduce((sum, bin) => sum + place.width[bin]! * place.depth[bin]!, 0),
        ),
      );
      return area * (1 + often);
    });
    this.familyOf = Int32Array.from(
      problem.needs,
      (_, need) => place.family[plan.bins[plan.optionsOf[need]![0]!]![0]!]!,
    );
    this.families = Array.from({ length: place.families }, (_, f) =>
      [...this.familyOf.keys()].filter((need) => this.familyOf[need] === f),
    );
  }

  /** What is kept in one of its ways and where that stands now, as far as it may stand there. */
  asNow(): void {
    const { chosen, plan } = this;
    const { problem, place, optionsOf, bins } = plan;
    const positions: DepthPosition[] = [];
    const stays = new Set<string>();
    const from: number[] = [];
    problem.needs.forEach(({ ways, now }, need) => {
      if (!now) return;
      from.push(need);
      ways[now.way]!.bins.forEach(({ id }, n) => {
        const position = now.positions[n];
        if (!position) return;
        positions.push({ ...position, bin: id });
        if (now.stays) stays.add(id);
      });
    });
    putStanding(chosen.now, positions, stays, indexById(place.problem.bins), indexById(place.problem.compartments));
    for (const need of from) {
      const option = optionsOf[need]![problem.needs[need]!.now!.way]!;
      if (bins[option]!.some((bin) => chosen.now.space[bin]! >= 0)) chosen.choose(need, option);
    }
    if (2 * from.length > problem.needs.length) this.hot = WARM;
    chosen.begin();
  }
  /** A first whole plan: what is large and often used first. Gives way every few needs. */
  *construct(): Generator<void, void> {
    const order = [...this.weight.keys()].sort((a, b) => this.weight[b]! - this.weight[a]!);
    for (const [i, need] of order.entries()) {
      if (this.chosen.option[need]! < 0) this.insert.put(need);
      this.chosen.begin();
      if (i % 4 === 3) yield;
    }
    this.keep();
  }

  private keep(): void {
    const { cost, now, option } = this.chosen;
    if (cost >= this.bestCost - TIE || this.leftNow() >= this.leftBelow - TIE) return;
    this.bestCost = cost;
    this.bestLeft = this.leftNow();
    if (!this.best) {
      const { space, x0, y0, z0, turned, on } = now;
      this.best = {
        ...{ space: space.slice(), x0: x0.slice(), y0: y0.slice(), z0: z0.slice() },
        ...{ turned: turned.slice(), on: on.slice(), option: option.slice() },
      };
      return;
    }
    const { best } = this;
    best.option.set(option);
    best.space.set(now.space);
    best.x0.set(now.x0);
    best.y0.set(now.y0);
    best.z0.set(now.z0);
    best.turned.set(now.turned);
    best.on.set(now.on);
  }

  /** @param done how much of the time is over, 0 … 1 @param tries how many are made */
  step(done: number, tries: number): void {
    const { chosen, random, needs } = this;
    const mean = Math.max(1, (chosen.cost - this.leftNow()) / Math.max(1, needs));
    const heat = mean * this.hot * (COLD / this.hot) ** done;
    for (let n = 0; n < tries; n++) {
      this.ruin(-heat * Math.log(1 - random.next()));
      for (let k = 0; k < SWAPS; k++) this.trySwap(-heat * Math.log(1 - random.next()));
      this.keep();
    }
  }
  private leftNow(): number {
    return this.chosen.now.left - this.plan.idle;
  }

  private trySwap(allowed: number): void {
    const { chosen, plan, random } = this;
    const { now } = chosen;
    const need = random.below(this.needs);
    if (this.stays[need]) return;
    const own = plan.bins[chosen.option[need]!]!;
    const bin = own[random.below(own.length)]!;
    if (now.space[bin]! < 0) return;
    const ways = plan.place.order[bin]!;
    const space = ways[Math.floor(random.next() ** 2 * Math.min(ways.length, 12))];
    if (space === undefined) return;
    const there = now.inside[space]!;
    const from = random.below(Math.max(1, there.length));
    for (let i = 0; i < there.length; i++) {
      const other = there[(from + i) % there.length]!;
      if (other === bin || this.alike[other] !== this.alike[bin] || this.stays[plan.need[plan.option[other]!]!])
        continue;
      const change = now.swapCost(bin, other, allowed);
      if (change < Infinity) now.swap(bin, other, change);
      return;
    }
  }

  /** What a need costs where it is beyond the least it could. */
  private beyond(need: number): number {
    const { chosen, plan } = this;
    const { now } = chosen;
    let sum = 0;
    const option = chosen.option[need]!;
    for (const bin of plan.bins[option]!) sum += now.space[bin]! < 0 ? 0 : now.costOf(bin) - plan.place.leftOut[bin]!;
    const type = plan.type[option]!;
    if (chosen.taken[type]! > plan.owned[type]!) sum += plan.price[type]! * plan.bins[option]!.length;
    return sum + plan.unhandy[option]! - this.insert.least[need]!;
  }
  /** One with bins without a place as long as there are such, else of a few the one that costs most beyond its least. */
  private wanting(): number {
    const { random, needs } = this;
    if (this.leftNow() > TIE && random.next() < 0.6) {
      const from = random.below(needs);
      for (let i = 0; i < needs; i++) {
        const need = (from + i) % needs;
        if (this.chosen.missing(need) && !this.stays[need]) return need;
      }
    }
    let most = -Infinity;
    let found = 0;
    for (let n = 0; n < 3; n++) {
      const need = random.below(needs);
      const far = this.beyond(need);
      if (far > most) [most, found] = [far, need];
    }
    return found;
  }

  private take(need: number): void {
    if (this.chosen.option[need]! >= 0 && !this.stays[need]) this.chosen.takeOut(need, this.out, this.stays);
  }
  private ruin(allowed: number): void {
    const { chosen, plan, random, out, insert, weight } = this;
    const { now } = chosen;
    const end = chosen.cost + allowed + TIE;
    chosen.begin();
    out.length = 0;
    const seed = this.wanting();
    if (this.stays[seed]) return;
    const draw = random.next();
    this.take(seed);
    let barred = -1;
    if (draw < 0.5) {
      // What stands where it would rather be.
      const options = plan.optionsOf[seed]!;
      const option = options[random.below(options.length)]!;
      const bin = plan.bins[option]![0]!;
      const ways = plan.place.order[bin]!;
      const most = chosen.now.left > plan.idle + TIE ? ways.length : Math.min(ways.length, 12);
      const space = ways[Math.floor(random.next() ** 2 * most)];
      if (space !== undefined) {
        const share = random.next() < 0.4 ? 1 : 0.3 + 0.5 * random.next();
        for (const other of [...now.inside[space]!]) {
          if (out.length >= MOST_OUT) break;
          if (now.space[other] === space && random.next() < share) this.take(plan.need[plan.option[other]!]!);
        }
      }
    } else if (draw < 0.68) {
      // What is in the same kind of container; every other time none of them is bought.
      const options = plan.optionsOf[seed]!;
      const type = plan.type[options[random.below(options.length)]!]!;
      const users = [...chosen.users[type]!];
      if (users.length <= MOST_OUT && random.next() < 0.5) barred = type;
      for (let i = 0; i < users.length && out.length < (barred >= 0 ? MOST_OUT : 6); i++) {
        const k = i + random.below(users.length - i);
        [users[i], users[k]] = [users[k]!, users[i]!];
        this.take(users[i]!);
      }
    } else if (draw < 0.82) {
      const family = this.familyOf[seed]!;
      if (family >= 0)
        for (const need of this.families[family]!) if (out.length < MOST_OUT && random.next() < 0.8) this.take(need);
    } else if (draw < 0.92) {
      const more = 1 + random.below(4);
      for (let i = 0; i < more; i++) this.take(random.below(this.needs));
    }
    const weights = new Map<number, number>();
    const order = random.next();
    for (const need of out)
      weights.set(need, order < 0.2 ? random.next() : weight[need]! * (1 + (random.next() - 0.5)));
    if (order > 0.6) weights.set(seed, Infinity);
    out.sort((a, b) => weights.get(b)! - weights.get(a)!);
    let rest = 0;
    for (const need of out) rest += insert.least[need]!;
    if (barred >= 0) insert.barred[barred] = 1;
    const blink = random.next() < 0.5 ? 0 : 0.03;
    for (const need of out) {
      rest -= insert.least[need]!;
      insert.put(need, blink);
      if (chosen.cost + rest > end) {
        chosen.undo();
        break;
      }
    }
    if (barred >= 0) insert.barred[barred] = 0;
  }
}
