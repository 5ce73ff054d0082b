/** Reckons in which rooms of a site a danger is open, beside the page: a large site takes seconds. */
import { expose } from 'comlink';
import { openDangers } from '@stube/core/cautions';
import type { SiteData } from '@stube/core/model';

export interface RoomDangers {
  id: string;
  name: string;
  dangers: number;
}

const dangers = {
  /** @param today ISO date */
  inRooms: (site: SiteData, today: string): RoomDangers[] =>
    site.room.flatMap(({ id, name }) => {
      const dangers = openDangers(site, id, today).length;
      return dangers ? [{ id, name, dangers }] : [];
    }),
};

export type DangersWorker = typeof dangers;
expose(dangers);
