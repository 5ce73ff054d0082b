/** What is public of this feature. */
export { type Alternative, alternativesTo } from './alternatives.ts';
export { binChanges, leavesPlace, NEW_BIN } from './bin-changes.ts';
export { type BinWanted, binsFor } from './bins-for.ts';
export { CATALOGUE } from './catalogue.ts';
export {
  bareOption,
  chooseContainers,
  chosenOf,
  type ContainChoice,
  type ContainContext,
  type ContainerOption,
  contextFor,
  couldStand,
  MAX_BINS,
} from './choose.ts';
export { readFound } from './found-object.ts';
export { fillLimitOf, isBeyondLimit, tooFull } from './fullness.ts';
export { canHang } from './hanging.ts';
export { innerParts } from './inner.ts';
export { type Saving, savingsOf } from './savers.ts';
export { effectsOf, type School, type SchoolEffect, withSchool } from './schools.ts';
export { countTypes, type Purchase, purchasesBeyond, type PurchaseTotal, shoppingList, totalOf } from './shopping.ts';
export { fitsCompartment, whatWouldHelp } from './spaces.ts';
export { type KeptSo, waysOf } from './ways.ts';
export { strategiesOf, type Strategy, STRATEGY_NAMES, type StrategyId, strategyName } from './strategies.ts';
