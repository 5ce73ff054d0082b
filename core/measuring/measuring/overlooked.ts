/**
 * Places that a room has and nobody uses (practice M6): tops, undersides, bare sides, walls above low furniture, backs of
 * doors, depth behind what stands, height above it. Each with the litres it could give, the best first.
 */
import { backOf, BEHIND, besideOf, footprintOf, LOOKS, overlap, sideLooks, type Rect } from '../floor/footprint.ts';
import { away, nearestWall } from '../floor/walls.ts';
import { shapeOf } from '../../ground/contents/shape.ts';
import type { Bin, Compartment, ContainerType, Fixture, Room, Unit, UnitShape } from '../../ground/model/entities.ts';
import { FRONT_CLEARANCE } from '../../ground/problems/place-problem.ts';
import { startOf, TEMPLATES } from './templates.ts';
import { LEAST_INSIDE, raisedRow, shelfOnShelf, type Split, type Stands } from './part-inside.ts';

export type OverlookedKind = 'hooks' | 'top' | 'under' | 'side' | 'above' | 'door' | 'behind' | 'height';

export interface Overlooked {
  kind: OverlookedKind;
  /** Unit or fixture it belongs to. */
  at: string;
  /** In words, with the name of what it belongs to. */
  where: string;
  litres: number;
  /** What it takes to use it, and what to mind. */
  takes: string;
  /** What to measure there; absent where no new place is needed. */
  place?: UnitShape & Pick<Unit, 'x' | 'y' | 'faces'>;
  /** A shelf on the shelf, or a raised row at the back: which compartment it parts, and what comes of it. */
  split?: Split;
}

export interface OverlookedRoom {
  room: Pick<Room, 'width' | 'depth' | 'height'> & Partial<Pick<Room, 'mayDrill'>>;
  units: readonly Unit[];
  compartments: readonly Compartment[];
  bins: readonly Bin[];
  fixtures: readonly Fixture[];
  types: ReadonlyMap<string, ContainerType>;
}

/** Judgements of our own, mm: what is lower, narrower or nearer is of no use. */
export const LEAST = {
  /** Free height above furniture, and as much of it as a step stool reaches. */
  top: 250,
  topMost: 500,
  /** Free height under furniture. */
  under: 120,
  /** Room beside furniture, to reach its side; and how high a side has to be. */
  beside: 350,
  sideHeight: 900,
  /** Low furniture, above which a wall is free; where shelves begin above it, and where they end. */
  low: 1100,
  aboveFrom: 400,
  aboveTo: 1900,
} as const;
/** Above this height, mm, nobody reaches in without a step (0.82 of a stature of 1,650: the shoulder). */
const HIGH = 1350;
/** What hangs at a side or a door reaches so far into the room, mm. */
const FLAT = 120;
/** A shelf on the wall is so deep, mm. */
const SHELF = 250;
/** A second row of hooks hangs so far below the first, mm: as long as a child's coat. */
const SECOND_ROW = 550;
/** Furniture no further from a wall than this stands at it, mm. */
const AT_WALL = 150;
/** Of the room that a place has, that much is used by what goes in (docs/computing.md, How much room does it take?: the usual fill limit). */
const USED = 0.8;
/** Fewer litres are not worth a place. */
const LEAST_LITRES = 8;

const litresOf = (width: number, depth: number, height: number): number =>
  Math.round((width * depth * height * USED) / 1e6);

export function overlookedPlaces({ room, units, compartments, bins, fixtures, types }: OverlookedRoom): Overlooked[] {
  const found: Overlooked[] = [];
  const standing = units.filter(({ template }) => TEMPLATES[template].stands === 'furniture');
  /** Whether something is at that place between these heights already. */
  const taken = (floor: Rect, from: number, to: number, but: Unit): boolean =>
    units.some(
      (unit) =>
        unit !== but && unit.raised < to && unit.raised + unit.height > from && overlap(footprintOf(unit), floor, 0),
    );
  const outside = ({ left, right, front, back }: Rect): boolean =>
    left < 0 || front < 0 || right > room.width || back > room.depth;
  for (const unit of standing) {
    const floor = footprintOf(unit);
    const { x, y, faces } = unit;
    const top = unit.raised + unit.height;
    const above = Math.min(LEAST.topMost, room.height - top - 50);
    if (
      top > LEAST.low &&
      above >= LEAST.top &&
      !TEMPLATES[unit.template].worktop &&
      unit.template !== 'drawer' &&
      !unit.doubles &&
      !taken(floor, top, top + above, unit)
    )
      found.push({
        kind: 'top',
        at: unit.id,
        where: `on top of ${unit.name}`,
        litres: litresOf(unit.width, unit.depth, above),
        takes: `For what is light and seldom wanted${top > HIGH ? ', with a step stool' : ''}; nothing that children climb after.`,
        place: {
          ...startOf('top'),
          width: unit.width,
          depth: unit.depth,
          height: above,
          raised: top,
          x,
          y,
          faces,
        },
      });
    if (unit.raised >= LEAST.under && !unit.wheels && !taken(floor, 0, unit.raised, unit))
      found.push({
        kind: 'under',
        at: unit.id,
        where: `under ${unit.name}`,
        litres: litresOf(unit.width, unit.depth, unit.raised - FRONT_CLEARANCE),
        takes: 'Flat boxes on felt or wheels; the floor is cleaned less easily.',
        place: {
          ...startOf('underbed'),
          width: unit.width,
          depth: unit.depth,
          height: unit.raised,
          raised: 0,
          x,
          y,
          faces,
        },
      });
    for (const side of ['left', 'right'] as const) {
      const beside = besideOf(unit, side, LEAST.beside);
      const panel = besideOf(unit, side, FLAT);
      const looks = sideLooks(faces, side);
      const height = Math.min(unit.height - 100, 1200);
      if (unit.height < LEAST.sideHeight || TEMPLATES[unit.template].built !== 'case') continue;
      if (outside(beside) || taken(beside, 0, top, unit)) continue;
      found.push({
        kind: 'side',
        at: `${unit.id} ${side}`,
        where: `at the ${side} side of ${unit.name}`,
        litres: litresOf(unit.depth, FLAT, height),
        takes: 'Hooks, a peg panel or pockets; short screws, and the furniture anchored.',
        place: {
          ...startOf('pegs'),
          width: unit.depth,
          height,
          depth: FLAT,
          columns: Math.max(1, Math.round(unit.depth / 150)),
          raised: Math.max(unit.raised, top - 100 - height),
          x: (panel.left + panel.right) / 2 + (LOOKS[looks].x * FLAT) / 2,
          y: (panel.front + panel.back) / 2 + (LOOKS[looks].y * FLAT) / 2,
          faces: looks,
        },
      });
    }
    const back = backOf(unit);
    const atWall = away(back, BEHIND[faces], room) <= AT_WALL && room.mayDrill !== false;
    const from = top + LEAST.aboveFrom;
    if (top <= LEAST.low && atWall && from < LEAST.aboveTo && !taken(floor, top + 1, LEAST.aboveTo, unit))
      found.push({
        kind: 'above',
        at: unit.id,
        where: `on the wall above ${unit.name}`,
        litres: litresOf(unit.width, SHELF, LEAST.aboveTo - from),
        takes:
          'Shelves on rails, if the wall may be drilled: fixings for that wall, nothing heavy above where people sit.',
        place: {
          ...startOf('rails'),
          width: unit.width,
          height: LEAST.aboveTo - from,
          rows: Math.max(1, Math.floor((LEAST.aboveTo - from) / 300)),
          raised: from,
          depth: SHELF,
          x: back.x + LOOKS[faces].x * SHELF,
          y: back.y + LOOKS[faces].y * SHELF,
          faces,
        },
      });
  }
  for (const unit of units.filter(
    ({ template, rows, raised }) => template === 'hooks' && rows === 1 && raised >= LEAST.under + SECOND_ROW,
  )) {
    const [from, shape] = [unit.raised - SECOND_ROW, startOf('hooks')];
    if (taken(footprintOf(unit), from, unit.raised, unit)) continue;
    found.push({
      kind: 'hooks',
      at: unit.id,
      where: `a second row under ${unit.name}`,
      litres: litresOf(unit.width, unit.depth, SECOND_ROW),
      takes: 'A row of hooks as long as the first, at the height of those who are small.',
      place: {
        ...shape,
        width: unit.width,
        height: SECOND_ROW,
        depth: unit.depth,
        columns: unit.columns,
        raised: from,
        x: unit.x,
        y: unit.y,
        faces: unit.faces,
      },
    });
  }
  if (!units.some(({ template }) => template === 'pockets'))
    for (const door of fixtures.filter(({ kind, swing }) => kind === 'door' || (kind === 'exit' && swing !== 'out'))) {
      const shape = startOf('pockets');
      const faces = BEHIND[nearestWall(door, room)];
      found.push({
        kind: 'door',
        at: door.id,
        where: `on the back of the door${door.name ? ` ${door.name}` : ''}`,
        litres: litresOf(shape.width, shape.depth, shape.height),
        takes: 'A rack with pockets, where the door still opens all the way; none on a fire door.',
        place: {
          ...shape,
          x: door.x + LOOKS[faces].x * shape.depth,
          y: door.y + LOOKS[faces].y * shape.depth,
          faces,
        },
      });
    }
  found.push(...within(units, compartments, bins, types));
  return found.filter(({ litres }) => litres >= LEAST_LITRES).sort((a, b) => b.litres - a.litres);
}

/** What the compartments lose behind and above what stands in them, by unit. */
function within(
  units: readonly Unit[],
  compartments: readonly Compartment[],
  bins: readonly Bin[],
  types: ReadonlyMap<string, ContainerType>,
): Overlooked[] {
  return units.flatMap((unit): Overlooked[] => {
    const stands = compartments
      .filter((space) => space.unitId === unit.id && space.access === 'front' && !space.hangs)
      .flatMap((space): Stands[] => {
        const inside = bins.flatMap((bin) => (bin.compartmentId === space.id ? (shapeOf(bin, types) ?? []) : []));
        if (!inside.length) return [];
        const tallest = Math.max(...inside.map(({ outHeight }) => outHeight));
        return [{ space, tallest, deepest: Math.max(...inside.map(({ outDepth }) => outDepth)) }];
      });
    let [behind, above] = [0, 0];
    for (const { space, tallest, deepest } of stands) {
      const back = space.depth - deepest;
      const over = space.height - tallest - FRONT_CLEARANCE;
      if (back >= LEAST_INSIDE.behind) behind += litresOf(space.width, back, tallest);
      if (over >= LEAST_INSIDE.height) above += litresOf(space.width, space.depth, over);
    }
    const shelf = unit.step === null ? shelfOnShelf(stands) : undefined;
    const row = raisedRow(stands);
    const found: Overlooked[] = [];
    if (behind)
      found.push({
        kind: 'behind',
        at: unit.id,
        where: `behind what stands in ${unit.name}`,
        litres: behind,
        takes:
          'A second row for what is seldom wanted: Place stands it there; raise it on a plank, so that it is seen.',
        ...(row ? { split: row } : {}),
      });
    if (above)
      found.push({
        kind: 'height',
        at: unit.id,
        where: `above what stands in ${unit.name}`,
        litres: above,
        takes:
          unit.step === null
            ? 'A shelf on the shelf, or lidded boxes two high.'
            : 'Move its boards: Best heights says where to.',
        ...(shelf ? { split: shelf } : {}),
      });
    return found;
  });
}
