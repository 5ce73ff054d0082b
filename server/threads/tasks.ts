/** Work that would keep every other request waiting: done in a worker thread, by name. Only plain data goes in and out. */
import { type DepthAnswer, type DepthPosition, type DepthProblem, solveDepth } from '@stube/core/placement';
import type { LabelContent, Outline } from '@stube/core/labels';
import type { Paper } from '@stube/core/model';
import { isBroken, loadSolver, type SolveProgram } from '@stube/core/engine';
import { type RotateAnswer, type RotateProblem, rotateWith } from '@stube/core/rotation';
import type { Checked } from '@stube/contract/check';
import { checkLarge, type LargeRequest } from '@stube/contract/large';
import type { FitAnswer, FitProblem } from '@stube/core/problems';
import { fitSteps } from '@stube/core/packing';
import { type CutAnswer, type CutProblem, cutSteps } from '@stube/core/cutting';
import { cutPdf, type CutDocument } from '../features/measuring/cutting/document.ts';
import { readSiteFile, type ReadSiteFile } from '../features/house/site-file/read-file.ts';
import { tablePdf, type TableDocument } from '../documents/table.ts';
import { labelsPdf, outlinesPdf, type LabelsDocument } from '../features/labelling/labels/document.ts';
import { plotterSvg, type PlotterOptions } from '../features/labelling/labels/outlines.ts';

interface Task<Input, Output> {
  run(input: Input): Output | Promise<Output>;
  /** It is stopped when it takes longer, in seconds. */
  limit: number;
  what: string;
}
const task = <Input, Output>(what: string, limit: number, run: (input: Input) => Output | Promise<Output>) =>
  ({ what, limit, run }) satisfies Task<Input, Output>;

/** An engine's best answer within its time. */
function inTime<Answer>(steps: Generator<{ answer(): Answer }, Answer>, ms: number): Answer {
  const until = performance.now() + ms;
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
    if (performance.now() > until) return next.value.answer();
  }
}

/** Loaded once for a thread, and again after it failed. */
let solver: Promise<SolveProgram> | null = null;

interface DepthTask {
  problem: DepthProblem;
  fixed: DepthPosition[];
  locked: string[];
}
/** By turns, so that the same room always gets the same plan; a second or so for two hundred bins. */
const DEPTH_TURNS = 600;

export const TASKS = {
  place: task('Finding places', 120, ({ problem, fixed, locked }: DepthTask): DepthAnswer =>
    solveDepth(problem, { iterations: DEPTH_TURNS, fixed, locked }),
  ),
  rotate: task('Planning what is out', 60, async (problem: RotateProblem): Promise<RotateAnswer> => {
    if (!solver || isBroken(await solver)) solver = loadSolver();
    return rotateWith(problem, await solver, () => performance.now());
  }),
  labelsPdf: task('Drawing the labels', 120, (document: LabelsDocument): Promise<Buffer> => labelsPdf(document)),
  outlinesPdf: task(
    'Drawing the outlines',
    60,
    ({ title, outlines, paper }: { title: string; outlines: Outline[]; paper: Paper }): Promise<Buffer> =>
      outlinesPdf(title, outlines, paper),
  ),
  plotterSvg: task(
    'Cutting out the letters',
    60,
    ({ labels, options }: { labels: LabelContent[]; options: PlotterOptions }): string => plotterSvg(labels, options),
  ),
  cut: task('Finding the cuts', 30, (problem: CutProblem): CutAnswer => inTime(cutSteps(problem), problem.timeMs)),
  fit: task('Filling sheets', 30, (problem: FitProblem): FitAnswer => inTime(fitSteps(problem), problem.timeMs)),
  cutPdf: task('Drawing the cut list', 60, (document: CutDocument): Promise<Buffer> => cutPdf(document)),
  tablePdf: task('Drawing the list', 60, (document: TableDocument): Promise<Buffer> => tablePdf(document)),
  readLarge: task(
    'Reading the list',
    60,
    ({ name, bytes }: { name: LargeRequest; bytes: Uint8Array }): Checked<unknown> => checkLarge(name, bytes),
  ),
  readSiteFile: task(
    'Reading the file',
    300,
    ({ path, folder }: { path: string; folder: string }): Checked<ReadSiteFile> => readSiteFile(path, folder),
  ),
};

export type TaskName = keyof typeof TASKS;
export type Input<T extends TaskName> = Parameters<(typeof TASKS)[T]['run']>[0];
export type Output<T extends TaskName> = Awaited<ReturnType<(typeof TASKS)[T]['run']>>;
