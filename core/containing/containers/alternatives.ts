/** What could be bought instead of one kind of container on the list, and what that would change (practice C6). */
import type { ContainerType } from '../../ground/model/entities.ts';
import type { ContainChoice, ContainContext, ContainerOption } from './choose.ts';
import { takesFiles } from './hanging.ts';
import { inFiles, wantsLock } from './judge.ts';
import { totalOf } from './shopping.ts';
import { purchasesOf } from './strategies.ts';

export interface Alternative {
  type: ContainerType;
  /** Minor units more (or less) for the whole list. */
  difference: number;
  /** Ids of the categories that would be in it. */
  categoryIds: string[];
}

/** What its things ask for and the one on the list has: a lid, a lock, rails. */
function lacks({ demand, chosen }: ContainChoice, { type }: ContainerOption): boolean {
  const { category } = demand;
  const now = chosen!.type;
  const locked = wantsLock(category);
  return (
    ((category.lid || locked) && now.lid && !type.lid) ||
    (locked && now.lockable && !type.lockable) ||
    (inFiles(demand) && takesFiles(now) && !takesFiles(type))
  );
}

/**
 * @param typeId the kind on the list
 * @returns those that all its categories could be in, the cheapest list first; at most three
 */
export function alternativesTo(
  typeId: string,
  choices: readonly ContainChoice[],
  context: ContainContext,
): Alternative[] {
  const own = choices.filter(({ chosen, byHand }) => chosen?.type.id === typeId && !byHand);
  if (!own.length) return [];
  const costOf = (list: readonly ContainChoice[]) => totalOf(purchasesOf(list, context)).cost;
  const now = costOf(choices);
  const optionIn = (choice: ContainChoice, id: string): ContainerOption | undefined =>
    choice.options.find(
      (option) =>
        option.type.id === id && (option.places > 0 || !context.compartments.length) && !lacks(choice, option),
    );
  /** What is not bought has to be there: nobody finds so many boxes because a list asks for them. */
  const isThere = (type: ContainerType, list: readonly ContainChoice[]): boolean =>
    type.price > 0 || !purchasesOf(list, context).some((purchase) => purchase.type.id === type.id);
  return context.types
    .filter((type) => type.id !== typeId && own.every((choice) => optionIn(choice, type.id)))
    .flatMap((type) => {
      const instead = choices.map((choice) =>
        own.includes(choice) ? { ...choice, chosen: optionIn(choice, type.id)! } : choice,
      );
      if (!isThere(type, instead)) return [];
      return [{ type, difference: costOf(instead) - now, categoryIds: own.map(({ demand }) => demand.category.id) }];
    })
    .sort((a, b) => a.difference - b.difference)
    .slice(0, 3);
}
