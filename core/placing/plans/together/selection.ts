/** Which option of each need is chosen and where its bins stand, with the whole cost kept up to date; changes can be given up. */
import { Arrangement } from '../../placement/depth/arrangement.ts';
import { ChangeLog } from '../../placement/depth/change-log.ts';
import { Spots } from '../../placement/depth/spots.ts';
import type { Random } from '../../../ground/engine/random.ts';
import type { CompiledPlan } from './compiled-plan.ts';

export class Selection {
  readonly plan: CompiledPlan;
  readonly now: Arrangement;
  readonly spots: Spots;
  readonly log: ChangeLog;
  /** By need: its option, -1 while it has none. */
  readonly option: Int32Array;
  /** By type: how many the chosen options take. */
  readonly taken: Int32Array;
  /** By type: needs that use it. */
  readonly users: number[][];
  private buying = 0;
  private readonly changes: number[] = [];

  constructor(plan: CompiledPlan, random: Random) {
    this.plan = plan;
    this.now = new Arrangement(plan.place);
    this.spots = new Spots(this.now, random);
    this.log = new ChangeLog(this.now, this.spots);
    this.option = new Int32Array(plan.problem.needs.length).fill(-1);
    this.taken = new Int32Array(plan.owned.length);
    this.users = Array.from(plan.owned, () => []);
  }

  /** Seconds a week, with what money, kinds and spreading count for. */
  get cost(): number {
    return this.now.effort - this.plan.idle + this.buying;
  }
  /** What an option's containers would add, bought beyond what is owned and not yet taken. */
  buyingOf(option: number): number {
    const { type, bins, unhandy } = this.plan;
    return this.buyingMore(type[option]!, bins[option]!.length) + unhandy[option]!;
  }
  private buyingMore(type: number, count: number): number {
    const { owned, price, perKind } = this.plan;
    const before = Math.max(0, this.taken[type]! - owned[type]!);
    const after = Math.max(0, this.taken[type]! + count - owned[type]!);
    return (after - before) * price[type]! + (Number(after > 0) - Number(before > 0)) * perKind;
  }

  /** How many bins of a need have no place. */
  missing(need: number): number {
    const option = this.option[need]!;
    if (option < 0) return 1;
    let missing = 0;
    for (const bin of this.plan.bins[option]!) if (this.now.space[bin]! < 0) missing++;
    return missing;
  }

  begin(): void {
    this.log.clear();
    this.changes.length = 0;
  }
  /** All since `begin`. */
  undo(): void {
    this.log.undo();
    for (let i = this.changes.length - 2; i >= 0; i -= 2) this.set(this.changes[i]!, this.changes[i + 1]!);
    this.changes.length = 0;
  }
  /** Another option, or none; its bins have been taken out before. */
  choose(need: number, option: number): void {
    this.changes.push(need, this.option[need]!);
    this.set(need, option);
  }
  private set(need: number, option: number): void {
    const { type, bins } = this.plan;
    const before = this.option[need]!;
    if (before >= 0) {
      const of = type[before]!;
      this.taken[of]! -= bins[before]!.length;
      this.buying -= this.buyingOf(before);
      const users = this.users[of]!;
      users[users.indexOf(need)] = users.at(-1)!;
      users.pop();
    }
    this.option[need] = option;
    if (option < 0) return;
    this.buying += this.buyingOf(option);
    this.taken[type[option]!]! += bins[option]!.length;
    this.users[type[option]!]!.push(need);
  }

  /** Takes a need and whatever stands on its bins out, those needs as a whole; they are added to `out`. @returns false where one of them stays where it is */
  takeOut(need: number, out: number[], stays: Uint8Array): boolean {
    const { now, plan } = this;
    const first = out.length;
    out.push(need);
    for (let i = first; i < out.length; i++) {
      if (stays[out[i]!]) return false;
      for (const bin of plan.bins[this.option[out[i]!]!]!) {
        if (now.space[bin]! < 0 || !now.carries[bin]) continue;
        for (const other of now.inside[now.space[bin]!]!) {
          if (now.on[other] !== bin) continue;
          const above = plan.need[plan.option[other]!]!;
          if (!out.includes(above)) out.push(above);
        }
      }
    }
    // What stands on something goes before it.
    const bins: number[] = [];
    for (let i = first; i < out.length; i++)
      for (const bin of plan.bins[this.option[out[i]!]!]!) if (now.space[bin]! >= 0) bins.push(bin);
    bins.sort((a, b) => now.z0[b]! - now.z0[a]!);
    for (const bin of bins) this.log.take(bin);
    for (let i = first; i < out.length; i++) this.choose(out[i]!, -1);
    return true;
  }
}
