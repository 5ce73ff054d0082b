/** The rooms and people that lists are read for in tests. */
import type { ListContext } from '../read-list.ts';

export const context: ListContext = {
  site: { system: 'metric', keepsNew: false },
  rooms: [
    { id: 'loft', name: 'Net loft' },
    { id: 'landing', name: 'Landing room' },
    { id: 'chart', name: 'Chart room' },
    { id: 'office', name: 'Purser’s office' },
  ],
  people: [{ name: 'Otters' }, { name: 'Pikes' }],
  categories: [],
  room: 'loft',
  places: {},
  today: '2026-11-25',
};
