/** The placement problem of one room, made from the site's data. */
import { byId } from '../../ground/model/by-id.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import type { Category, ContainerType, Unit, Zone } from '../../ground/model/entities.ts';
import { contentsOf, type Contents } from '../../ground/contents/contents.ts';
import { canHang } from '../../containing/containers/hanging.ts';
import { shapeOf } from '../../ground/contents/shape.ts';
import { widthOf } from '../../containing/containers/spaces.ts';
import { allowedIn } from '../../measuring/measuring/guesses.ts';
import { walksOf } from '../walking/walks.ts';
import { fetchedOf } from '../../ground/frequency/fetched.ts';
import { isYoung, keptFromChildren } from '../../ground/hazards/kept-from-children.ts';
import { comesInto } from '../../ground/body/who-comes.ts';
import { hazardsOf, wordsOf } from '../../ground/hazards/hazards-of.ts';
import { ageInMonths, WALKS } from '../../ground/hazards/ages.ts';
import { isOver, natureOf } from '../../ground/hazards/natures.ts';
import { highestOf, keptFromOverhead } from '../../ground/body/heights.ts';
import { parkedWidth } from './parked.ts';
import type { RoomData } from './room-data.ts';
import type { RoomBin, RoomCompartment, PlacePerson, RoomProblem } from '../../ground/problems/place-problem.ts';
import { HEAVY_MASS } from '../../ground/problems/place-problem.ts';

/** What rolls is rolled to the work and away: it is reached from there, metres. */
export const ROLLED = 1;
/** Each of their compartments is made for one thing: it may be full. */
const ONE_EACH: readonly Unit['template'][] = ['cubes', 'hooks', 'pegs', 'pockets', 'files'];
/** Below this many uses a week a thing without named users is taken to be the adults' business. */
export const RARE = 0.5;
/** When a room knows nobody: an adult of that stature (mm) works in it. */
export const DEFAULT_ADULT: PlacePerson = { id: 'a grown-up', kind: 'adult', stature: 1650 };

/** Who fetches a category, and why it is taken to be so. */
export function usersOf(
  category: Category,
  people: readonly PlacePerson[],
  young: boolean,
): { users: PlacePerson[]; why: string; refused: PlacePerson[] } {
  const named = people.filter((person) => category.users.includes(person.id));
  const adults = people.filter((person) => person.kind === 'adult');
  const hazard = keptFromChildren(category, young);
  if (named.length) {
    // A child who uses what must be out of its reach is for the person to resolve; the bin still gets a safe place.
    const children = hazard ? named.filter((person) => person.kind === 'child') : [];
    const users = named.filter((person) => !children.includes(person));
    // With an adult is no contradiction: it is handed out.
    const refused = keptFromChildren({ ...category, supervised: false }, young) ? children : [];
    return { users: users.length ? users : adults, why: 'as named for it', refused };
  }
  if (hazard)
    return {
      users: adults,
      why: category.supervised
        ? 'adults hand it out, as children use it with them'
        : 'adults only, it is not safe for the children here',
      refused: [],
    };
  if (category.zoneKind === 'office' || category.zoneKind === 'changing')
    return { users: adults, why: `adults, as it is ${category.zoneKind} work`, refused: [] };
  if (category.perWeek < RARE) return { users: adults, why: 'adults, as it is seldom used', refused: [] };
  return { users: [...people], why: 'everybody who comes into the room', refused: [] };
}

/** The zone of that kind, else the room as a whole. */
export const zoneFor = (kind: Zone['kind'], zones: readonly Zone[]): Zone | undefined =>
  zones.find((zone) => zone.kind === kind) ?? zones.find((zone) => zone.kind === 'whole room') ?? zones[0];

/** Grams of a bin with what is in it. */
export const binMass = (contents: Pick<Contents, 'mass'> | undefined, shape: Pick<ContainerType, 'mass'>): number =>
  Math.max(1, Math.round(shape.mass + (contents?.mass ?? 0)));

/** Who works in a room, as the problem knows them; where no adult is known, one of usual stature does. */
export function placePeople(data: Pick<RoomData, 'room' | 'people'>): PlacePerson[] {
  const known = comesInto(data.room, data.people).map(({ id, kind, stature }): PlacePerson => ({ id, kind, stature }));
  return known.some((person) => person.kind === 'adult') ? known : [...known, DEFAULT_ADULT];
}

/** The whole room as a problem; `childReach` and format are as in the open format. */
export function placeProblemOf(data: RoomData): RoomProblem {
  const { site, room, units, zones } = data;
  const young = isYoung(comesInto(room, data.people), data.today);
  const people = placePeople(data);
  const shortestAdult = people
    .filter((person) => person.kind === 'adult')
    .reduce((a, b) => (b.stature < a.stature ? b : a));
  const centres = zones.length
    ? zones
    : [{ id: 'room', kind: 'whole room' as const, x: room.width / 2, y: room.depth / 2 }];
  const walks = walksOf(room, centres, units);
  const unitOf = byId(units);
  const parkedAt = groupedBy(data.parked ?? [], ({ bin }) => bin.parkId);
  const spaces = data.compartments.filter((space) => unitOf.has(space.unitId));
  const inUnit = groupedBy(spaces, ({ unitId }) => unitId);
  const compartments = spaces.map((space): RoomCompartment => {
    const unit = unitOf.get(space.unitId)!;
    const parked = parkedAt.get(space.id) ?? [];
    const width = parked.reduce((left, one) => left - parkedWidth(one, space), widthOf(space));
    const load = parked.reduce((sum, { contents, shape }) => sum + binMass(contents, shape), 0);
    const allowed = allowedIn(unit, space, room);
    return {
      id: space.id,
      unit: unit.id,
      floor: space.floor,
      depth: space.depth,
      height: allowed.height,
      access: space.access,
      // Room to grow is kept where bins stand side by side; a cube made for its box may be full.
      width: Math.max(0, ONE_EACH.includes(unit.template) ? Math.ceil(width / (1 - site.growth)) : width),
      door: space.door,
      drawer: space.drawer,
      locked: unit.locked,
      sunlit: unit.sunlit,
      onView: unit.onView,
      hangs: space.hangs,
      lifts: unit.template === 'trunk',
      maxLoad: Math.max(0, allowed.maxLoad - load),
      ...(space.maxLoad < allowed.maxLoad || space.height < allowed.height
        ? { usual: { maxLoad: Math.max(0, space.maxLoad - load), height: space.height } }
        : {}),
      over: inUnit
        .get(unit.id)!
        .filter((lower) => isOver(space, lower))
        .map(({ id }) => id),
      walk: Object.fromEntries(
        centres.map((zone) => {
          const metres = walks.metres(zone.id, unit.id);
          return [zone.id, unit.wheels ? Math.min(metres, ROLLED) : metres];
        }),
      ),
    };
  });
  const known = byId(data.people);
  /** A group fetches as often as the children in it. */
  const headsOf = (id: string): number => known.get(id)?.count ?? 1;
  /** Who cannot walk yet is brought what it needs. */
  const carried = new Set(
    data.people.filter((person) => ageInMonths(person, data.today) < WALKS).map((person) => person.id),
  );
  const contents = contentsOf(data);
  const fetched = fetchedOf(data.observations ?? [], data.bins, data.categories);
  const ofCategory = groupedBy(data.bins, (bin) => bin.categoryId);
  const bins = data.bins.flatMap((bin): RoomBin[] => {
    const category = data.categories.get(bin.categoryId);
    const type = shapeOf(bin, data.types);
    if (!category || !type) return [];
    const inside = contents.get(bin.id)!;
    const mass = binMass(inside, type);
    // What the words and sizes of its things tell counts as much as what its category says.
    const found = hazardsOf(category, bin.name, inside, data.people);
    const hazards = [...found];
    const words = wordsOf(category, bin.name, inside.lines);
    const nature = natureOf({ words, hazards: found, zoneKind: category.zoneKind });
    const perWeek = fetched.get(category.id)?.perWeek ?? category.perWeek;
    const { users } = usersOf({ ...category, hazards, perWeek }, people, young);
    // A heavy bin is no child's: it is fetched for them, as is all for those who cannot walk.
    const able = users.filter(
      ({ id, kind }) => kind === 'adult' || (mass <= HEAVY_MASS && (!carried.has(id) || category.users.includes(id))),
    );
    const heads = able.reduce((sum, { id }) => sum + headsOf(id), 0);
    const siblings = ofCategory.get(bin.categoryId)!.length;
    const uses = able.map(({ id }) => ({ person: id, perWeek: (perWeek / siblings) * (headsOf(id) / heads) }));
    if (!able.some((person) => person.kind === 'adult') && (able.length === 0 || mass > HEAVY_MASS))
      uses.push({ person: shortestAdult.id, perWeek: able.length ? 0 : perWeek / siblings });
    const highest = highestOf({ mass, uses }, room.heights, people);
    return [
      {
        id: bin.id,
        width: type.outWidth,
        depth: type.outDepth,
        height: type.outHeight,
        mass,
        lid: type.lid,
        zone: ((data.zones.length ? zoneFor(category.zoneKind, data.zones) : centres[0]) ?? centres[0]!).id,
        uses,
        group: siblings > 1 ? bin.categoryId : null,
        hazard: keptFromChildren({ hazards, supervised: category.supervised }, young),
        childReach: able.some((person) => person.kind === 'child'),
        lightSensitive: category.lightSensitive,
        view: category.view,
        canHang: canHang(type, category),
        ...(highest === undefined ? {} : { highest }),
        ...(nature ? { nature } : {}),
      },
    ];
  });
  return {
    people,
    zones: centres.map((zone) => ({ id: zone.id })),
    compartments,
    bins: keptFromOverhead(bins, compartments),
    growth: site.growth,
    timeMs: 2000,
  };
}
