/** An independent look at a plan of containers and places: every rule by its words, and the cost added up anew. */
import { groupedBy } from '../../../../ground/model/grouped-by.ts';
import { byId } from '../../../../ground/model/by-id.ts';
import { UNPLACED } from '../../../../ground/problems/place-problem.ts';
import { checkDepth } from '../../../placement/testing/check-depth.ts';
import type { DepthBin } from '../../../placement/depth/problem.ts';
import type { OpenPlanProblem, PlanAnswer } from '../problem.ts';

export function checkPlan(problem: OpenPlanProblem, answer: PlanAnswer): { problems: string[]; cost: number } {
  const { people, zones, compartments, growth, timeMs, weights } = problem;
  const needs = byId(problem.needs);
  const types = byId(problem.types);
  const problems: string[] = [];
  if (answer.chosen.map(({ need }) => need).join() !== problem.needs.map(({ id }) => id).join())
    problems.push('not one option for every need');
  const options = answer.chosen.map(({ need, option }) => ({
    need: needs.get(need)!,
    own: needs.get(need)!.options[option]!,
  }));
  const bins = options.flatMap(({ need, own }): DepthBin[] => {
    const { mass: _mass, price: _price, owned: _owned, ...shape } = types.get(own.type)!;
    const { zone, hazard, childReach, lightSensitive, view } = need;
    return own.masses.map((mass, n) => ({
      ...shape,
      ...{ zone, hazard, childReach, lightSensitive, view, mass },
      id: `${need.id}#${n}`,
      group: need.id,
      uses: need.uses.map(({ person, perWeek }) => ({ person, perWeek: perWeek / own.masses.length })),
    }));
  });
  const unplaced = answer.unplaced.map(({ need, n }) => `${need}#${n}`);
  const checked = checkDepth(
    { format: 'stube-place/2', ...{ people, zones, compartments, growth, timeMs }, bins },
    {
      format: 'stube-place-answer/2',
      placed: answer.placed.map(({ need, n, ...at }) => ({ bin: `${need}#${n}`, ...at })),
      unplaced,
      ...{ effort: 0, bound: 0, optimal: false },
    },
  );
  let cost = checked.effort - UNPLACED * unplaced.length;
  for (const { need, own } of options)
    cost += (UNPLACED * answer.unplaced.filter((one) => one.need === need.id).length) / own.masses.length;
  const taken = groupedBy(
    options.flatMap(({ own }) => own.masses.map(() => own.type)),
    (type) => type,
  );
  for (const [id, all] of taken) {
    const { price, owned } = types.get(id!)!;
    const bought = Math.max(0, all.length - owned);
    cost += weights.perPrice * price * bought + (bought ? weights.perKind : 0);
  }
  const unitOf = new Map(compartments.map(({ id, unit }) => [id, unit]));
  for (const [family, own] of groupedBy(answer.placed, ({ need }) => needs.get(need)!.family))
    if (family)
      cost += weights.familySpread * (new Set(own.map(({ compartment }) => unitOf.get(compartment))).size - 1);
  return { problems: [...problems, ...checked.problems], cost };
}
