/** What is public of this feature. */
export { STARTER_CATEGORIES, STARTER_FAMILIES, type StarterCategory, starterFamilyOf, starterOf } from './library.ts';
