/** What a room prefers, see or hide, lids, and how it buys (practice C2, C6), with what each choice would bring. */
import type { Room } from '../../ground/model/entities.ts';
import { LID_SECONDS } from '../../ground/body/effort.ts';
import { chooseContainers, type ContainChoice, type ContainContext } from './choose.ts';
import type { Demand } from '../../ground/contents/demand.ts';
import { totalOf } from './shopping.ts';
import { purchasesOf, preferOf } from './strategies.ts';

export type School = Pick<Room, 'view' | 'lids' | 'buy'>;

export interface SchoolEffect {
  /** Share of the bins whose things are seen without opening. */
  seen: number;
  /** Seconds a week for taking lids off and putting them on. */
  lidSeconds: number;
  /** Minor units. */
  cost: number;
  /** Different kinds of container: the fewer, the calmer it looks. */
  kinds: number;
  bins: number;
}

/** The same context as the room prefers it. @param demands what a matching set is judged by */
export const withSchool = (context: ContainContext, school: School, demands: readonly Demand[]): ContainContext => ({
  ...context,
  school: { view: school.view, lids: school.lids },
  ...(school.buy ? { prefer: preferOf(school.buy, context, demands) } : {}),
});

export function effectOf(choices: readonly ContainChoice[], context: ContainContext): SchoolEffect {
  const chosen = choices.flatMap(({ demand, chosen }) => (chosen ? [{ demand, option: chosen }] : []));
  const bins = chosen.reduce((sum, { option }) => sum + option.count, 0);
  const seen = chosen
    .filter(({ option: { type } }) => type.id === null || type.seeThrough || !type.lid)
    .reduce((sum, { option }) => sum + option.count, 0);
  return {
    seen: bins ? seen / bins : 0,
    // Off and on, for fetching and for putting back.
    lidSeconds: chosen.reduce(
      (sum, { demand, option }) => sum + (option.type.lid ? 2 * LID_SECONDS * demand.category.perWeek : 0),
      0,
    ),
    cost: totalOf(purchasesOf(choices, context)).cost,
    kinds: new Set(chosen.flatMap(({ option }) => option.type.id ?? [])).size,
    bins,
  };
}

/** What a room would have by each school, as if chosen anew. */
export const effectsOf = <Id extends string>(
  schools: Readonly<Record<Id, School>>,
  demands: readonly Demand[],
  context: ContainContext,
): Record<Id, SchoolEffect> =>
  Object.fromEntries(
    (Object.entries(schools) as [Id, School][]).map(([id, school]) => {
      const own = withSchool({ ...context, standing: undefined }, school, demands);
      return [id, effectOf(chooseContainers(demands, own), context)];
    }),
  ) as Record<Id, SchoolEffect>;
