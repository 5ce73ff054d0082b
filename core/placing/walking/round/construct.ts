/** A first walk, or the proof that there is none: whatever may be put is put, the nearest is taken next, back where hands are full. */
import { type CompiledWalk, takenFirst } from './compiled.ts';

/** Sets of taken things that are looked at, at most. */
const MOST = 200_000;

/**
 * Putting what may be put frees hands and places, so that what can still be done follows from what is taken: each set of
 * taken things is looked at once.
 * @returns the acts; null where there is no walk, undefined where that is not known
 */
export function firstWalk(walk: CompiledWalk): number[] | null | undefined {
  const { things, acts, before, size, carry, stopOf, far, stops, start } = walk;
  const done = new Uint8Array(acts);
  const order: number[] = [];
  const dead = new Set<string>();
  let load = 0;
  let looked = 0;
  const here = (): number => (order.length ? stopOf[order.at(-1)!]! : start);
  const isOpen = (act: number): boolean => !done[act] && before[act]!.every((other) => done[other]);
  const nearest = (list: number[]): number[] => {
    const from = here() * stops;
    return list.sort((a, b) => far[from + stopOf[a]!]! - far[from + stopOf[b]!]!);
  };
  const go = (act: number): void => {
    order.push(act);
    done[act] = 1;
    load += act & 1 ? -size[act >> 1]! : size[act >> 1]!;
  };
  const back = (to: number): void => {
    while (order.length > to) {
      const act = order.pop()!;
      done[act] = 0;
      load += act & 1 ? size[act >> 1]! : -size[act >> 1]!;
    }
  };
  const putAll = (): void => {
    for (;;) {
      const puts = [];
      for (let t = 0; t < things; t++) if (done[2 * t] && isOpen(2 * t + 1)) puts.push(2 * t + 1);
      if (!puts.length) return;
      go(nearest(puts)[0]!);
    }
  };
  // Without recursion: a house is moved in hundreds of steps.
  const choices: { takes: number[]; length: number; key: string }[] = [];
  const open = (): void => {
    putAll();
    const takes = [];
    for (let t = 0; t < things; t++) if (isOpen(2 * t) && load + size[t]! <= carry) takes.push(2 * t);
    const key = done.filter((_, act) => !(act & 1)).join('');
    choices.push({ takes: dead.has(key) ? [] : nearest(takes).reverse(), length: order.length, key });
  };
  takenFirst(walk).forEach(go);
  open();
  while (order.length < acts) {
    const choice = choices.at(-1);
    if (!choice) return null;
    back(choice.length);
    const take = choice.takes.pop();
    if (take === undefined) {
      dead.add(choice.key);
      choices.pop();
      continue;
    }
    if (++looked > MOST) return undefined;
    go(take);
    open();
  }
  return order;
}
