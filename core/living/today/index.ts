/** What is public of this feature. */
export { agendaOf } from './agenda.ts';
export { type AgendaItem, SCREEN_OF } from './agenda-item.ts';
export { choresOf } from './chores.ts';
export { doneThisWeek, type DoneThisWeek, mondayFrom, mondayOf } from './done.ts';
export { bestIn, type Chore } from './minutes.ts';
