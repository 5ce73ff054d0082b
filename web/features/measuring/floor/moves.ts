/** Moving what is on the floor plan: by dragging, by small steps, by a quarter turn; each comes to rest where it belongs. */
import type { Ref } from 'vue';
import { onWall, snapped, TURNED, turnedOnSpot } from '@stube/core/floor';
import type { Fixture, Room, Unit, Zone } from '@stube/core/model';
import { useDrag, type Drag } from '../../../drawing/drag.ts';
import { useSite } from '../../../data/site.ts';
import { useNudge } from './nudge.ts';

export type Kind = 'unit' | 'zone' | 'fixture';
export type Placed = Unit | Zone | Fixture;
export interface Held {
  kind: Kind;
  row: Placed;
}
interface Point {
  x: number;
  y: number;
}

/** @param plan the drawing: its units are mm, its y runs down @param taken told when a drag begins */
export function useFloorMoves(
  props: Readonly<{
    room: Room;
    units: readonly Unit[];
    zones: readonly Zone[];
    fixtures: readonly Fixture[];
  }>,
  plan: Ref<SVGSVGElement | null>,
  taken: (id: string) => void,
) {
  const store = useSite();
  const inside = (x: number, y: number): Point => ({
    x: Math.round(Math.min(props.room.width, Math.max(0, x)) / 10) * 10,
    y: Math.round(Math.min(props.room.depth, Math.max(0, y)) / 10) * 10,
  });
  /** Where on the floor a point of the window is, mm. */
  function floorAt({ x, y }: Point): Point {
    const point = new DOMPoint(x, y).matrixTransform(plan.value!.getScreenCTM()!.inverse());
    return { x: point.x, y: props.room.depth - point.y };
  }
  const othersThan = (id: string) => props.units.filter((unit) => unit.id !== id);
  /** A unit comes to rest at walls and neighbours, doors and windows on their wall; zones lie where they are laid. */
  function rest(kind: Kind, row: Placed, to: Point): Point {
    if (kind === 'unit') return snapped({ ...(row as Unit), ...to }, othersThan(row.id), props.room);
    const point = inside(to.x, to.y);
    return kind === 'zone' ? point : onWall((row as Fixture).kind, point, props.room);
  }
  /** It keeps under the pointer the point it was taken at. */
  function placeOf({ item, from, to }: Drag<Held>): Point {
    const [start, end] = [floorAt(from), floorAt(to)];
    return rest(item.kind, item.row, { x: item.row.x + end.x - start.x, y: item.row.y + end.y - start.y });
  }
  const put = (kind: Kind, row: Placed, to: object) =>
    store.tryWrite(() => store.patch(kind, row as never, to as never));
  const { drag, grab, wasDrop } = useDrag<Held>({
    started: ({ row }) => taken(row.id),
    dropped: (dragged) => {
      const { kind, row } = dragged.item;
      const to = placeOf(dragged);
      if (to.x !== row.x || to.y !== row.y) void put(kind, row, to);
    },
  });
  function find(id: string | null): Held | null {
    const rows: Record<Kind, readonly Placed[]> = { unit: props.units, zone: props.zones, fixture: props.fixtures };
    for (const kind of ['unit', 'zone', 'fixture'] as const) {
      const row = rows[kind].find((known) => known.id === id);
      if (row) return { kind, row };
    }
    return null;
  }
  const { moving, nudge } = useNudge((id, to) => {
    const held = find(id);
    return held ? put(held.kind, held.row, to) : Promise.resolve();
  });
  /** Where it is, also while it is on its way. */
  const at = (row: Placed): Point =>
    drag.value?.item.row.id === row.id ? placeOf(drag.value) : (moving.get(row.id) ?? row);
  /** A quarter further on the spot; what was on its way arrives with it. */
  function turn(unit: Unit): Promise<unknown> {
    const now = { ...unit, ...at(unit) };
    const faces = TURNED[unit.faces];
    const turned = { ...now, ...turnedOnSpot(now, faces), faces };
    moving.delete(unit.id);
    return put('unit', unit, { ...snapped(turned, othersThan(unit.id), props.room), faces });
  }
  return { drag, grab, wasDrop, at, find, moving, nudge, inside, turn };
}
