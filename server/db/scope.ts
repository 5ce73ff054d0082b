/** What every act on a site is given: where it is written, on which site, by whom, and when. */
import type { Db } from './store.ts';

/** Who asks where a program names no device. */
export const NOBODY = 'here';

export interface Scope {
  db: Db;
  siteId: string;
  /** The device it comes from, as long as there are no accounts. */
  who: string;
  now: Date;
}
