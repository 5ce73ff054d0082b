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

/** What takes turns in a room, on the open places that hold no bin. */
export const TURNS = {
  room: 'Chart room',
  places: 6,
  areas: ['numbers', 'language', 'practical life', 'nature', 'senses', 'numbers'],
  things: [
    ['counting rods', ['numbers'], 36, 72, 0.7],
    ['base-ten blocks', ['numbers'], 60, 110, 0.5],
    ['counting cubes', ['numbers'], 36, 84, 0.6],
    ['abacus', ['numbers'], 42, 84, 0.4],
    ['letter cards', ['language'], 48, 90, 0.6],
    ['movable alphabet', ['language'], 42, 84, 0.8],
    ['picture cards', ['language'], 30, 66, 0.5],
    ['pouring and spooning', ['practical life', 'senses'], 30, 60, 0.8],
    ['threading and lacing', ['practical life', 'senses'], 30, 66, 0.6],
    ['dressing frames', ['practical life'], 36, 66, 0.3],
    ['magnifiers', ['nature', 'senses'], 42, 110, 0.7],
    ['magnet sets', ['nature'], 48, 110, 0.8],
    ['nature collection', ['nature', 'senses'], 36, 110, 0.5],
    ['sand timers', ['senses', 'numbers'], 36, 96, 0.4],
  ] as [line: string, areas: string[], from: number, to: number, loved: number][],
  seen: [
    ['counting rods', 'used', 6],
    ['movable alphabet', 'loved', 4],
    ['magnet sets', 'loved', 3],
    ['abacus', 'not touched', 3],
    ['abacus', 'not touched', 1],
  ] as [line: string, kind: string, daysAgo: number][],
  after: [['base-ten blocks', 'counting cubes']] as [line: string, before: string][],
};

/** Boxes that come out and go back on their dates. */
export const SEASONS: [category: string, name: string, comesOut: string, goesBack: string][] = [
  ['Sand toys', 'Beach summer', '05-01', '09-30'],
  ['Chalk for outside', 'Chalk days', '04-01', '10-15'],
];

/** What restocking may cost in a month, cents. */
export const BUDGET = 6000;

/** What is used up: two guests under three come to the office on open days, and everybody paints and glues in the loft. */
export const CONSUMABLES: {
  line: string;
  least: number;
  wanted: number;
  pack: number;
  price: number;
  use: 'day' | 'counted';
  perDay: number;
  unit: string;
  counted: [daysAgo: number, amount: number][];
  openedDaysAgo?: number;
  keepsDays?: number;
}[] = [
  {
    line: 'nappies',
    least: 24,
    wanted: 180,
    pack: 60,
    price: 1590,
    use: 'day',
    perDay: 8,
    unit: 'pieces',
    counted: [
      [14, 150],
      [0, 66],
    ],
  },
  {
    line: 'wet wipes',
    least: 2,
    wanted: 12,
    pack: 4,
    price: 690,
    use: 'day',
    perDay: 0.3,
    unit: 'packs',
    counted: [[0, 9]],
  },
  {
    line: 'disposable gloves',
    least: 1,
    wanted: 8,
    pack: 2,
    price: 990,
    use: 'day',
    perDay: 0.15,
    unit: 'boxes',
    counted: [[0, 6]],
  },
  {
    line: 'glue sticks',
    least: 10,
    wanted: 40,
    pack: 20,
    price: 1290,
    use: 'day',
    perDay: 0.8,
    unit: 'pieces',
    counted: [
      [21, 46],
      [0, 30],
    ],
  },
  {
    line: 'poster paint',
    least: 6,
    wanted: 18,
    pack: 6,
    price: 2340,
    use: 'day',
    perDay: 0.15,
    unit: 'bottles',
    counted: [[0, 18]],
    openedDaysAgo: 160,
    keepsDays: 180,
  },
  {
    line: 'tissues',
    least: 4,
    wanted: 14,
    pack: 6,
    price: 540,
    use: 'counted',
    perDay: 0,
    unit: 'boxes',
    counted: [
      [21, 13],
      [0, 7],
    ],
  },
];

export const KIT = {
  room: "Purser's office",
  checkedDaysAgo: 33,
  by: 'Lead helper',
  /** Days until it expires; null: it does not. */
  items: [
    ['Plasters, assorted', 'lid', 40, 31, 400],
    ['Sterile dressings', 'left', 6, 6, -12],
    ['Roller bandages', 'left', 4, 4, 700],
    ['Disposable gloves', 'right', 4, 3, 300],
    ['Cold packs', 'bottom', 2, 2, 25],
    ['Blunt scissors', 'right', 1, 1, null],
  ] as [name: string, position: string, wanted: number, have: number, expires: number | null][],
};

/** Laid out in advance, by day of the week (1: Monday). */
export const DAY_SLOTS: [weekday: number, person: string, activity: string, lines: string[]][] = [
  [1, 'Second helper', 'Printing', ['poster paint', 'stamps and ink pads', 'large paper']],
  [3, 'Second helper', 'Weaving', ['red wool', 'blue wool']],
  [5, 'Lead helper', 'Bead Friday', ['beads', 'iron-on beads']],
];

/** What is carried to another room and back: the bin, and the place there that is kept for it. */
export const CARRIED = [{ name: 'Coloured pencils', unit: 'Lamp shelf', place: 'shelf A3' }] as const;
