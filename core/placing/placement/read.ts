/** Reads a problem of `stube-place/2`. Unknown fields are ignored. */
import { FieldReader, FormatError, onlyOnce } from '../../ground/engine/problem-format.ts';
import type { OpenDepthProblem } from './depth/problem.ts';

const MOST = { rows: 20_000, timeMs: 3_600_000 };

/** @throws FormatError naming the first wrong field */
export function readDepthProblem(json: unknown): OpenDepthProblem {
  const problem = new FieldReader(json);
  const format = problem.format('stube-place/2');
  const people = problem.list('people', MOST.rows, (fieldReader) => ({
    id: fieldReader.text('id'),
    kind: fieldReader.one('kind', ['adult', 'child']),
    stature: fieldReader.integer('stature', 1, 3000),
  }));
  const zones = problem.list('zones', MOST.rows, (fieldReader) => ({ id: fieldReader.text('id') }));
  const compartments = problem.list('compartments', MOST.rows, (fieldReader) => ({
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
    maxLoad: fieldReader.integer('maxLoad', 0, 1e9),
    walk: fieldReader.numbers('walk'),
  }));
  const persons = new Set(people.map((one) => one.id));
  const places = new Set(zones.map((zone) => zone.id));
  const bins = problem.list('bins', MOST.rows, (fieldReader, path) => {
    const zone = fieldReader.text('zone');
    if (!places.has(zone)) throw new FormatError(`${path}.zone`, `"${zone}" is none of the zones`);
    return {
      id: fieldReader.text('id'),
      width: fieldReader.integer('width', 1),
      depth: fieldReader.integer('depth', 1),
      height: fieldReader.integer('height', 1),
      mass: fieldReader.integer('mass', 0, 1e9),
      lid: fieldReader.flag('lid'),
      zone,
      uses: fieldReader.list('uses', MOST.rows, (use, at) => {
        const person = use.text('person');
        if (!persons.has(person)) throw new FormatError(`${at}.person`, `"${person}" is none of the people`);
        return { person, perWeek: use.number('perWeek', 0) };
      }),
      group: fieldReader.textOrNull('group'),
      hazard: fieldReader.flag('hazard'),
      childReach: fieldReader.flag('childReach'),
      lightSensitive: fieldReader.flag('lightSensitive'),
      view: fieldReader.oneOrNull('view', ['show', 'hide']),
      turnable: fieldReader.flag('turnable'),
      stackable: fieldReader.flag('stackable'),
    };
  });
  for (const [name, list] of [
    ['people', people],
    ['zones', zones],
    ['compartments', compartments],
    ['bins', bins],
  ] as const)
    onlyOnce(list, name);
  compartments.forEach((compartment, i) => {
    for (const zone of zones)
      if (compartment.walk[zone.id] === undefined)
        throw new FormatError(`compartments[${i}].walk.${zone.id}`, 'must be a number');
  });
  const growth = problem.number('growth', 0);
  if (growth >= 1) throw new FormatError('growth', 'must be less than 1');
  return { format, people, zones, compartments, bins, growth, timeMs: problem.number('timeMs', 0, MOST.timeMs) };
}
