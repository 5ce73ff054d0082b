/** Reads a `stube-moves/1` problem, and refuses one of which a state cannot be. Unknown fields are ignored. */
import { indexById } from '../../ground/model/by-id.ts';
import { FieldReader, FormatError, onlyOnce } from '../../ground/engine/problem-format.ts';
import { bears, boxOf, clash, type MoveBox, type MovePosition, type MovesProblem } from './problem.ts';

const MOST = { rows: 20_000, timeMs: 3_600_000, places: 20_000 };

/** @throws FormatError naming the first wrong field */
export function readMovesProblem(json: unknown): MovesProblem {
  const problem = new FieldReader(json);
  const format = problem.format('stube-moves/1');
  const timeMs = problem.number('timeMs', 0, MOST.timeMs);
  const parkingReader = problem.inner('parking');
  const parking = { places: parkingReader.integer('places', 0, MOST.places), at: parkingReader.point('at') };
  const compartments = problem.list('compartments', MOST.rows, (reader) => ({
    id: reader.text('id'),
    width: reader.integer('width', 1),
    depth: reader.integer('depth', 1),
    height: reader.integer('height', 1),
    access: reader.one('access', ['front', 'top']),
    at: reader.point('at'),
  }));
  onlyOnce(compartments, 'compartments');
  const numbers = indexById(compartments);
  const position = (reader: FieldReader | null, path: string): MovePosition | null => {
    if (!reader) return null;
    const compartment = reader.text('compartment');
    if (!numbers.has(compartment))
      throw new FormatError(`${path}.compartment`, `"${compartment}" is none of the compartments`);
    return {
      compartment,
      x: reader.integer('x', 0),
      y: reader.integer('y', 0),
      z: reader.integer('z', 0),
      turned: reader.flag('turned'),
    };
  };
  const bins = problem.list('bins', MOST.rows, (reader, path) => {
    const bin = {
      id: reader.text('id'),
      width: reader.integer('width', 1),
      depth: reader.integer('depth', 1),
      height: reader.integer('height', 1),
      stackable: reader.flag('stackable'),
      from: position(reader.innerOrNull('from'), `${path}.from`),
      to: position(reader.innerOrNull('to'), `${path}.to`),
    };
    if (!bin.from && !bin.to) throw new FormatError(path, 'is neither here nor wanted: from and to are both null');
    return bin;
  });
  onlyOnce(bins, 'bins');
  for (const state of ['from', 'to'] as const) {
    const boxes = bins.flatMap((bin, i) => {
      const at = bin[state];
      return at ? [{ bin, i, box: boxOf(bin, at, numbers.get(at.compartment)!) }] : [];
    });
    const inside = new Map<number, typeof boxes>();
    for (const one of boxes) inside.set(one.box.space, [...(inside.get(one.box.space) ?? []), one]);
    for (const { i, box, bin } of boxes) {
      const field = `bins[${i}].${state}`;
      const space = compartments[box.space]!;
      if (box.x1 > space.width || box.y1 > space.depth || box.z1 > space.height)
        throw new FormatError(field, `"${bin.id}" is outside ${space.id}`);
      const others = inside.get(box.space)!.filter((other) => other.i !== i);
      const over = others.find((other) => clash(box, other.box));
      if (over) throw new FormatError(field, `"${bin.id}" is where ${over.bin.id} is`);
      if (box.z0 > 0 && !isBorne(box, others))
        throw new FormatError(field, `"${bin.id}" stands on nothing that bears it`);
    }
  }
  return { format, timeMs, parking, compartments, bins };
}

const isBorne = (box: MoveBox, others: readonly { box: MoveBox; bin: { stackable: boolean } }[]): boolean => {
  const under = others.filter((other) => bears(other.box, box));
  return under.length === 1 && under[0]!.bin.stackable;
};
