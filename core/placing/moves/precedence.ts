/**
 * What has to happen before what. Every bin that moves is taken once first and put down once last; where one stands in the
 * way of the other, by where it is or by where it is wanted, the one act comes before the other. These orders hold for
 * every plan, also for one in which a bin is parked several times (its first taking and its last putting count).
 */
import { indexById } from '../../ground/model/by-id.ts';
import {
  bears,
  boxOf,
  clash,
  isAbove,
  isInFront,
  standsOn,
  stays,
  type MoveBox,
  type MovesProblem,
} from './problem.ts';

export interface Precedence {
  /** Numbers of the bins that move, and of those that stay but stand in the way. */
  bins: number[];
  /** By position in `bins`: what must be taken before this one is taken. */
  takeAfterTakes: number[][];
  /** What must be taken, and what must be put down, before this one is put down. */
  putAfterTakes: number[][];
  putAfterPuts: number[][];
  /** It comes new: taken from the start, without a parking place. */
  isNew: boolean[];
  /** It stands where it is wanted, and is only in the way. */
  isThere: boolean[];
  /** Whose wanted place bars taking this one from where it is; and bars putting it where it is wanted. */
  takeBarredByTo: number[][];
  putBarredByTo: number[][];
  /** Who bars putting this one by where it still stands. */
  putBarredByFrom: number[][];
  /** Who bears it at its wanted place, where that one moves too. */
  bearer: number[][];
}

export function precedenceOf(problem: MovesProblem): Precedence {
  const numbers = indexById(problem.compartments);
  const front = problem.compartments.map(({ access }) => access === 'front');
  const box = (state: 'from' | 'to') =>
    problem.bins.map((bin): MoveBox | null => {
      const at = bin[state];
      return at ? boxOf(bin, at, numbers.get(at.compartment)!) : null;
    });
  const [from, to] = [box('from'), box('to')];
  const inSpace = (boxes: readonly (MoveBox | null)[]): number[][] => {
    const lists: number[][] = problem.compartments.map(() => []);
    boxes.forEach((one, bin) => one && lists[one.space]!.push(bin));
    return lists;
  };
  const [fromIn, toIn] = [inSpace(from), inSpace(to)];
  const inFront = (a: MoveBox, b: MoveBox) => isInFront(a, b, front[b.space]!);
  const moves = problem.bins.map((bin) => !stays(bin));
  // What stays where something has to be taken out or put in behind or under it is in the way itself.
  const open = moves.flatMap((move, bin) => (move ? [bin] : []));
  for (let next = open.pop(); next !== undefined; next = open.pop()) {
    for (const own of [from[next], to[next]])
      if (own)
        for (const other of toIn[own.space]!) {
          const there = to[other]!;
          if (moves[other] || other === next) continue;
          const inTheWay = inFront(there, own) || (own === from[next] ? standsOn(there, own) : isAbove(there, own));
          if (!inTheWay) continue;
          moves[other] = true;
          open.push(other);
        }
  }
  const bins = moves.flatMap((move, bin) => (move ? [bin] : []));
  const place = new Map(bins.map((bin, i) => [bin, i]));
  const lists = () => bins.map((): number[] => []);
  const precedence: Precedence = {
    bins,
    takeAfterTakes: lists(),
    putAfterTakes: lists(),
    putAfterPuts: lists(),
    isNew: bins.map((bin) => from[bin] === null),
    isThere: bins.map((bin) => stays(problem.bins[bin]!)),
    takeBarredByTo: lists(),
    putBarredByTo: lists(),
    putBarredByFrom: lists(),
    bearer: lists(),
  };
  const { takeAfterTakes, putAfterTakes, putAfterPuts } = precedence;
  bins.forEach((bin, b) => {
    const [start, end] = [from[bin], to[bin]];
    if (start) {
      for (const other of fromIn[start.space]!) {
        const a = place.get(other);
        if (a === undefined || a === b) continue;
        if (standsOn(from[other]!, start) || inFront(from[other]!, start)) takeAfterTakes[b]!.push(a);
      }
      for (const other of toIn[start.space]!) {
        const a = place.get(other);
        if (a === undefined || a === b) continue;
        if (standsOn(to[other]!, start) || inFront(to[other]!, start)) {
          putAfterTakes[a]!.push(b);
          precedence.takeBarredByTo[b]!.push(a);
        }
      }
    }
    if (end) {
      for (const other of fromIn[end.space]!) {
        const a = place.get(other);
        if (a === undefined || a === b) continue;
        const there = from[other]!;
        if (clash(there, end) || inFront(there, end) || isAbove(there, end)) {
          putAfterTakes[b]!.push(a);
          precedence.putBarredByFrom[b]!.push(a);
        }
      }
      for (const other of toIn[end.space]!) {
        const a = place.get(other);
        if (a === undefined || a === b) continue;
        const there = to[other]!;
        if (inFront(there, end) || isAbove(there, end)) {
          putAfterPuts[a]!.push(b);
          precedence.putBarredByTo[b]!.push(a);
        }
        // What bears it stands there first.
        if (bears(there, end)) {
          putAfterPuts[b]!.push(a);
          precedence.bearer[b]!.push(a);
        }
      }
    }
  });
  for (const all of [takeAfterTakes, putAfterTakes, putAfterPuts])
    all.forEach((list, i) => (all[i] = [...new Set(list)]));
  return precedence;
}

/**
 * Bins that hang together in circles: all orders between two such parts go one way, so each can be done by itself, in the
 * order in which they are returned (Tarjan's strongly connected components, 1972).
 */
export function partsOf({ bins, takeAfterTakes, putAfterTakes, putAfterPuts }: Precedence): number[][] {
  const n = bins.length;
  const before = bins.map((_, b) => [...takeAfterTakes[b]!, ...putAfterTakes[b]!, ...putAfterPuts[b]!]);
  const index = new Int32Array(n).fill(-1);
  const low = new Int32Array(n);
  const onStack = new Uint8Array(n);
  const stack: number[] = [];
  const parts: number[][] = [];
  let count = 0;
  // Without recursion: a house has chains of hundreds.
  for (let root = 0; root < n; root++) {
    if (index[root] !== -1) continue;
    const work: [node: number, next: number][] = [[root, 0]];
    while (work.length) {
      const top = work[work.length - 1]!;
      const [node, next] = top;
      if (next === 0) {
        index[node] = low[node] = count++;
        stack.push(node);
        onStack[node] = 1;
      }
      const list = before[node]!;
      if (next < list.length) {
        top[1]++;
        const other = list[next]!;
        if (index[other] === -1) work.push([other, 0]);
        else if (onStack[other]) low[node] = Math.min(low[node]!, index[other]!);
        continue;
      }
      work.pop();
      const parent = work[work.length - 1];
      if (parent) low[parent[0]] = Math.min(low[parent[0]]!, low[node]!);
      if (low[node] === index[node]) {
        const part: number[] = [];
        let one: number;
        do {
          one = stack.pop()!;
          onStack[one] = 0;
          part.push(one);
        } while (one !== node);
        parts.push(part.reverse());
      }
    }
  }
  return parts;
}
