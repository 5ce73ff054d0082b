/**
 * A refusal that names a limit, in the unit of the field beside which it stands: the server knows millimetres, minor units
 * and shares.
 * @param say the number in that unit
 * @example limitSaid('must be at most 6000', (mm) => `${mm / 10} cm`) // 'must be at most 600 cm'
 */
export const limitSaid = (problem: string | undefined, say: (limit: number) => string): string | undefined =>
  problem?.replace(/^(must be at (?:most|least)) (-?\d+(?:\.\d+)?)$/, (_, words: string, limit: string) =>
    [words, say(Number(limit))].join(' '),
  );

/** Of grams, in the kilograms of its field. */
export const limitInKilos = (problem: string | undefined) => limitSaid(problem, (grams) => `${grams / 1000} kg`);
