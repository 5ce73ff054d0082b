/** What is public of this feature. */
export { askSite, readQuestions } from './ask-site.ts';
export { canItComeIn, type ComeIn } from './come-in.ts';
export { gettingAt } from './getting-at.ts';
export { turnOf } from './rotating.ts';
export { Finder, type Found, type FoundBy } from './search.ts';
export type { Findable } from './word-index.ts';
export { FIND_TABLES, type FindData, looseLine, pathsOf, thingsOf, wayOf } from './things.ts';
export { walkingOrder } from './walking-order.ts';
export { withinBin } from './within.ts';
