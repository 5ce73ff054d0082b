import { expect, test } from 'vitest';
import { adult, H, pupil, scene, TODAY } from '../cautions/testing/scene.ts';
import { depthProblemOf } from './depth/depth-problem-of.ts';
import { fixedIn } from './depth/fixed.ts';
import { solveDepth } from './depth/solve.ts';
import { Standing } from './depth/standing.ts';
import { mustBeLocked } from './must-be-locked.ts';

/** A shelf within everybody's reach, and a locked cupboard with room for one tub. */
function room(people = [adult, pupil]) {
  const made = scene({
    people,
    things: [
      { name: 'Blocks', at: 'bench', more: { users: [adult.id] } },
      { name: 'Button cells', at: 'bench', more: H('H3') },
    ],
    spaces: [
      { id: 'open', floor: 1900 },
      { id: 'locked', unitId: 'safe', width: 240 },
    ],
  });
  return { ...made, today: TODAY, units: [...made.units, { ...made.units[0]!, id: 'safe', locked: true }] };
}
const placedBy = (data: ReturnType<typeof room>, pins = new Map<string, string>()) => {
  const problem = depthProblemOf(data);
  const home = (compartment: string) => ({ compartment, x: null, y: null, z: null, turned: false });
  const standing = new Standing(problem, new Map([...pins].map(([bin, space]) => [bin, home(space)])));
  const { placed } = solveDepth(problem, {
    iterations: 20,
    fixed: fixedIn(standing, [...pins.keys()]),
    locked: mustBeLocked(data),
  });
  return Object.fromEntries(placed.map(({ bin, compartment }) => [bin, compartment]));
};

test('what has to be locked gets the locked place, though a high one would do for the rule of reach', () =>
  expect(placedBy(room())).toEqual({ b0: 'open', b1: 'locked' }));
test('what was put by hand stays', () =>
  expect(placedBy(room(), new Map([['b0', 'locked']]))).toEqual({ b0: 'locked', b1: 'open' }));
test('where no child comes in only private papers are locked', () => {
  expect(mustBeLocked(room([adult]))).toEqual([]);
  const papers = scene({ people: [adult], things: [{ name: 'Passports', more: H('H14') }] });
  expect(mustBeLocked(papers)).toEqual(['b0']);
});
