/**
 * Beam search over skylines. A state is the upper outline of what is laid so far; the lowest gap is filled next, with
 * every piece that fits, or given up. Of all that follow, the most promising few go on. The promise of a state is what
 * it has already lost: area that nothing can fill any more, and area under pieces worth less than the room they take
 * (at the marginal price of room); then how rough its outline is (Burke et al. 2004 fill the lowest gap; the beam after
 * Bennell, Cabo and Martínez-Sykora 2018; prices are our own).
 */
import type { Random } from '../../../ground/engine/random.ts';
import type { Floor, Placement2d, Layout, ItemTypes } from '../item-types.ts';
import { RemainingSides } from './remaining-sides.ts';

export interface BeamOptions {
  /** States that go on from each level. */
  width: number;
  /** What one more step in the outline is worth, in shares of a mean piece's area. */
  outlinePenalty: number;
  /** Preference for large pieces first, in shares of their area. */
  largeFirst: number;
  /** Random share of a mean piece's area added to every promise. */
  noise: number;
  /** mm² that using a piece of that type loses. */
  loss: Float64Array;
  /** Only layouts worth more than this are looked for. */
  incumbentValue: number;
  /** Value that one mm² can bring at most, when nothing is lost. */
  price: number;
  /** Value in reach when nothing is lost. */
  reach: number;
}

interface State {
  /** Outline from the left: where each step begins and how deep it lies. */
  xs: Int32Array;
  ys: Int32Array;
  steps: number;
  left: Uint8Array;
  value: number;
  /** Area lost so far, mm². */
  lost: number;
  used: number;
  parent: State | null;
  laid: Placement2d | null;
}

/** What could follow the states of a level, in columns. */
interface Children {
  count: number;
  score: Float64Array;
  /** The state it follows, its gap raised where that was given up. */
  raised: State[];
  type: Int16Array;
  turned: Uint8Array;
  x: Int32Array;
}

/** Children judged between two yields. */
const YIELD_INTERVAL = 4000;

export function* beamSearch(
  floor: Floor,
  pieces: ItemTypes,
  options: BeamOptions,
  random: Random,
): Generator<void, Layout | null> {
  const { width: W, depth: D } = floor;
  const { types, width, depth, turnedWidth, turnedDepth, turnable, area, value } = pieces;
  const sides = new RemainingSides(pieces);
  const total = pieces.count.reduce((sum, n) => sum + n, 0);
  const mean =
    (W * D) /
    Math.max(
      1,
      Math.min(
        total,
        (total * (W * D)) /
          Math.max(
            1,
            area.reduce((sum, a, t) => sum + a * pieces.count[t]!, 0),
          ),
      ),
    );
  const start: State = {
    xs: Int32Array.of(0),
    ys: Int32Array.of(0),
    steps: 1,
    left: Uint8Array.from(pieces.count, (n) => Math.min(255, n)),
    value: 0,
    lost: 0,
    used: 0,
    parent: null,
    laid: null,
  };
  let best: State | null = null;
  let incumbentValue = options.incumbentValue;
  let states: State[] = [start];
  let judged = 0;
  let cutoff = Infinity;

  const worth = (lost: number): number => options.reach - lost * options.price;
  // Room for the children of one more state, its gap given up twice.
  const most = 6 * options.width + 64;
  const room = most + 6 * types;
  const children: Children = {
    count: 0,
    score: new Float64Array(room),
    raised: new Array<State>(room),
    type: new Int16Array(room),
    turned: new Uint8Array(room),
    x: new Int32Array(room),
  };
  const scores = new Float64Array(room);

  while (states.length) {
    children.count = 0;
    cutoff = Infinity;
    for (const state of states) {
      let now = state;
      sides.look(state.left);
      // The lowest gap, and the next ones that appear when it is given up.
      for (let tries = 0; tries < 3; tries++) {
        const found = expand(now);
        const up = raise(now);
        if (!up || worth(up.lost) <= incumbentValue) break;
        if (found && up.lost - now.lost > mean * 0.6) break;
        now = up;
      }
      if ((judged += types) > YIELD_INTERVAL) {
        judged = 0;
        yield;
      }
    }
    states = select();
    for (const state of states)
      if (state.value > incumbentValue + 1e-9) {
        incumbentValue = state.value;
        best = state;
      }
  }
  return best ? { laid: trace(best), value: best.value } : null;

  /** Of many children only the best can be chosen: what is worse than the last of twice as many is not kept. */
  function shorten(): void {
    const { score, raised, type, turned, x } = children;
    scores.set(score.subarray(0, children.count));
    cutoff = scores.subarray(0, children.count).sort()[2 * options.width + 15]!;
    let kept = 0;
    for (let i = 0; i < children.count; i++) {
      if (score[i]! > cutoff) continue;
      score[kept] = score[i]!;
      raised[kept] = raised[i]!;
      type[kept] = type[i]!;
      turned[kept] = turned[i]!;
      x[kept++] = x[i]!;
    }
    children.count = kept;
  }
  function lowest(state: State): number {
    let at = 0;
    for (let i = 1; i < state.steps; i++) if (state.ys[i]! < state.ys[at]!) at = i;
    return at;
  }
  function expand(state: State): boolean {
    const { xs, ys, steps, left } = state;
    const i = lowest(state);
    const x = xs[i]!;
    const y = ys[i]!;
    const gap = (i + 1 < steps ? xs[i + 1]! : W) - x;
    const wallL = i > 0 ? ys[i - 1]! : D;
    const wallR = i + 1 < steps ? ys[i + 1]! : D;
    let found = false;
    for (let t = 0; t < types; t++) {
      if (!left[t]) continue;
      for (let turn = 0; turn <= turnable[t]!; turn++) {
        const w = turn ? turnedWidth[t]! : width[t]!;
        const d = turn ? turnedDepth[t]! : depth[t]!;
        const top = y + d;
        if (w > gap || top > D) continue;
        found = true;
        const rest = gap - w;
        let lost = state.lost + options.loss[t]! + w * d - area[t]!;
        let steps2 = steps;
        const least = sides.narrowest(t);
        // Beside the wall whose top it meets, else at the left.
        const atRight = rest > 0 && top === wallR && top !== wallL;
        if (rest === 0) steps2 -= (top === wallL ? 1 : 0) + (top === wallR ? 1 : 0);
        else {
          steps2 += 1 - (top === (atRight ? wallR : wallL) ? 1 : 0);
          lost += sides.sureLoss(t, least, rest, Math.min(top, atRight ? wallL : wallR) - y);
        }
        // A strip too thin for anything along the back is lost as well.
        if (top < D && D - top < least) lost += w * (D - top);
        if (worth(lost) <= incumbentValue) continue;
        const score =
          lost +
          options.outlinePenalty * mean * steps2 -
          options.largeFirst * (state.used + area[t]!) +
          options.noise * mean * random.next();
        if (score >= cutoff) continue;
        const n = children.count++;
        children.score[n] = score;
        children.raised[n] = state;
        children.type[n] = t;
        children.turned[n] = turn;
        children.x[n] = atRight ? x + rest : x;
      }
    }
    if (children.count >= most) shorten();
    return found;
  }
  /** The lowest gap given up: lifted to the lower of its walls. Null when the floor is full. */
  function raise(state: State): State | null {
    const i = lowest(state);
    const { xs, ys, steps } = state;
    const wallL = i > 0 ? ys[i - 1]! : D;
    const wallR = i + 1 < steps ? ys[i + 1]! : D;
    const to = Math.min(wallL, wallR);
    const y = ys[i]!;
    if (to >= D && steps === 1) return null;
    const gap = (i + 1 < steps ? xs[i + 1]! : W) - xs[i]!;
    const outline = level(xs, ys, steps, i, to);
    return { ...state, ...outline, lost: state.lost + gap * (to - y), laid: null, parent: state };
  }
  function level(
    xs: Int32Array,
    ys: Int32Array,
    steps: number,
    i: number,
    to: number,
  ): Pick<State, 'xs' | 'ys' | 'steps'> {
    const nx = new Int32Array(steps);
    const ny = new Int32Array(steps);
    let n = 0;
    for (let k = 0; k < steps; k++) {
      const y = k === i ? to : ys[k]!;
      if (n && ny[n - 1] === y) continue;
      nx[n] = xs[k]!;
      ny[n++] = y;
    }
    return { xs: nx, ys: ny, steps: n };
  }
  function select(): State[] {
    if (children.count > 2 * options.width + 16) shorten();
    const { score } = children;
    const order = Array.from({ length: children.count }, (_, i) => i).sort((a, b) => score[a]! - score[b]!);
    const next: State[] = [];
    const seen = new Set<number>();
    for (const child of order) {
      if (next.length >= options.width) break;
      const state = materialise(child);
      const key = fingerprint(state);
      if (seen.has(key)) continue;
      seen.add(key);
      next.push(state);
    }
    return next;
  }
  /** Same outline, same room used, same value: one of them is enough. */
  function fingerprint(state: State): number {
    let hash = state.used % 1000003;
    for (let i = 0; i < state.steps; i++) hash = (hash * 31 + state.xs[i]! * 7919 + state.ys[i]!) % 9007199254;
    return hash * 1000 + (state.value % 997);
  }
  function materialise(child: number): State {
    const raised = children.raised[child]!;
    const type = children.type[child]!;
    const turned = children.turned[child] === 1;
    const x = children.x[child]!;
    const w = turned ? turnedWidth[type]! : width[type]!;
    const d = turned ? turnedDepth[type]! : depth[type]!;
    const { xs, ys, steps } = raised;
    const i = lowest(raised);
    const y = ys[i]!;
    const end = i + 1 < steps ? xs[i + 1]! : W;
    const nx = new Int32Array(steps + 2);
    const ny = new Int32Array(steps + 2);
    let n = 0;
    const push = (px: number, py: number) => {
      if (n && ny[n - 1] === py) return;
      nx[n] = px;
      ny[n++] = py;
    };
    for (let k = 0; k < i; k++) push(xs[k]!, ys[k]!);
    if (x > xs[i]!) push(xs[i]!, y);
    push(x, y + d);
    if (x + w < end) push(x + w, y);
    for (let k = i + 1; k < steps; k++) push(xs[k]!, ys[k]!);
    const left = raised.left.slice();
    left[type]!--;
    return {
      xs: nx,
      ys: ny,
      steps: n,
      left,
      value: raised.value + value[type]!,
      lost: raised.lost + options.loss[type]! + w * d - area[type]!,
      used: raised.used + area[type]!,
      parent: raised,
      laid: { type, x, y, turned },
    };
  }
  function trace(state: State): Placement2d[] {
    const laid: Placement2d[] = [];
    for (let at: State | null = state; at; at = at.parent) if (at.laid) laid.push(at.laid);
    return laid.reverse();
  }
}
