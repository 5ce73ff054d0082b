/** What is public of this feature. */
export { byAcknowledgement } from './acknowledged.ts';
export { type Caution, countDangers, DEFER } from './caution.ts';
export { cautionsOf } from './cautions.ts';
export { checkSite } from './check-site.ts';
export { CLEARANCE, HANGS } from './clearance.ts';
export { comingCautions, roomThen } from './coming.ts';
export { openDangers } from './open-dangers.ts';
export { cautionsWith, standingCautions } from './preview.ts';
export { readSavedSite } from './read-site.ts';
export { parkedId } from './stored.ts';
