/** What has to be bought: what the bins use, less what is owned, in whole packs. */
import type { Bin, ContainerType } from '../../ground/model/entities.ts';

export interface Purchase {
  type: ContainerType;
  needed: number;
  owned: number;
  packs: number;
  pieces: number;
  /** Minor units of the site's currency. */
  cost: number;
}

/** @param used how many of each container type are in use or about to be */
export function shoppingList(used: ReadonlyMap<string, number>, types: readonly ContainerType[]): Purchase[] {
  return types
    .map((type): Purchase => {
      const needed = used.get(type.id) ?? 0;
      const packs = Math.ceil(Math.max(0, needed - type.owned) / type.pack);
      return { type, needed, owned: type.owned, packs, pieces: packs * type.pack, cost: packs * type.price };
    })
    .filter((purchase) => purchase.packs > 0)
    .sort((a, b) => b.cost - a.cost);
}

export interface PurchaseTotal {
  /** Minor units of the site's currency. */
  cost: number;
  pieces: number;
}
export const totalOf = (purchases: readonly Purchase[]): PurchaseTotal => ({
  cost: purchases.reduce((sum, { cost }) => sum + cost, 0),
  pieces: purchases.reduce((sum, { pieces }) => sum + pieces, 0),
});

/**
 * What one part of the site has to buy: what others use, or still lack, is theirs.
 * @param taken how many of each container type the others use
 * @param used the same, with those of this part
 */
export const purchasesBeyond = (
  taken: ReadonlyMap<string, number>,
  used: ReadonlyMap<string, number>,
  types: readonly ContainerType[],
): Purchase[] =>
  shoppingList(
    used,
    types.map((type) => ({ ...type, owned: Math.max(type.owned, taken.get(type.id) ?? 0) })),
  );

/** How many containers of each type bins use, or choices of so many each. @param others counted before, which are in it too */
export function countTypes(
  bins: readonly (Pick<Bin, 'containerTypeId'> & { count?: number })[],
  others: ReadonlyMap<string, number> = new Map(),
): Map<string, number> {
  const used = new Map(others);
  for (const { containerTypeId, count = 1 } of bins)
    if (containerTypeId) used.set(containerTypeId, (used.get(containerTypeId) ?? 0) + count);
  return used;
}
