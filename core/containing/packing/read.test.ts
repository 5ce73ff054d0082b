import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { FormatError } from '../../ground/engine/problem-format.ts';
import { readFitProblem } from './read.ts';

describe('reading a problem', () => {
  const good = {
    format: 'stube-fit/1',
    compartment: { width: 10, depth: 10, height: 10, access: 'top' },
    containers: [],
    timeMs: 10,
  };
  test.each([
    [{ ...good, format: 'other' }, 'format: must be "stube-fit/1"'],
    [{ ...good, compartment: { ...good.compartment, width: 0 } }, 'compartment.width: must be a positive integer'],
    [{ ...good, compartment: { ...good.compartment, access: 'side' } }, 'compartment.access: must be "top" or "front"'],
    [{ ...good, containers: [{ id: 'a' }] }, 'containers[0].width: must be a positive integer'],
    [{ ...good, timeMs: 'soon' }, 'timeMs: must be a number'],
    [[], 'problem: must be an object'],
  ])('%j is refused at its field', (json, message) => expect(() => readFitProblem(json)).toThrow(message));
  test('whatever is handed in, it is read or refused', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.json().map((text) => JSON.parse(text) as unknown),
          fc.anything(),
          fc.record({ format: fc.constant('stube-fit/1'), compartment: fc.anything(), containers: fc.anything() }),
        ),
        (json) => {
          try {
            readFitProblem(json);
          } catch (error) {
            expect(error).toBeInstanceOf(FormatError);
          }
        },
      ),
    );
  });
});
