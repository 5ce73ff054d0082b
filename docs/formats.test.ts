/** Every field of every open format is explained in docs/formats.md, under its heading. */
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';

const ROOT = join(import.meta.dirname, '..');
const FORMATS: [heading: string, file: string, interfaces: string[]][] = [
  [
    'stube-fit/1',
    'core/ground/problems/fit-problem.ts',
    ['FitCompartment', 'FitContainer', 'FitProblem', 'FitPlacement', 'FitAnswer'],
  ],
  [
    'stube-place/2',
    'core/ground/problems/place-problem.ts',
    ['PlacePerson', 'PlaceCompartment', 'PlaceUse', 'PlaceBin', 'PlaceProblem'],
  ],
  [
    'stube-place/2',
    'core/placing/placement/depth/problem.ts',
    ['InDepth', 'OpenDepthProblem', 'DepthPosition', 'DepthAnswer'],
  ],
  [
    'stube-plan/1',
    'core/placing/plans/together/problem.ts',
    ['PlanType', 'PlanOption', 'PlanNeed', 'PlanWeights', 'OpenPlanProblem', 'PlanPosition', 'PlanAnswer'],
  ],
  ['stube-whole-plan/1', 'core/placing/plans/saved-room.ts', ['SavedPlan', 'SavedPlans']],
  ['stube-cut/1', 'core/measuring/cutting/problem.ts', ['Stock', 'Piece', 'CutProblem', 'Bar', 'CutAnswer']],
  [
    'stube-moves/1',
    'core/placing/moves/problem.ts',
    ['MovePosition', 'MoveCompartment', 'MoveBin', 'MovesProblem', 'MoveStep'],
  ],
  [
    'stube-rotate/1',
    'core/living/rotation/problem.ts',
    ['RotateSlot', 'RotateThing', 'RotateRules', 'RotateProblem', 'RotateAnswer'],
  ],
  ['stube-read/1', 'core/sorting/pile/read-lines.ts', ['LinesProblem', 'LineAnswer']],
  ['stube-find/1', 'core/living/find/ask-site.ts', ['Question']],
  ['stube-check-answer/1', 'core/placing/cautions/check-site.ts', ['SiteCaution']],
  ['stube-site', 'contract/site-file/format.ts', ['SiteFile']],
];
const docs = readFileSync(join(import.meta.dirname, 'formats.md'), 'utf8');
const sections = new Map(docs.split(/^## /m).map((text) => [/^`([^`]+)`/.exec(text)?.[1], text]));

test.each(FORMATS)('%s of %s', (heading, file, interfaces) => {
  const source = readFileSync(join(ROOT, file), 'utf8');
  const section = sections.get(heading) ?? '';
  for (const name of interfaces) {
    const body = new RegExp(`interface ${name}\\b[^{]*\\{([^]*?)^\\}`, 'm').exec(source)?.[1];
    const fields = [...(body ?? '').matchAll(/^ {2}(\w+)\??:/gm)].map(([, field]) => field!);
    expect(fields.length, name).toBeGreaterThan(0);
    expect(
      fields.filter((field) => !section.includes(`\`${field}\``)),
      `${name} in docs/formats.md`,
    ).toEqual([]);
  }
});
