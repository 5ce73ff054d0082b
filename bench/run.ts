/**
 * npm run bench -- [--seed 1] [--count 20] [--rows cut,slack,decoy,drawer,shelf,bars,depth,plan,moves,walk,find]: the engines against their
 * targets, on problems made from the seed, beside a general-purpose packer.
 */
import { parseArgs } from 'node:util';
import { loadavg } from 'node:os';
import { loadSolver, runToEnd } from '@stube/core/engine';
import { cutSteps } from '@stube/core/cutting';
import { fitSteps } from '@stube/core/packing';
import type { FitProblem } from '@stube/core/problems';
import { movesSteps, readMovesProblem } from '@stube/core/moves';
import { walkSteps } from '@stube/core/walking';
import { WALK_KINDS, walkProblem, type WalkKind } from '@stube/core/walking/testing/walk-problems';
import { rearrangement } from '@stube/core/moves/testing/rearrangement';
import { togetherOf, togetherSteps } from '@stube/core/plans';
import { planProblem } from '@stube/core/plans/testing/plan-problems';
import { cheapestSum, depthSteps } from '@stube/core/placement';
import { depthRoom, type DepthSize } from './depth-problems.ts';
import { maxRects, maxRectsSorted } from './baselines.ts';
import { cutProblem, drawerProblem, shelfProblem, type CutKind } from './fit-problems.ts';
import { CUT_KINDS, stockProblem, type StockKind } from './cut-problems.ts';
import { rotateProblem } from '@stube/core/rotation/testing/problems';
import { rotateWith } from '@stube/core/rotation';
import { findLatency } from './find.ts';
import { stockTerms } from './restock.ts';

const { values } = parseArgs({
  options: {
    seed: { type: 'string', default: '1' },
    count: { type: 'string', default: '20' },
    rows: { type: 'string', default: 'cut,slack,decoy,drawer,shelf,bars,depth,plan,moves,walk,rotate,restock,find' },
  },
});
const seed = Number(values.seed);
const count = Number(values.count);
const rows = values.rows.split(',');
const percent = (share: number): string => (share * 100).toFixed(2);
const mean = (list: number[]): number => list.reduce((sum, one) => sum + one, 0) / Math.max(1, list.length);
const seeds = Array.from({ length: count }, (_, i) => seed * 1000 + i);
const say = (...cells: (string | number)[]) => console.log(`| ${cells.join(' | ')} |`);

function fit(problem: FitProblem, ms: number) {
  const began = performance.now();
  const steps = fitSteps(problem);
  for (;;) {
    const next = steps.next();
    if (next.done) return { answer: next.value, ms: performance.now() - began };
    if (performance.now() - began >= ms) return { answer: next.value.answer(), ms: performance.now() - began };
  }
}

function cutRow(kind: CutKind, n: number, ms: number, target: string): void {
  const shares: number[] = [];
  const packer: number[] = [];
  let whole = 0;
  for (const seed of seeds) {
    const { problem, reachable } = cutProblem(kind, n, seed, ms);
    const { answer } = fit(problem, ms);
    shares.push(answer.value / reachable!);
    packer.push(maxRects(problem, Math.min(200, ms)) / reachable!);
    if (answer.value >= reachable!) whole++;
  }
  say(
    `fit ${kind}, N = ${n}`,
    `${ms} ms`,
    percent(mean(shares)),
    percent(Math.min(...shares)),
    `${whole} of ${count} whole`,
    percent(mean(packer)),
    target,
  );
}

function valueRow(kind: 'drawer' | 'shelf', n: number, ms: number, target: string): void {
  const shares: number[] = [];
  const against: number[] = [];
  const sorted: number[] = [];
  const reachable: number[] = [];
  let proven = 0;
  for (const seed of seeds) {
    const problem = (kind === 'drawer' ? drawerProblem : shelfProblem)(n, seed, ms);
    const { answer } = fit(problem, ms);
    shares.push(answer.bound ? answer.value / answer.bound : 1);
    if (answer.optimal) proven++;
    const packer = maxRects(problem, ms);
    against.push(packer ? answer.value / packer : 1);
    reachable.push(packer ? answer.bound / packer : 1);
    sorted.push(answer.value / Math.max(1, maxRectsSorted(problem)));
  }
  say(
    `fit ${kind}, ${n} wanted`,
    `${ms} ms`,
    percent(mean(shares)),
    percent(Math.min(...shares)),
    `${proven} of ${count} proven`,
    `× ${mean(against).toFixed(3)} (least ${Math.min(...against).toFixed(3)}, no packing beyond ${mean(reachable).toFixed(3)}), sorted × ${mean(sorted).toFixed(3)}`,
    target,
  );
}

function barsRow(kind: StockKind, ms: number, target: string): void {
  const gaps: number[] = [];
  let proven = 0;
  for (const seed of seeds) {
    const began = performance.now();
    const steps = cutSteps(stockProblem(kind, seed, ms));
    let next = steps.next();
    while (!next.done && performance.now() - began < ms) next = steps.next();
    const { price, bound, optimal } = next.done ? next.value : next.value.answer();
    gaps.push(price ? (price - bound!) / price : 0);
    if (optimal) proven++;
  }
  say(
    `bars, ${kind}`,
    `${ms} ms`,
    `gap ${percent(mean(gaps))}`,
    percent(Math.max(...gaps)),
    `${proven} of ${count} proven`,
    '',
    target,
  );
}

/** Effort against the sum of every bin's own cheapest place, beside the share that is left out. */
function depthRow(size: DepthSize, ms: number, target: string): void {
  const sizes: number[] = [];
  const ratios: number[] = [];
  const gaps: number[] = [];
  let left = 0;
  let whole = 0;
  for (const seed of seeds) {
    const problem = depthRoom(size, seed, ms);
    sizes.push(problem.bins.length);
    const began = performance.now();
    const steps = depthSteps(problem, { elapsed: () => (performance.now() - began) / ms });
    const { effort, bound, unplaced } = runToEnd(steps);
    ratios.push(effort / cheapestSum(problem));
    gaps.push((effort - bound) / effort);
    left += unplaced.length / problem.bins.length;
    if (!unplaced.length) whole++;
  }
  say(
    `in depth, ${size}, ${Math.min(...sizes)}–${Math.max(...sizes)} bins`,
    `${ms} ms`,
    `× ${mean(ratios).toFixed(3)}, gap ${percent(mean(gaps))}`,
    Math.max(...ratios).toFixed(3),
    `${whole} of ${count} whole, ${percent(left / count)} left out`,
    '',
    target,
  );
}

/** Containers and places together: the cost after the time against that after so many times as long. */
const LONGER = 10;
function planRow(compartments: number, ms: number, target: string): void {
  const shares: number[] = [];
  const left: number[] = [];
  for (const seed of seeds) {
    const problem = togetherOf(planProblem(compartments, seed, ms));
    const within = (limit: number) => {
      const began = performance.now();
      return runToEnd(togetherSteps(problem, { elapsed: () => (performance.now() - began) / limit }));
    };
    const [answer, long] = [within(ms), within(LONGER * ms)];
    shares.push(answer.cost / long.cost);
    left.push(answer.unplaced.length - long.unplaced.length);
  }
  say(
    `plan, ${compartments} compartments`,
    `${ms} ms`,
    percent(mean(shares)),
    percent(Math.max(...shares)),
    `${left.reduce((sum, one) => sum + one, 0)} bins more left than in ${LONGER} times as long`,
    '',
    target,
  );
}

function movesRow(bins: number, places: number, ms: number, target: string): void {
  let proven = 0;
  let plans = 0;
  const first: number[] = [];
  for (const seed of seeds) {
    const problem = rearrangement(bins, places, seed);
    try {
      readMovesProblem(problem);
    } catch {
      continue;
    }
    const began = performance.now();
    const steps = movesSteps(problem, { elapsed: () => (performance.now() - began) / ms });
    let next = steps.next();
    let told = 0;
    while (!next.done) {
      if (!told && next.value.answer()) told = performance.now() - began;
      next = steps.next();
    }
    first.push(told || performance.now() - began);
    plans++;
    if (next.value.optimal || (next.value.steps === null && next.value.proven)) proven++;
  }
  say(
    `moves, ${bins} bins`,
    `${ms} ms`,
    `first ${mean(first).toFixed(0)} ms`,
    Math.max(0, ...first).toFixed(0),
    `${proven} of ${plans} proven`,
    '',
    target,
  );
}

/** Against the shortest of three walks in six times the time. */
function walkRow(kind: WalkKind, things: number, ms: number, target: string): void {
  const longer: number[] = [];
  let proven = 0;
  for (const seed of seeds) {
    const problem = walkProblem(kind, things, seed);
    const within = (time: number, own: number) => {
      const began = performance.now();
      return runToEnd(walkSteps(problem, { seed: own, elapsed: () => (performance.now() - began) / time }));
    };
    const own = within(ms, 1);
    const best = Math.min(own.mm!, ...[2, 3, 4].map((other) => within(6 * ms, other).mm!));
    longer.push(own.mm! / best);
    if (own.optimal) proven++;
  }
  say(
    `walk, ${kind}, ${things} things`,
    `${ms} ms`,
    percent(mean(longer)),
    percent(Math.max(...longer)),
    `${proven} proven`,
    '',
    target,
  );
}

console.log(`seed ${seed}, ${count} a row, load ${loadavg()[0]!.toFixed(2)} at the start`);
say('problem', 'within', 'mean %', 'worst %', 'whole or proven', 'beside', 'target');
say('---', '---', '---', '---', '---', '---', '---');
if (rows.includes('cut')) {
  for (const n of [9, 12, 16]) cutRow('cut', n, 200, 'all whole');
  for (const [n, target] of [
    [20, '100'],
    [25, '99.5'],
    [36, '98.5'],
    [49, '98.5'],
  ] as const)
    cutRow('cut', n, 1000, target);
  for (const [n, target] of [
    [25, '100'],
    [36, '99.5'],
    [49, '99.0'],
  ] as const)
    cutRow('cut', n, 5000, target);
}
if (rows.includes('slack')) for (const n of [9, 16, 25, 36]) cutRow('slack', n, 1000, '98.5');
if (rows.includes('decoy')) for (const n of [9, 16, 25, 36]) cutRow('decoy', n, 1000, '99.3');
if (rows.includes('drawer')) {
  for (const n of [8, 12]) valueRow('drawer', n, 1000, '95 % proven');
  for (const n of [15, 20, 30]) valueRow('drawer', n, 1000, '98');
}
if (rows.includes('shelf'))
  for (const n of [8, 12, 16, 20, 30, 40]) valueRow('shelf', n, 1000, n < 16 ? '95' : '95, × 1.07');
if (rows.includes('bars')) for (const kind of CUT_KINDS) barsRow(kind, 1000, '95 % proven');
if (rows.includes('depth')) {
  depthRow('small', 1000, '1.33, gap 15');
  depthRow('home', 2000, '1.30, gap 20');
  depthRow('class', 2000, '1.37');
  depthRow('centre', 10_000, '1.48');
}
if (rows.includes('plan')) {
  planRow(4, 1000, '102');
  planRow(15, 2000, '103');
  planRow(30, 2000, '109');
}
if (rows.includes('walk'))
  for (const kind of WALK_KINDS)
    for (const things of [9, 20])
      walkRow(kind, things, 500, things < 10 ? 'all proven' : kind === 'moves' ? '103' : '101.5');
if (rows.includes('moves')) for (const bins of [6, 10, 14]) movesRow(bins, 2, 300, '95 % proven');
if (rows.includes('rotate')) {
  const solve = await loadSolver();
  for (const [name, size, ms, target] of [
    ['small', { weeks: 4, slots: 4, things: 10, children: 2, areas: 4 }, 2000, 'all proven'],
    ['shelf', { weeks: 8, slots: 12, things: 30, children: 4, areas: 8 }, 10_000, 'proven'],
    ['centre', { weeks: 12, slots: 30, things: 90, children: 12, areas: 8 }, 10_000, '0.5 % of the best'],
  ] as const) {
    const answers = seeds.map((one) =>
      rotateWith({ ...rotateProblem(one, size), timeMs: ms }, solve, () => performance.now()),
    );
    const gaps = answers.map(({ value, bound }) => (bound - value) / Math.max(1, Math.abs(value)));
    const proven = answers.filter(({ optimal }) => optimal).length;
    say(`rotate, ${name}`, ms, `${proven} of ${count} proven`, `gap ${percent(mean(gaps))} %`, '', '', target);
  }
}
if (rows.includes('restock')) {
  const { out, stock } = stockTerms(50 * count, seed);
  say('restock', '', `${percent(out)} % stock-outs`, `${stock.toFixed(1)} days of use there`, '', '', 'at most 5 %');
}
if (rows.includes('find')) {
  const { built, median, worst } = findLatency(10_000, seed);
  say(
    'find, 10,000 bins',
    '',
    `${median.toFixed(1)} ms`,
    `${worst.toFixed(1)} ms`,
    `index built in ${built.toFixed(0)} ms`,
    '',
    'below 50 ms',
  );
}
