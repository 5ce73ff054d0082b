/** What a page is called in the tab and the history: what is done there, where, and Stube. */
import type { RouteLocationNormalizedLoaded } from 'vue-router';
import type { SiteData } from '@stube/core/model';
import { STEP_NAMES } from './steps.ts';

const PAGES: Record<string, string> = {
  today: 'Today',
  stock: 'Containers',
  numbers: 'Numbered sets',
  'put-back': 'Put back',
  strays: 'Strays tray',
  routines: 'Routines',
  scan: 'Scan a label',
  tidy: 'Tidy',
  learn: 'Learn the room',
  signs: 'What goes wrong where',
  guide: 'Room guide',
  rotation: 'What is out',
  swap: 'The swap of the week',
  restock: 'Restock',
  ...STEP_NAMES,
};

/** @example 'Place · Den · Stube' */
export function titleOf(
  route: Pick<RouteLocationNormalizedLoaded, 'name' | 'params'>,
  data: Pick<SiteData, 'room' | 'bin'>,
  site: string | undefined,
): string {
  const room = data.room.find(({ id }) => id === route.params.room);
  const bin = route.name === 'bin' && data.bin.find(({ code }) => code === String(route.params.code).toUpperCase());
  const what = bin ? `${bin.code} ${bin.name}` : PAGES[String(route.name)];
  return [what, room?.name ?? site, 'Stube'].filter(Boolean).join(' · ');
}
