/** An independent look at a plan in depth: every rule of the format by its words, and the effort added up anew. */
import { byId } from '../../../ground/model/by-id.ts';
import { effortOf } from '../../../ground/body/effort.ts';
import { clearHeight, GROUP_SPLIT, UNPLACED } from '../../../ground/problems/place-problem.ts';
import { brokenRules, usableWidth } from '../../../ground/body/rules.ts';
import { MOVE_SECONDS, type DepthAnswer, type DepthProblem } from '../depth/problem.ts';

export interface DepthCheck {
  problems: string[];
  effort: number;
}

const meet = (a0: number, a1: number, b0: number, b1: number): boolean => a0 < b1 && b0 < a1;

export function checkDepth(problem: DepthProblem, answer: DepthAnswer): DepthCheck {
  const problems: string[] = [];
  const people = byId(problem.people);
  const spaces = byId(problem.compartments);
  const bins = byId(problem.bins);
  const boxes = answer.placed.map((put) => {
    const bin = bins.get(put.bin)!;
    const [width, depth] = put.turned ? [bin.depth, bin.width] : [bin.width, bin.depth];
    const { x, y, z } = put;
    return { put, bin, x0: x, x1: x + width, y0: y, y1: y + depth, z0: z, z1: z + bin.height };
  });
  const names = [...answer.placed.map(({ bin }) => bin), ...answer.unplaced].sort();
  if (names.join() !== [...bins.keys()].sort().join()) problems.push('not every bin once');
  let effort = UNPLACED * answer.unplaced.length;
  for (const a of boxes) {
    const space = spaces.get(a.put.compartment)!;
    const there = boxes.filter((b) => b !== a && b.put.compartment === a.put.compartment);
    if (a.put.turned && !a.bin.turnable) problems.push(`${a.bin.id} may not be turned`);
    if (a.x0 < 0 || a.y0 < 0 || a.z0 < 0 || a.x1 > usableWidth(space.width, problem.growth) || a.y1 > space.depth)
      problems.push(`${a.bin.id} is outside`);
    if (a.z1 > clearHeight(space)) problems.push(`${a.bin.id} is too high`);
    for (const b of there)
      if (meet(a.x0, a.x1, b.x0, b.x1) && meet(a.y0, a.y1, b.y0, b.y1) && meet(a.z0, a.z1, b.z0, b.z1))
        problems.push(`${a.bin.id} and ${b.bin.id} overlap`);
    const under = there.filter((b) => b.z1 === a.z0 && b.x0 <= a.x0 && a.x1 <= b.x1 && b.y0 <= a.y0 && a.y1 <= b.y1);
    if (a.z0 > 0 && (under.length !== 1 || !under[0]!.bin.stackable || under[0]!.bin.mass < a.bin.mass))
      problems.push(`${a.bin.id} stands on nothing that bears it`);
    // The rules of one bin, as if the shelf began where it stands.
    const raised = { ...space, floor: space.floor + a.z0, height: space.height - a.z0 };
    const placed = { ...a.bin, width: 1, depth: 1, height: a.bin.height };
    for (const { rule } of brokenRules(placed, raised, people, 0)) problems.push(`${a.bin.id}: ${rule}`);
    const onIt = new Set<(typeof boxes)[number]>();
    for (let found = true, level = [a]; found;) {
      const next = there.filter(
        (b) =>
          !onIt.has(b) &&
          level.some((on) => b.z0 === on.z1 && on.x0 <= b.x0 && b.x1 <= on.x1 && on.y0 <= b.y0 && b.y1 <= on.y1),
      );
      next.forEach((b) => onIt.add(b));
      found = next.length > 0;
      level = next;
    }
    if (space.access === 'front')
      for (const b of there)
        if (b.y0 < a.y0 && meet(a.x0, a.x1, b.x0, b.x1) && meet(a.z0, a.z1, b.z0, b.z1)) onIt.add(b);
    if (onIt.size && a.bin.uses.some(({ person }) => people.get(person)!.kind === 'child'))
      problems.push(`a child would have to dig for ${a.bin.id}`);
    effort += effortOf(a.bin, raised, people).total;
    effort += a.bin.uses.reduce((sum, { perWeek }) => sum + 2 * perWeek * MOVE_SECONDS * onIt.size, 0);
  }
  for (const space of problem.compartments) {
    const load = boxes.filter(({ put }) => put.compartment === space.id).reduce((sum, { bin }) => sum + bin.mass, 0);
    if (load > space.maxLoad) problems.push(`${space.id} bears too much`);
  }
  const units = new Map<string, Set<string>>();
  for (const { bin, put } of boxes)
    if (bin.group !== null)
      units.set(bin.group, (units.get(bin.group) ?? new Set()).add(spaces.get(put.compartment)!.unit));
  for (const own of units.values()) effort += GROUP_SPLIT * (own.size - 1);
  return { problems, effort };
}
