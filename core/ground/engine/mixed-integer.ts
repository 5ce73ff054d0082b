/** A solver of mixed-integer programs: HiGHS, in WebAssembly. It blocks while it runs: in a worker, or on the command line. */
import highsLoader from 'highs';

export interface Program {
  /** In the LP format; what is greatest is best. */
  text: string;
}

export type SolveProgram = (
  program: Program,
  start: Float64Array,
  seconds: number,
) => { values: ArrayLike<number>; bound: number } | null;

/** Smaller gaps than that are none. */
const SAME = 1e-7;

/** Of all solvers that were loaded, those in which something failed: what is left of their memory is not to be relied on. */
const broken = new WeakSet<SolveProgram>();
export const isBroken = (solve: SolveProgram): boolean => broken.has(solve);

/**
 * @returns a solver: it begins with a solution (a value for every column), ends after some seconds (at once where none are
 * left, as on a slow machine making the program may take them), and tells the best values and a proven bound; null where it
 * has none, or where it failed; from then on it is broken, has no solution any more, and another is to be loaded
 */
export async function loadSolver(): Promise<SolveProgram> {
  const highs = await highsLoader();
  const solve: SolveProgram = (program, start, seconds) => {
    if (isBroken(solve)) return null;
    try {
      return highs.withModel({ format: 'lp', data: program.text }, (model) => {
        const limits = { time_limit: Math.max(0, seconds), mip_rel_gap: SAME, mip_abs_gap: SAME };
        model.options.set({ output_flag: false, ...limits });
        model.setSolution({ colValue: start });
        model.run();
        const bound = Number(model.info.get('mip_dual_bound'));
        const { colValue } = model.getSolution();
        return colValue.length && Number.isFinite(bound) ? { values: colValue, bound } : null;
      });
    } catch {
      // Out of its memory, mostly: what was found without it stands.
      broken.add(solve);
      return null;
    }
  };
  return solve;
}
