/** `npx stube COMMAND FILE`: a problem, some lines or a saved site in, the answer as JSON out. */
import { readFileSync } from 'node:fs';
import { checkSite, readSavedSite } from '@stube/core/cautions';
import { cutSteps, readCutProblem } from '@stube/core/cutting';
import { FormatError, loadSolver } from '@stube/core/engine';
import { askSite, readQuestions } from '@stube/core/find';
import { movesSteps, readMovesProblem } from '@stube/core/moves';
import { fitSteps, readFitProblem } from '@stube/core/packing';
import { readLines, readLinesProblem } from '@stube/core/pile';
import { useWords } from '@stube/core/vocabulary';
import { WORDS } from '@stube/core/vocabulary/words';
import { depthSteps, readDepthProblem } from '@stube/core/placement';
import { planSavedRoom, readPlanProblem, togetherOf, togetherSteps } from '@stube/core/plans';
import { readRotateProblem, rotateWith } from '@stube/core/rotation';
import { readWalkProblem, walkSteps } from '@stube/core/walking';

useWords(WORDS);

const USAGE =
  'usage: stube fit|place|plan|cut|moves|walk|rotate|read|check FILE, or stube plan SITE --room NAME, or stube find SITE QUESTIONS   (a file may be - for standard input)';
/** Each plan of a room of a saved site, ms. */
const EACH_PLAN = 4500;
/** Left for the last turn and the answer, ms. */
const MARGIN = 4;

interface Progress {
  answer(): unknown;
}

/** Runs the steps until their end, or until the time is over and there is an answer. */
function within(timeMs: number, began: number, steps: Generator<Progress, unknown>): unknown {
  for (;;) {
    const next = steps.next();
    if (next.done) return next.value;
    if (performance.now() - began < timeMs - MARGIN) continue;
    const answer = next.value.answer();
    if (answer) return answer;
  }
}

/** The same for steps that are told how much of the time is over. */
function timed(timeMs: number, stepsOf: (options: { elapsed: () => number }) => Generator<Progress, unknown>): unknown {
  const began = performance.now();
  const elapsed = () => (performance.now() - began + MARGIN) / Math.max(1, timeMs);
  return within(timeMs, began, stepsOf({ elapsed }));
}

const COMMANDS: Record<string, (json: unknown, more?: string) => unknown> = {
  fit(json) {
    const problem = readFitProblem(json);
    return within(problem.timeMs, performance.now(), fitSteps(problem));
  },
  place(json) {
    const problem = readDepthProblem(json);
    return timed(problem.timeMs, (options) => depthSteps(problem, options));
  },
  plan(json, roomName) {
    if (roomName !== undefined) {
      const { data, day } = readSavedSite(json);
      return planSavedRoom(data, roomName, day, () => performance.now(), EACH_PLAN);
    }
    const problem = readPlanProblem(json);
    return timed(problem.timeMs, (options) => togetherSteps(togetherOf(problem), options));
  },
  cut(json) {
    const problem = readCutProblem(json);
    return within(problem.timeMs, performance.now(), cutSteps(problem));
  },
  moves(json) {
    const problem = readMovesProblem(json);
    return timed(problem.timeMs, (options) => movesSteps(problem, options));
  },
  walk(json) {
    const problem = readWalkProblem(json);
    return timed(problem.timeMs, (options) => walkSteps(problem, options));
  },
  async rotate(json) {
    const problem = readRotateProblem(json);
    const solve = await loadSolver();
    return rotateWith(problem, solve, () => performance.now());
  },
  read: (json) => readLines(readLinesProblem(json)),
  find: (json, questions) => askSite(readSavedSite(json).data, readQuestions(jsonOf(questions!))),
  check(json) {
    const { data, day, asMeant } = readSavedSite(json);
    return checkSite(data, day, asMeant);
  },
};

function fail(message: string): never {
  process.stderr.write(`${message.replace(/\s+/g, ' ')}\n`);
  process.exit(2);
}

/** What a file holds as JSON. */
function jsonOf(file: string): unknown {
  let text = '';
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch (error) {
    fail(`${file}: cannot be read (${(error as NodeJS.ErrnoException).code ?? 'unknown reason'})`);
  }
  try {
    return JSON.parse(text);
  } catch {
    fail(`${file === '-' ? 'standard input' : file}: is not JSON`);
  }
}

const [command, file, flag, name] = process.argv.slice(2);
const run = COMMANDS[command ?? ''];
const isRight =
  command === 'find'
    ? flag !== undefined && name === undefined
    : flag === undefined || (command === 'plan' && flag === '--room' && name);
if (!run || !file || !isRight) fail(USAGE);
const json = jsonOf(file);
try {
  process.stdout.write(`${JSON.stringify(await run(json, command === 'find' ? flag : name))}\n`);
} catch (error) {
  if (error instanceof FormatError) fail(error.message);
  throw error;
}
