/** Reads a problem of `stube-plan/1`. Unknown fields are ignored. */
import { FieldReader, FormatError, onlyOnce } from '../../../ground/engine/problem-format.ts';
import { byId } from '../../../ground/model/by-id.ts';
import { MOST, readRoom, readRules, readUses, readZone } from '../../placement/read.ts';
import type { OpenPlanProblem } from './problem.ts';

const MOST_OPTIONS = 8;

/** @throws FormatError naming the first wrong field */
export function readPlanProblem(json: unknown): OpenPlanProblem {
  const problem = new FieldReader(json);
  const format = problem.format('stube-plan/1');
  const room = readRoom(problem);
  const types = problem.list('types', MOST.rows, (reader) => ({
    id: reader.text('id'),
    width: reader.integer('width', 1),
    depth: reader.integer('depth', 1),
    height: reader.integer('height', 1),
    turnable: reader.flag('turnable'),
    stackable: reader.flag('stackable'),
    lid: reader.flag('lid'),
    mass: reader.integer('mass', 1, MOST.mass),
    price: reader.integer('price', 0, 1e9),
    owned: reader.integer('owned', 0, 1e9),
  }));
  onlyOnce(types, 'types');
  const typeAt = byId(types);
  const zones = new Set(room.zones.map(({ id }) => id));
  const persons = new Set(room.people.map(({ id }) => id));
  const needs = problem.list('needs', MOST.rows, (reader, path) => {
    const options = reader.list('options', MOST_OPTIONS, (option, at) => {
      const type = typeAt.get(option.text('type'));
      if (!type) throw new FormatError(`${at}.type`, `"${option.text('type')}" is none of the types`);
      const masses = option.integers('masses', type.mass, MOST.mass);
      if (!masses.length) throw new FormatError(`${at}.masses`, 'must have at least one');
      return { type: type.id, masses };
    });
    if (!options.length) throw new FormatError(`${path}.options`, 'must have at least one');
    return {
      id: reader.text('id'),
      zone: readZone(reader, path, zones),
      uses: readUses(reader, persons),
      family: reader.textOrNull('family'),
      ...readRules(reader),
      options,
    };
  });
  onlyOnce(needs, 'needs');
  const weighing = problem.inner('weights');
  const weights = {
    perPrice: weighing.number('perPrice', 0),
    perKind: weighing.number('perKind', 0),
    familySpread: weighing.number('familySpread', 0),
  };
  return { format, ...room, types, needs, weights };
}
