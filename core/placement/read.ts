/** Reads a `stube-place/1` problem. Unknown fields are ignored. */
import { FieldReader, FormatError, onlyOnce } from '../engine/problem-format.ts';
import type { PlaceProblem } from './problem.ts';

const MOST = { rows: 20_000, timeMs: 3_600_000 };

/** @throws FormatError naming the first wrong field */
export function readPlaceProblem(json: unknown): PlaceProblem {
  const problem = new FieldReader(json);
  const format = problem.format('stube-place/1');
  const people = problem.list('people', MOST.rows, (one) => ({
    id: one.text('id'),
    kind: one.one('kind', ['adult', 'child']),
    stature: one.integer('stature', 1, 3000),
  }));
  const zones = problem.list('zones', MOST.rows, (one) => ({ id: one.text('id') }));
  const compartments = problem.list('compartments', MOST.rows, (one) => ({
    id: one.text('id'),
    unit: one.text('unit'),
    floor: one.integer('floor', 0),
    width: one.integer('width', 1),
    depth: one.integer('depth', 1),
    height: one.integer('height', 1),
    access: one.one('access', ['front', 'top']),
    door: one.flag('door'),
    drawer: one.flag('drawer'),
    locked: one.flag('locked'),
    sunlit: one.flag('sunlit'),
    onView: one.flag('onView'),
    maxLoad: one.integer('maxLoad', 0, 1e9),
    walk: one.numbers('walk'),
  }));
  const persons = new Set(people.map((one) => one.id));
  const places = new Set(zones.map((one) => one.id));
  const bins = problem.list('bins', MOST.rows, (one, path) => {
    const zone = one.text('zone');
    if (!places.has(zone)) throw new FormatError(`${path}.zone`, `"${zone}" is none of the zones`);
    return {
      id: one.text('id'),
      width: one.integer('width', 1),
      depth: one.integer('depth', 1),
      height: one.integer('height', 1),
      mass: one.integer('mass', 0, 1e9),
      lid: one.flag('lid'),
      zone,
      uses: one.list('uses', MOST.rows, (use, at) => {
        const person = use.text('person');
        if (!persons.has(person)) throw new FormatError(`${at}.person`, `"${person}" is none of the people`);
        return { person, perWeek: use.number('perWeek', 0) };
      }),
      group: one.textOrNull('group'),
      hazard: one.flag('hazard'),
      childReach: one.flag('childReach'),
      lightSensitive: one.flag('lightSensitive'),
      view: one.oneOrNull('view', ['show', 'hide']),
    };
  });
  for (const [name, list] of [
    ['people', people],
    ['zones', zones],
    ['compartments', compartments],
    ['bins', bins],
  ] as const)
    onlyOnce(list, name);
  compartments.forEach((one, i) => {
    for (const zone of zones)
      if (one.walk[zone.id] === undefined)
        throw new FormatError(`compartments[${i}].walk.${zone.id}`, 'must be a number');
  });
  const growth = problem.number('growth', 0);
  if (growth >= 1) throw new FormatError('growth', 'must be less than 1');
  return { format, people, zones, compartments, bins, growth, timeMs: problem.number('timeMs', 0, MOST.timeMs) };
}
