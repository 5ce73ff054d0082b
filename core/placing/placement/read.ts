/** Reads a problem of `stube-place/2`. Unknown fields are ignored. */
import type { PlaceProblem, PlaceUse } from '../../ground/problems/place-problem.ts';
import { FieldReader, FormatError, onlyOnce } from '../../ground/engine/problem-format.ts';
import type { OpenDepthProblem } from './depth/problem.ts';

export const MOST = { rows: 20_000, timeMs: 3_600_000, mass: 1e9 };

/** What the formats that place bins share: the people, zones and compartments of a room, room to grow and time. @throws FormatError */
export function readRoom(problem: FieldReader): Omit<PlaceProblem, 'bins'> {
  const people = problem.list('people', MOST.rows, (fieldReader) => ({
    id: fieldReader.text('id'),
    kind: fieldReader.one('kind', ['adult', 'child']),
    stature: fieldReader.integer('stature', 1, 3000),
  }));
  const zones = problem.list('zones', MOST.rows, (fieldReader) => ({ id: fieldReader.text('id') }));
  const compartments = problem.list('compartments', MOST.rows, (fieldReader, path) => {
    const walk = fieldReader.numbers('walk');
    for (const zone of zones)
      if (walk[zone.id] === undefined) throw new FormatError(`${path}.walk.${zone.id}`, 'must be a number');
    return {
      id: fieldReader.text('id'),
      unit: fieldReader.text('unit'),
      floor: fieldReader.integer('floor', 0),
      width: fieldReader.integer('width', 1),
      depth: fieldReader.integer('depth', 1),
      height: fieldReader.integer('height', 1),
      access: fieldReader.one('access', ['front', 'top']),
      door: fieldReader.flag('door'),
      drawer: fieldReader.flag('drawer'),
      locked: fieldReader.flag('locked'),
      sunlit: fieldReader.flag('sunlit'),
      onView: fieldReader.flag('onView'),
      maxLoad: fieldReader.integer('maxLoad', 0, MOST.mass),
      walk,
    };
  });
  for (const [name, list] of [
    ['people', people],
    ['zones', zones],
    ['compartments', compartments],
  ] as const)
    onlyOnce(list, name);
  const growth = problem.number('growth', 0);
  if (growth >= 1) throw new FormatError('growth', 'must be less than 1');
  return { people, zones, compartments, growth, timeMs: problem.number('timeMs', 0, MOST.timeMs) };
}

/** The uses of a bin or a need. @param persons ids @throws FormatError */
export const readUses = (of: FieldReader, persons: ReadonlySet<string>): PlaceUse[] =>
  of.list('uses', MOST.rows, (use, at) => {
    const person = use.text('person');
    if (!persons.has(person)) throw new FormatError(`${at}.person`, `"${person}" is none of the people`);
    return { person, perWeek: use.number('perWeek', 0) };
  });
/** The zone of a bin or a need. @param zones ids @throws FormatError */
export function readZone(of: FieldReader, path: string, zones: ReadonlySet<string>): string {
  const zone = of.text('zone');
  if (!zones.has(zone)) throw new FormatError(`${path}.zone`, `"${zone}" is none of the zones`);
  return zone;
}
/** Whom and what the place of a bin or a need has to suit. @throws FormatError */
export const readRules = (of: FieldReader) => ({
  hazard: of.flag('hazard'),
  childReach: of.flag('childReach'),
  lightSensitive: of.flag('lightSensitive'),
  view: of.oneOrNull('view', ['show', 'hide']),
});

/** @throws FormatError naming the first wrong field */
export function readDepthProblem(json: unknown): OpenDepthProblem {
  const problem = new FieldReader(json);
  const format = problem.format('stube-place/2');
  const room = readRoom(problem);
  const persons = new Set(room.people.map((one) => one.id));
  const zones = new Set(room.zones.map((zone) => zone.id));
  const bins = problem.list('bins', MOST.rows, (fieldReader, path) => ({
    zone: readZone(fieldReader, path, zones),
    id: fieldReader.text('id'),
    width: fieldReader.integer('width', 1),
    depth: fieldReader.integer('depth', 1),
    height: fieldReader.integer('height', 1),
    mass: fieldReader.integer('mass', 0, MOST.mass),
    lid: fieldReader.flag('lid'),
    uses: readUses(fieldReader, persons),
    group: fieldReader.textOrNull('group'),
    ...readRules(fieldReader),
    turnable: fieldReader.flag('turnable'),
    stackable: fieldReader.flag('stackable'),
  }));
  onlyOnce(bins, 'bins');
  return { format, ...room, bins };
}
