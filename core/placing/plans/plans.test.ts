import { byId } from '../../ground/model/by-id.ts';
import { describe, expect, test } from 'vitest';
import { cautionsOf } from '../cautions/cautions.ts';
import { adult, H, pupil, scene, SPACE, toddler } from '../cautions/testing/scene.ts';
import { standingOf } from '../../containing/containers/choose.ts';
import { demandsOf } from '../../ground/contents/demand.ts';
import type { StrategyId } from '../../containing/containers/strategies.ts';
import { runToEnd } from '../../ground/engine/run-to-end.ts';
import { compartmentsOf } from '../../measuring/measuring/template.ts';
import { depthProblemOf, homesOf } from '../placement/depth/depth-problem-of.ts';
import { Standing } from '../placement/depth/standing.ts';
import type { RoomData } from '../placement/room-data.ts';
import { weeksToMakeGood } from './carrying.ts';
import { rightingOf } from './righting.ts';
import { applyWhatIf, yearOlder, type WhatIf } from './apply-what-if.ts';
import { bestChanges, differenceOf, whatIfSteps, whatIfsOf, whatIfWords } from './what-if.ts';
import { roomWays } from './room-problem.ts';
import type { PlanRoom } from './plan-room.ts';
import { planOfNow, wholePlanSteps } from './whole-plan.ts';

const SITE = { growth: 0.1, fillLimit: 0.8, measures: {} };
function planRoom(more: Parameters<typeof scene>[0], change: (room: RoomData) => RoomData = (room) => room): PlanRoom {
  const made = scene(more);
  const room = change({ ...made, site: { ...made.site, ...SITE } });
  const types = [...room.types.values()];
  return {
    room,
    demands: demandsOf([...room.lines], room.categories, { ...made.site, ...SITE } as never),
    context: {
      site: { ...made.site, ...SITE } as never,
      types,
      compartments: room.compartments,
      taken: new Map(),
      standing: standingOf(room.bins),
    },
  };
}
const things = ['Blocks', 'Cars', 'Dolls'].map((name) => ({ name, at: 'low' }));
const run = (plan: PlanRoom, change: WhatIf) => runToEnd(whatIfSteps(plan, change, { iterations: 10 }))!;

test.each([
  [3120, 69, 46],
  [3120, 6, 520],
  [40, 60, 1],
  [3120, 0.4, null],
  [3120, -15, null],
])('what takes %d s to carry and saves %d s a week is made good after %s weeks', (carrying, saved, weeks) =>
  expect(weeksToMakeGood(carrying, saved)).toBe(weeks),
);

/** By one strategy, the first unless it is told. */
function made(
  plan: PlanRoom,
  options: Parameters<typeof wholePlanSteps>[3] = { iterations: 30 },
  id: StrategyId = 'effort',
) {
  const ways = roomWays(plan);
  return runToEnd(
    wholePlanSteps(
      plan,
      ways,
      ways.strategies.find((one) => one.id === id)!,
      options,
    ),
  );
}
describe('a whole plan', () => {
  const plan = planRoom({ things });
  test('there are three ways and a matching set where there is one, each with all that is asked of it, and no bin in two places', () => {
    const ways = roomWays(plan);
    expect(ways.strategies.map(({ id }) => id)).toEqual(['effort', 'stock', 'money']);
    for (const strategy of ways.strategies) {
      const whole = runToEnd(wholePlanSteps(plan, ways, strategy, { iterations: 30 }));
      const standing = new Standing(depthProblemOf({ ...plan.room, bins: whole.bins }), homesOf(whole.bins));
      expect(standing.crowded).toEqual([]);
      expect(standing.effort).toBeCloseTo(whole.effort, 6);
      expect(whole.byPerson.reduce((sum, { seconds }) => sum + seconds, 0)).toBeCloseTo(whole.effort, 6);
      expect(whole.bins.filter(({ compartmentId }) => !compartmentId)).toHaveLength(whole.unplaced.length);
      expect(whole.cautions).toEqual(cautionsOf({ ...plan.room, bins: whole.bins }));
    }
  });
  test('bins of a category of which nothing is asked keep their row and their container', () => {
    const { bins } = made({ ...plan, demands: [] });
    expect(bins.map(({ id, kept }) => [id, kept])).toEqual(plan.room.bins.map(({ id }) => [id, true]));
  });
  test('a container is chosen only where it has a place, within the budget', () => {
    const spaces = [
      { ...SPACE, width: 260 },
      { ...SPACE, id: 'flat', height: 200, floor: 500 },
    ];
    const crowded = planRoom(
      {
        things: things.map((thing) => ({
          ...thing,
          at: 'bench',
          line: { amount: 1, length: 150, width: 100, height: 60 },
        })),
        spaces,
      },
      (room) => {
        const tall = {
          ...[...room.types.values()][0]!,
          id: 'tall',
          name: 'Tall tub',
          outHeight: 300,
          inHeight: 290,
          owned: 9,
          price: 0,
        };
        const flat = { ...tall, id: 'flat', name: 'Flat tub', outHeight: 150, inHeight: 140, owned: 0, price: 400 };
        return { ...room, bins: [], types: byId([tall, flat]) };
      },
    );
    const containers = {
      ...crowded,
      demands: crowded.demands.map((demand) => ({ ...demand, category: { ...demand.category, standsAlone: false } })),
    };
    expect(made(containers, { iterations: 30 }, 'stock')).toMatchObject({ unplaced: [], pieces: 2, cost: 800 });
    const poor = made(containers, { iterations: 30, budget: 500 }, 'stock');
    expect(poor.cost).toBeLessThanOrEqual(500);
    expect(poor.leftOut.length + poor.unplaced.length).toBeGreaterThan(0);
  });
  test('only what is worth it is carried: what stands as well elsewhere stays', () => {
    const wide = { ...SPACE, width: 1200 };
    const spaces = [wide, { ...wide, id: 'as good' }, { ...wide, id: 'high', floor: 1700 }];
    const homes = ['low', 'as good', 'as good', 'low', 'as good', 'low'];
    const room = planRoom({
      things: [...homes.map((at, i) => ({ name: `Blocks ${i}`, at })), { name: 'Balls', at: 'high' }],
      spaces,
    });
    const asked = { ...room, demands: [] };
    const whole = made(asked);
    const home = (name: string) => whole.bins.find((bin) => bin.name === name)!.compartmentId;
    expect(homes.map((_, i) => home(`Blocks ${i}`))).toEqual(homes);
    expect(home('Balls')).not.toBe('high');
    expect(whole).toMatchObject({ moved: 1, asItStands: false });
    const more = made({ ...asked, room: { ...asked.room, bins: whole.bins } });
    expect(more).toMatchObject({ moved: 0, asItStands: true });
  });
  test('what bins stand in and nobody owns is still to be bought, by the plan and as it stands', () => {
    const lacking = planRoom({ things }, (room) => ({
      ...room,
      types: new Map([...room.types].map(([id, type]) => [id, { ...type, owned: 0, price: 300, pack: 1 }])),
    }));
    expect(planOfNow(lacking)).toMatchObject({ cost: 900, pieces: 3 });
  });
  test('where the time is over before it began, a whole plan is there all the same', () => {
    const crowded = planRoom({ things, spaces: [{ ...SPACE, width: 320, height: 200 }] });
    expect(made(crowded, { elapsed: () => 2 }).bins.length).toBeGreaterThan(0);
  });
  test('what fits nowhere is told with what keeps it out', () => {
    const low = planRoom({ things, spaces: [{ ...SPACE, height: 100 }] });
    const { unplaced } = planOfNow(
      planRoom({ things: [{ name: 'Blocks', at: 'bench' }], spaces: [{ ...SPACE, height: 100 }] }),
    );
    expect(unplaced).toMatchObject([{ name: expect.stringContaining('Blocks'), why: 'too high for most places' }]);
    expect(low.room.bins).toHaveLength(3);
  });
});

describe('what if', () => {
  const plan = planRoom({ people: [adult, pupil], things }, (room) => ({
    ...room,
    compartments: compartmentsOf(room.units[0]!).map((space, i) => ({ ...SPACE, ...space, id: `c${i}` })),
    bins: room.bins.map((bin) => ({ ...bin, compartmentId: 'c2' })),
  }));
  const before = run(plan, { kind: 'as it is' }).after;
  test('a room without its only furniture has no place for anything; a zone before it saves steps', () => {
    const without = run(plan, { kind: 'without a unit', unitId: 'u' });
    expect(differenceOf(without.after, before).unplaced).toBe(3);
    const zone = {
      id: 'z',
      siteId: 's',
      version: 1,
      roomId: 'r',
      name: 'Rug',
      kind: 'whole room' as const,
      x: 300,
      y: 300,
      width: null,
      depth: null,
    };
    const far = { ...plan, room: { ...plan.room, zones: [zone] } };
    const nearer: WhatIf = { kind: 'zone nearer', zoneId: 'z', unitId: 'u' };
    const effect = run(far, nearer);
    expect(effect.words).toBe('Rug in front of Shelf');
    expect(differenceOf(effect.after, run(far, { kind: 'as it is' }).after).seconds).toBeLessThan(0);
  });
  test('every change that is offered can be tried or has no room, and says what it is', () => {
    const offered = whatIfsOf(plan);
    expect(offered.map(({ kind }) => kind)).toEqual([
      'a board more',
      'a board less',
      'without a unit',
      'one more unit',
      'heights',
      'heights',
      'lids off',
      'a year older',
      'a group more',
    ]);
    for (const change of offered) {
      expect(whatIfWords(change, plan.room)).not.toBe('');
      const applied = applyWhatIf(plan.room, change);
      if (applied)
        expect(
          applied.room.compartments.every(({ unitId }) => applied.room.units.some(({ id }) => id === unitId)),
        ).toBe(true);
    }
  });
  test('a lock is offered where children come in, and is named for the danger it takes away', () => {
    const risky = planRoom({ people: [adult, toddler], things: [{ name: 'Button cells', at: 'low', more: H('H3') }] });
    const doored = {
      ...risky,
      room: { ...risky.room, compartments: risky.room.compartments.map((space) => ({ ...space, door: true })) },
    };
    const lock: WhatIf = { kind: 'a lock', unitId: doored.room.units[0]!.id };
    expect(whatIfsOf(doored)).toContainEqual(lock);
    expect(whatIfsOf({ ...doored, room: { ...doored.room, people: [adult] } })).not.toContainEqual(lock);
    const asItIs = run(doored, { kind: 'as it is' }).after;
    const effect = run(doored, lock);
    expect(differenceOf(effect.after, asItIs).gone.map(({ hazard }) => hazard)).toContain('H3');
    expect(bestChanges([effect], asItIs)).toEqual([effect]);
  });
  test('what gains nothing is not named as a help', () => {
    const effects = whatIfsOf(plan).flatMap((change) => runToEnd(whatIfSteps(plan, change, { iterations: 10 })) ?? []);
    expect(effects.length).toBeGreaterThan(0);
    expect(bestChanges(effects, before)).toEqual([]);
    const own = effects.find(({ change }) => change.kind === 'a board more')!;
    const quicker = { ...own, after: { ...before, effort: before.effort / 2 } };
    expect(bestChanges([...effects, quicker], before)).toEqual([quicker]);
    expect(differenceOf(before, before)).toEqual({ seconds: 0, unplaced: 0, come: [], gone: [] });
  });
  test('a child is taller after a year, an adult is not', () => {
    expect(yearOlder(pupil).stature).toBeGreaterThan(pupil.stature + 30);
    expect(yearOlder(pupil).born).toBe('2017-01');
    expect(yearOlder(adult)).toBe(adult);
  });
});

test('what is within reach is put to the cheapest place where it is not', () => {
  const room = scene({ people: [adult, toddler], things: [{ name: 'Button cells', at: 'low', more: H('H3') }] });
  const safe = {
    ...room,
    units: [...room.units, { ...room.units[0]!, id: 'safe', locked: true }],
    compartments: [...room.compartments, { ...SPACE, id: 'in safe', unitId: 'safe' }],
  };
  const caution = cautionsOf(safe).find(({ hazard }) => hazard === 'H3')!;
  expect(rightingOf(safe, caution)?.option.compartment).toBe('in safe');
  expect(rightingOf(room, caution)).toBeNull();
});
