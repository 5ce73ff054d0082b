/** What new rows begin with where nobody has said anything yet. */
import type { Category, CategoryTraits, Line, Person, Room } from './entities.ts';

export const FRESH_LINE: Omit<
  Line,
  | 'id'
  | 'version'
  | 'siteId'
  | 'roomId'
  | 'categoryId'
  | 'name'
  | 'amount'
  | 'measure'
  | 'length'
  | 'width'
  | 'height'
  | 'decision'
  | 'note'
  | 'sort'
> = {
  condition: null,
  due: null,
  whereto: '',
  keepUntil: null,
  decidedAt: null,
  tested: null,
  dead: null,
  setPieces: null,
  setMissing: 0,
  also: [],
  spread: [],
  facets: {},
  doubts: {},
};
/** A category of which only the name is known. */
export const FRESH_TRAITS: Omit<CategoryTraits, 'name'> = {
  pictogram: 'package-open',
  synonyms: [],
  lie: 'rigid',
  hazards: [],
  view: null,
  lid: false,
  lightSensitive: false,
  density: 300,
  zoneKind: 'whole room',
  perWeek: 2,
};
export const FRESH_CATEGORY: Pick<Category, 'users' | 'containerTypeId' | 'factor' | 'tidiers' | 'limit' | 'school'> = {
  users: [],
  containerTypeId: null,
  factor: 1,
  tidiers: [],
  limit: null,
  school: null,
};
export const FRESH_PERSON: Pick<Person, 'born' | 'reads' | 'limit'> = { born: null, reads: true, limit: null };
export const FRESH_ROOM: Pick<Room, 'minutesADay' | 'deadline'> = { minutesADay: null, deadline: null };
