/** What happened in the Ferry House in its last weeks: all made up, told in days before today. */

export interface Seen {
  category: string;
  kind: 'over-full' | 'not here' | 'found' | 'elsewhere' | 'empty' | 'searched';
  /** Days before today, one observation each. */
  days: number[];
  /** Where it was found, by the class that lives there. */
  at?: string;
  seconds?: number;
}

/** Beside what is put back every day. */
export const SEEN: Seen[] = [
  { category: 'Soft animals', kind: 'over-full', days: [39, 25, 11, 4] },
  { category: 'Toy cars', kind: 'over-full', days: [3] },
  { category: 'Card games', kind: 'elsewhere', days: [31, 17, 10, 5, 2], at: 'Board games' },
  { category: 'Puppets', kind: 'elsewhere', days: [24, 3], at: 'Dressing-up clothes' },
  { category: 'Hats and crowns', kind: 'elsewhere', days: [12], at: 'Dressing-up clothes' },
  { category: 'Bubbles', kind: 'not here', days: [2] },
  { category: 'Dice and counters', kind: 'not here', days: [20] },
  { category: 'Dice and counters', kind: 'found', days: [19] },
  { category: 'Dice and counters', kind: 'searched', days: [15, 6], seconds: 45 },
  { category: 'Glue sticks', kind: 'empty', days: [1] },
  { category: 'Pompoms', kind: 'over-full', days: [18, 4] },
];

/** So many days of ordinary putting back are told. */
export const DAYS_OF_USE = 7;
/** Nothing is put back more often than that a day: it stays out. */
export const MOST_A_DAY = 2;

/** Tidied by whom, how many days ago, in how many seconds. */
export const TIDIED: [category: string, person: string, daysAgo: number, seconds: number][] = [
  ['Wooden blocks', 'Otters, 3 to 5', 8, 95],
  ['Wooden blocks', 'Otters, 3 to 5', 1, 80],
  ['Clip-together bricks', 'Herons, 6 to 8', 1, 110],
  ['Toy cars', 'Otters, 3 to 5', 1, 60],
  ['Dressing-up clothes', 'Pikes, 9 to 11', 1, 75],
];

export const STRAYS: { what: string; foundIn: string; daysAgo: number }[] = [
  { what: 'puzzle piece with a gull', foundIn: 'under the Ferry bench', daysAgo: 3 },
  { what: 'red toy car', foundIn: 'in the costume corner', daysAgo: 1 },
  { what: 'black domino', foundIn: 'on the Quay carpet', daysAgo: 9 },
];

/** Sets that miss pieces. */
export const INCOMPLETE: [line: string, pieces: number, missing: number][] = [['jigsaw puzzles', 48, 1]];

export const SECOND_LIFE: Record<string, string> = { 'Landing room': "the parents' waiting room in the evening" };

interface DemoRoutine {
  room: string | null;
  name: string;
  kind: string;
  person: string;
  minutes: number;
  rule: string;
  steps: string[];
  /** Days of the week (0: Sunday) on which it was done in the last weeks; what comes seldom begins today. */
  doneOn?: number[];
  /** It was left out in the last so many days. */
  left?: number;
}
const WEEKDAYS = [1, 2, 3, 4, 5];
const DAILY = 'FREQ=WEEKLY;BYDAY=MO,TU,WE,TH,FR';
export const ROUTINES: DemoRoutine[] = [
  {
    room: 'Landing room',
    name: 'Daily reset',
    kind: 'daily reset',
    person: 'Lead helper',
    minutes: 10,
    rule: DAILY,
    steps: ['Everything off the floor and the tables', 'Bins back to their pictures', 'Strays into the tray'],
    doneOn: WEEKDAYS,
  },
  {
    room: 'Landing room',
    name: 'Change over for the parents',
    kind: 'change-over',
    person: 'Lead helper',
    minutes: 5,
    rule: 'FREQ=WEEKLY;BYDAY=MO,WE,FR',
    steps: ['Doors shut', 'Bench clear', 'Trunk lid down'],
    doneOn: [1, 3, 5],
  },
  {
    room: 'Net loft',
    name: 'Weekly reset',
    kind: 'weekly reset',
    person: 'Second helper',
    minutes: 20,
    rule: 'FREQ=WEEKLY;BYDAY=FR',
    steps: [
      'Empty the strays tray',
      'Look into what is over-full',
      'Making table clear',
      'Brushes washed and standing',
    ],
    doneOn: [5],
    left: 8,
  },
  {
    room: 'Net loft',
    name: 'Pens and glue tried out',
    kind: 'monthly check',
    person: 'Second helper',
    minutes: 30,
    rule: 'FREQ=MONTHLY;BYDAY=1MO',
    steps: ['Felt tips', 'Glue sticks', 'Paint'],
  },
  {
    room: null,
    name: 'Cautions and labels',
    kind: 'monthly check',
    person: 'Lead helper',
    minutes: 25,
    rule: 'FREQ=MONTHLY;BYDAY=1TU',
    steps: ['Anchors of tall furniture', 'What is locked is locked', 'Labels that are out of date'],
  },
];
/** So many days back what was done is told. */
export const LIVED_DAYS = 42;

/** The house is closed: days from today. */
export const HOLIDAY = { name: 'Midwinter closing', from: 24, to: 37 };

/** Things that lie in another thing. */
export const INSIDE: [line: string, host: string][] = [['dolls house furniture', 'dolls house']];
