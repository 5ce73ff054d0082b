/** The plans of one room of a saved site, as *Whole plans* would show them: `stube-whole-plan/1`. */
import { FormatError } from '../../ground/engine/problem-format.ts';
import { inOrder } from '../../ground/model/sort.ts';
import { contentsOf } from '../../ground/contents/contents.ts';
import { demandsOf } from '../../ground/contents/demand.ts';
import { shapeOf } from '../../ground/contents/shape.ts';
import type { SiteData } from '../../ground/model/entities.ts';
import { contextFor } from '../../containing/containers/choose.ts';
import { binMass } from '../placement/place-problem-of.ts';
import { roomDataOf } from '../placement/room-data.ts';
import type { Caution } from '../cautions/caution.ts';
import { roomWays, type RoomWays } from './room-problem.ts';
import { STRATEGY_NAMES } from '../../containing/containers/strategies.ts';
import type { PlanRoom } from './plan-room.ts';
import { type WholePlan, wholePlanSteps } from './whole-plan.ts';

export interface SavedPlan {
  id: string;
  name: string;
  bins: {
    code: string;
    category: string;
    name: string;
    type: string | null;
    /** Outside, mm, not turned. */
    size: [number, number, number];
    litres: number;
    grams: number;
    lines: string[];
    at: { unit: string; space: string; x: number; y: number; z: number; turned: boolean } | null;
  }[];
  left: { category: string; bin: string | null; name: string; why: string }[];
  /** Minor units. */
  money: number;
  kinds: number;
  /** A week. */
  minutes: number;
  cautions: Omit<Caution, 'key' | 'helps'>[];
}
export interface SavedPlans {
  format: 'stube-whole-plan/1';
  room: string;
  strategies: SavedPlan[];
}

/** What is known of a room of a site for its plans. @throws FormatError where there is no such room */
export function planRoomOf(data: SiteData, roomName: string, today: string): PlanRoom {
  const row = data.room.find(({ name }) => name === roomName);
  const room = row && roomDataOf(data, row.id, today);
  if (!room) throw new FormatError('room', `"${roomName}" is none of the rooms`);
  const site = data.site[0]!;
  const demands = demandsOf([...room.lines], room.categories, site);
  const context = contextFor(
    { site, types: data.containerType, compartments: room.compartments, bins: data.bin },
    row.id,
    demands,
  );
  return { room, demands, context: { ...context, school: { view: row.view, lids: row.lids } } };
}

/**
 * @param clock ms; each plan is made within `ms` by it
 * @example planSavedRoom(data, 'Playroom', '2026-11-26', () => performance.now(), 5000).strategies[0]?.left
 */
export function planSavedRoom(
  data: SiteData,
  roomName: string,
  today: string,
  clock: () => number,
  ms: number,
): SavedPlans {
  const plan = planRoomOf(data, roomName, today);
  const ways = roomWays(plan);
  const strategies = ways.strategies.map((strategy) => {
    const began = clock();
    const steps = wholePlanSteps(plan, ways, strategy, { elapsed: () => (clock() - began) / ms });
    let next = steps.next();
    while (!next.done) next = steps.next();
    return savedPlan(plan, ways, next.value);
  });
  return { format: 'stube-whole-plan/1', room: roomName, strategies };
}

function savedPlan({ room, demands }: PlanRoom, { needs }: RoomWays, whole: WholePlan): SavedPlan {
  const units = new Map(room.units.map(({ id, name }) => [id, name]));
  const spaces = new Map(room.compartments.map((space) => [space.id, space]));
  const contents = contentsOf({ ...room, bins: whole.bins });
  const categoryName = (id: string) => room.categories.get(id)?.name ?? id;
  const codes = new Set(room.bins.map(({ code }) => code));
  let number = 0;
  const nextCode = (): string => {
    do number++;
    while (codes.has(`${room.room.code}${number}`));
    return `${room.room.code}${number}`;
  };
  const codeOf = new Map(inOrder(whole.bins).map((bin) => [bin.id, bin.code || nextCode()]));
  const bins = whole.bins.flatMap((bin): SavedPlan['bins'] => {
    const shape = shapeOf(bin, room.types);
    if (!shape) return [];
    const space = spaces.get(bin.compartmentId ?? '');
    const inside = contents.get(bin.id);
    const { x, y, z } = bin;
    return [
      {
        code: codeOf.get(bin.id)!,
        category: categoryName(bin.categoryId),
        name: bin.name,
        type: shape.id === null ? null : shape.name,
        size: [shape.outWidth, shape.outDepth, shape.outHeight],
        litres: Number((inside?.litres ?? bin.litres).toFixed(2)),
        grams: binMass(inside, shape),
        lines: (inside?.lines ?? []).map(({ name }) => name),
        at: space
          ? { unit: units.get(space.unitId) ?? '', space: space.name, x: x!, y: y!, z: z!, turned: bin.turned }
          : null,
      },
    ];
  });
  const homeless = new Map(whole.unplaced.map(({ categoryId, why }) => [categoryId, why]));
  const planned = new Set(whole.bins.map(({ categoryId }) => categoryId));
  const unknown = new Set(needs.map(({ category }) => category.id));
  return {
    id: whole.id,
    name: STRATEGY_NAMES[whole.id],
    bins,
    left: [
      ...whole.unplaced
        .filter(({ id }) => codeOf.has(id))
        .map(({ id, categoryId, name, why }) => ({
          category: categoryName(categoryId),
          bin: codeOf.get(id)!,
          name: whole.bins.find((one) => one.id === id)?.name ?? name,
          why,
        })),
      ...demands
        .filter(({ category }) => !planned.has(category.id))
        .map(({ category, unknown: names }) => ({
          category: category.name,
          bin: null,
          name: category.name,
          why: homeless.has(category.id)
            ? homeless.get(category.id)!
            : unknown.has(category.id)
              ? 'waits, as the money does not reach'
              : names.length
                ? `nobody can say how much room ${names.join(', ')} takes`
                : 'no container of this site takes it',
        })),
    ],
    money: whole.cost,
    kinds: new Set(whole.bins.flatMap(({ containerTypeId }) => containerTypeId ?? [])).size,
    minutes: Number((whole.effort / 60).toFixed(1)),
    cautions: whole.cautions.map(({ hazard, severity, about, fact }) => ({ hazard, severity, about, fact })),
  };
}
