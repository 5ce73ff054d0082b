/** Situations as an attentive inspector sees them. */
import { adult, child, cot, fixture, H, preschooler, pupil, SPACE, toddler, type Scene } from './scene.ts';

const trunk = { template: 'trunk' as const };
const drawer = { ...SPACE, drawer: true, floor: 1000 };
/** What must be said: in words, the hazard, what it is about, the room. */
export const MUST: [says: string, hazard: string, about: string, Scene][] = [
  [
    'wipes and cups in one compartment',
    'H11',
    'P1 Wet wipes',
    { things: [{ name: 'Wet wipes', more: { zoneKind: 'changing' } }, { name: 'Cups and bottles' }] },
  ],
  [
    'nail polish remover among other things',
    'H5',
    'P1 Bathroom bits',
    { things: [{ name: 'Bathroom bits', line: { name: 'nail polish remover' } }] },
  ],
  [
    'marbles among balls',
    'H2',
    'P1 Balls',
    { things: [{ name: 'Balls', line: { name: 'marbles', length: 16, width: 16, height: 16 } }] },
  ],
  [
    'freezer bags that are short',
    'H6',
    'P1 Bags',
    { things: [{ name: 'Bags', more: H('H6'), line: { name: 'freezer bags', length: 200 } }] },
  ],
  [
    'knives on the bench, pupils',
    'H4',
    'P1 Craft knives',
    { people: [adult, pupil], things: [{ name: 'Craft knives', at: 'bench', more: H('H4') }] },
  ],
  ['a trunk whose lid falls', 'H7', 'Shelf', { unit: trunk, things: [] }],
  [
    'a trunk that latches, for all its support',
    'H7',
    'Shelf',
    { unit: { ...trunk, lidSupport: true, airHoles: true, latch: true }, things: [] },
  ],
  [
    'a child of six who still mouths',
    'H2',
    'P1 Beads',
    { people: [adult, { ...pupil, mouths: true }], things: [{ name: 'Beads', more: H('H2') }] },
  ],
  ['a shelf in the way out', 'H12', 'Shelf', { things: [], fixtures: [fixture('exit', 2300, 3200)] }],
  ['a shelf before the heater', 'H12', 'Shelf', { things: [], fixtures: [fixture('heater', 2000, 3600)] }],
  ['a shelf on the socket', 'H12', 'Shelf', { things: [], fixtures: [fixture('socket', 2100, 3700)] }],
  ['a chest that served before', 'H13', 'Shelf', { unit: { reused: true }, things: [] }],
  ['an old cot as a shelf', 'H13', 'Old cot with boards', { unit: { name: 'Old cot with boards' }, things: [] }],
  [
    'a nut butter jar',
    'H13',
    'P1 Pegs',
    { people: [adult, pupil], things: [{ name: 'Pegs', type: { name: 'Peanut butter jar' } }] },
  ],
  [
    'a heavy drawer high up',
    'H1',
    'Shelf, shelf 4',
    {
      people: [adult, pupil],
      spaces: [drawer],
      things: [{ name: 'Tools', litres: 12, more: { density: 900 } }],
    },
  ],
  [
    'all of it more than the whole bears',
    'H8',
    'Shelf',
    {
      people: [adult],
      unit: { maxLoad: 10_000 },
      things: [
        { name: 'Clay', litres: 5, more: { density: 1300 } },
        { name: 'Plaster', at: 'high', litres: 4, more: { density: 1000 } },
      ],
    },
  ],
  ['beads low, a toddler', 'H2', 'P1 Beads', { things: [{ name: 'Beads', more: H('H2') }] }],
  [
    'ticked by hand, however large it is said to be',
    'H2',
    'P1 Blocks',
    { things: [{ name: 'Blocks', more: H('H2'), line: { name: 'blocks', length: 90, width: 60, height: 60 } }] },
  ],
  [
    'small pieces by size only',
    'H2',
    'P1 Village',
    { things: [{ name: 'Village', line: { name: 'houses', length: 25, width: 18, height: 12 } }] },
  ],
  ['marbles by word only', 'H2', 'P1 Marbles', { things: [{ name: 'Marbles' }] }],
  [
    'a line of buttons in a harmless class',
    'H2',
    'P1 Sundries',
    { things: [{ name: 'Sundries', line: { name: 'old buttons' } }] },
  ],
  ['button cells high, not locked', 'H3', 'P1 Button cells', { things: [{ name: 'Button cells', at: 'high' }] }],
  [
    'water beads, a child of four',
    'H3',
    'P1 Water beads',
    { people: [adult, preschooler], things: [{ name: 'Water beads', at: 'high', more: H('H3') }] },
  ],
  [
    'magnets within reach of pupils',
    'H3',
    'P1 Strong magnets',
    { people: [adult, pupil], things: [{ name: 'Strong magnets' }] },
  ],
  [
    'knives low',
    'H4',
    'P1 Craft knives',
    { people: [adult, pupil], things: [{ name: 'Craft knives', more: H('H4') }] },
  ],
  [
    'needles in an open drawer',
    'H4',
    'P1 Needles and pins',
    { people: [adult, preschooler], things: [{ name: 'Needles and pins' }], spaces: [{ ...SPACE, drawer: true }] },
  ],
  [
    'matches by the word',
    'H4',
    'P1 Candles',
    { people: [adult, preschooler], things: [{ name: 'Candles', line: { name: 'matches' } }] },
  ],
  ['cleaners high, not locked', 'H5', 'P1 Cleaning agents', { things: [{ name: 'Cleaning agents', at: 'high' }] }],
  ['bleach low', 'H5', 'P1 Laundry things', { things: [{ name: 'Laundry things', line: { name: 'bleach' } }] }],
  [
    'medicine low, pupils only',
    'H5',
    'P1 Medicines',
    { people: [adult, pupil], things: [{ name: 'Medicines', more: H('H5') }] },
  ],
  [
    'spirit in a jam jar, locked',
    'H5',
    'P1 White spirit',
    { unit: { locked: true }, things: [{ name: 'White spirit', type: { name: 'Jam jar' } }] },
  ],
  [
    'remover in a lemonade bottle, adults only',
    'H5',
    'P1 Varnish remover',
    { people: [adult], things: [{ name: 'Varnish remover', type: { name: 'Lemonade bottle' } }] },
  ],
  [
    'detergent above plates',
    'H5',
    'P1 Detergent',
    { people: [adult], things: [{ name: 'Detergent', at: 'high' }, { name: 'Plates and cups' }] },
  ],
  [
    'disinfectant beside snacks',
    'H5',
    'P1 Disinfectant',
    { people: [adult], things: [{ name: 'Disinfectant' }, { name: 'Snacks' }] },
  ],
  ['bags low, a toddler', 'H6', 'P1 Plastic bags', { things: [{ name: 'Plastic bags', more: H('H6') }] }],
  [
    'string high, at the cot',
    'H6',
    'P1 String and cord',
    { zones: [cot], things: [{ name: 'String and cord', at: 'high' }] },
  ],
  ['boxes on a shelf over the cot', 'H10', 'Shelf', { zones: [cot], things: [{ name: 'Cloth books', at: 'high' }] }],
  ['a tall case not anchored', 'H1', 'Shelf', { unit: { anchored: false }, things: [] }],
  [
    'toys on top of a tall case',
    'H1',
    'P1 Soft animals',
    { people: [adult, preschooler], things: [{ name: 'Soft animals', at: 'top' }] },
  ],
  ['a trunk where children come', 'H7', 'Shelf', { unit: { template: 'trunk', height: 450 }, things: [] }],
  [
    'together too much for the shelf',
    'H8',
    'Shelf, shelf 4',
    {
      people: [adult],
      things: Array.from({ length: 4 }, () => ({ name: 'Clay', litres: 5, more: { density: 1300 } })),
    },
  ],
  [
    'ten kilos overhead',
    'H9',
    'P1 Reference books',
    { people: [adult], things: [{ name: 'Reference books', at: 'high', litres: 16, more: { density: 600 } }] },
  ],
  [
    'five kilos for children alone',
    'H9',
    'P1 Wooden bricks',
    {
      people: [adult, pupil],
      things: [{ name: 'Wooden bricks', litres: 9, more: { density: 600, users: ['Heron'] } }],
    },
  ],
  [
    'wipes with the snacks',
    'H11',
    'P1 Nappies and wipes',
    { people: [adult], things: [{ name: 'Nappies and wipes', more: { zoneKind: 'changing' } }, { name: 'Snacks' }] },
  ],
  ['papers in an open shelf', 'H14', 'P1 Tax papers', { people: [adult], things: [{ name: 'Tax papers' }] }],
  [
    'an iron beside varnish, locked',
    'H15',
    'P1 Iron and press',
    {
      unit: { locked: true },
      people: [adult],
      things: [{ name: 'Iron and press', more: H('H15') }, { name: 'Varnish' }],
    },
  ],
  [
    'glue guns beside card',
    'H15',
    'P1 Glue guns',
    { people: [adult], things: [{ name: 'Glue guns' }, { name: 'Coloured card' }] },
  ],
  [
    'a chest nearly so steep, its upper drawers full',
    'H1',
    'Shelf',
    {
      unit: { anchored: false, template: 'chest', height: 730, depth: 490 },
      spaces: [{ ...SPACE, drawer: true, floor: 500 }],
      things: [{ name: 'Picture books', litres: 10 }],
    },
  ],
  [
    'a toy box with a hinged lid that is a container',
    'H7',
    'P1 Soft animals',
    { things: [{ name: 'Soft animals', type: { name: 'Hinged toy box', lid: true, outWidth: 900, outDepth: 450 } }] },
  ],
  [
    'a blind cord at the cot',
    'H6',
    'window, blind cord',
    { zones: [cot], things: [], fixtures: [{ ...fixture('window', 2000, 3000), name: 'window, blind cord' }] },
  ],
  [
    'nappies above the cups',
    'H11',
    'P1 Nappies',
    { things: [{ name: 'Nappies', at: 'high' }, { name: 'Drinking cups' }] },
  ],
  [
    'a slat that is broken, as its line says',
    'H13',
    'cot, one slat broken',
    { things: [{ name: 'Cots', line: { name: 'cot, one slat broken' } }] },
  ],
  [
    'medicines unlocked in an office of a house with small children',
    'H5',
    'P1 Medicines',
    { people: [adult, toddler], room: [adult.id], things: [{ name: 'Medicines', at: 'high' }] },
  ],
];

/** Near misses: of which nothing of that hazard must be said. */
export const NOT: [says: string, hazard: string, Scene][] = [
  ['beads locked', 'H2', { unit: { locked: true }, things: [{ name: 'Beads', more: H('H2') }] }],
  ['beads out of reach', 'H2', { things: [{ name: 'Beads', at: 'high', more: H('H2') }] }],
  [
    'a child of four, small for its age',
    'H2',
    { people: [adult, child('Fry', '2022-10', 930)], things: [{ name: 'Beads', more: H('H2') }] },
  ],
  [
    'large bricks, a toddler',
    'H2',
    { things: [{ name: 'Bricks', line: { name: 'bricks', length: 64, width: 32, height: 24 } }] },
  ],
  ['a bead maze is one large thing', 'H2', { things: [{ name: 'Bead maze' }] }],
  [
    'small soft things',
    'H2',
    {
      things: [
        {
          name: 'Pompoms',
          more: { packingKind: 'soft' },
          line: { name: 'pompoms', length: 20, width: 20, height: 20 },
        },
      ],
    },
  ],
  [
    'beads too large to swallow',
    'H2',
    {
      things: [
        {
          name: 'Beads',
          more: { ...H('H2'), starter: 'beads' },
          line: { name: 'large wooden beads', length: 60, width: 60, height: 60 },
        },
      ],
    },
  ],
  [
    'large rubber balls',
    'H2',
    { things: [{ name: 'Balls', more: { ...H('H2'), starter: 'beads' }, line: { name: 'rubber balls', length: 60 } }] },
  ],
  [
    'short laces',
    'H6',
    {
      things: [
        {
          name: 'String',
          more: { ...H('H6'), starter: 'string-and-cord' },
          line: { name: 'short laces', length: 200 },
        },
      ],
    },
  ],
  [
    'a shelf that hangs on the wall',
    'H1',
    { unit: { raised: 1200, height: 400, depth: 220, anchored: false }, things: [] },
  ],
  ['knives to play with', 'H4', { things: [{ name: 'Play knives' }] }],
  ['shirts with buttons', 'H2', { things: [{ name: 'Shirts with button fronts' }] }],
  ['animals of felt', 'H4', { things: [{ name: 'Needle felted animals' }] }],
  ['a row of binders', 'H2', { things: [{ name: 'Ring binders' }] }],
  ['varnished blocks', 'H5', { things: [{ name: 'Varnished wooden blocks' }] }],
  [
    'knives on the bench, adults only',
    'H4',
    { people: [adult], things: [{ name: 'Craft knives', at: 'bench', more: H('H4') }] },
  ],
  ['blocks on the bench', 'H4', { people: [adult, pupil], things: [{ name: 'Blocks', at: 'bench' }] }],
  ['no child comes in', 'H2', { people: [adult], things: [{ name: 'Beads', more: H('H2') }] }],
  ['button cells locked', 'H3', { unit: { locked: true }, things: [{ name: 'Button cells' }] }],
  [
    'magnets high, pupils',
    'H3',
    {
      people: [adult, pupil],
      spaces: [{ ...SPACE, id: 'very', floor: 2100 }],
      things: [{ name: 'Strong magnets', at: 'very' }],
    },
  ],
  [
    'child scissors by rule of the house',
    'H4',
    { people: [adult, pupil], things: [{ name: 'Child scissors', more: { users: ['Heron'] } }] },
  ],
  ['knives locked', 'H4', { unit: { locked: true }, things: [{ name: 'Craft knives', more: H('H4') }] }],
  ['rolling pins and jigsaws', 'H4', { things: [{ name: 'Rolling pins' }, { name: 'Jigsaw puzzles' }] }],
  ['pine needles', 'H4', { things: [{ name: 'Pine needles' }] }],
  ['cleaners locked, plates elsewhere', 'H5', { unit: { locked: true }, things: [{ name: 'Cleaning agents' }] }],
  ['beads in a jam jar', 'H5', { people: [adult], things: [{ name: 'Shells', type: { name: 'Jam jar' } }] }],
  ['play food beside detergent', 'H5', { people: [adult], things: [{ name: 'Detergent' }, { name: 'Play food' }] }],
  ['bags where only pupils come', 'H6', { people: [adult, pupil], things: [{ name: 'Plastic bags', more: H('H6') }] }],
  [
    'string far from the cot, high',
    'H6',
    { zones: [{ ...cot, x: 400, y: 400 }], things: [{ name: 'String', at: 'high' }] },
  ],
  ['boxes far from the cot', 'H10', { zones: [{ ...cot, x: 400, y: 400 }], things: [{ name: 'Books', at: 'high' }] }],
  [
    'a bed where no small child sleeps',
    'H10',
    { people: [adult, pupil], zones: [cot], things: [{ name: 'Books', at: 'high' }] },
  ],
  ['low things beside the cot', 'H10', { zones: [cot], things: [{ name: 'Cloth books' }] }],
  ['a tall case where no child comes', 'H1', { people: [adult], unit: { anchored: false }, things: [] }],
  ['a low case not anchored', 'H1', { unit: { anchored: false, height: 500 }, things: [] }],
  [
    'archive boxes on top',
    'H1',
    {
      people: [adult, preschooler],
      things: [{ name: 'Old papers', at: 'top', litres: 2, more: { zoneKind: 'office' } }],
    },
  ],
  [
    'toys on top of a low case, within reach',
    'H1',
    {
      people: [adult, preschooler],
      unit: { height: 760 },
      spaces: [{ ...SPACE, id: 'top', floor: 760, z: 760 }],
      things: [{ name: 'Soft animals', at: 'top' }],
    },
  ],
  [
    'a trunk with a slow lid, air holes and no latch',
    'H7',
    { unit: { ...trunk, lidSupport: true, airHoles: true }, things: [] },
  ],
  ['a shelf well away from the door', 'H12', { things: [], fixtures: [fixture('exit', 4200, 0)] }],
  [
    'a shelf that hangs above a socket',
    'H12',
    { unit: { raised: 1200 }, things: [], fixtures: [fixture('socket', 2100, 3700)] },
  ],
  ['a chest that was looked over', 'H13', { unit: { reused: true, checked: true }, things: [] }],
  [
    'a heavy drawer low',
    'H1',
    {
      people: [adult, pupil],
      spaces: [{ ...drawer, floor: 200 }],
      things: [{ name: 'Tools', litres: 12, more: { density: 900 } }],
    },
  ],
  ['a child of six who does not mouth', 'H2', { people: [adult, pupil], things: [{ name: 'Beads', more: H('H2') }] }],
  ['a trunk where no child comes', 'H7', { people: [adult], unit: { template: 'trunk' }, things: [] }],
  [
    'just what the shelf bears',
    'H8',
    { people: [adult], things: [{ name: 'Clay', litres: 10, more: { density: 1300 } }] },
  ],
  ['ten kilos low', 'H9', { people: [adult], things: [{ name: 'Books', litres: 16, more: { density: 600 } }] }],
  ['wipes by themselves', 'H11', { things: [{ name: 'Nappies', more: { zoneKind: 'changing' } }] }],
  ['papers locked', 'H14', { unit: { locked: true }, things: [{ name: 'Tax papers' }] }],
  ['an iron by itself', 'H15', { people: [adult], things: [{ name: 'Iron' }, { name: 'Wooden blocks', at: 'high' }] }],
  ['iron-on beads beside paper', 'H15', { people: [adult], things: [{ name: 'Iron-on beads' }, { name: 'Paper' }] }],
  [
    'a chest nearly so steep, empty above',
    'H1',
    {
      unit: { anchored: false, template: 'chest', height: 730, depth: 490 },
      spaces: [{ ...SPACE, drawer: true, floor: 40 }],
      things: [{ name: 'Picture books', litres: 10 }],
    },
  ],
  [
    'a socket above a low shelf',
    'H12',
    { unit: { height: 760 }, things: [], fixtures: [{ ...fixture('socket', 2100, 3700), sill: 1200 }] },
  ],
  [
    'a heater at the ceiling',
    'H12',
    { unit: { raised: 0 }, things: [], fixtures: [{ ...fixture('heater', 2000, 3600), sill: 2300 }] },
  ],
  ['a lidded box that is small', 'H7', { things: [{ name: 'Dolls', type: { name: 'Toy box', lid: true } }] }],
  ['a broken crayon', 'H13', { things: [{ name: 'Crayons', line: { name: 'crayons', condition: 'broken' } }] }],
  ['a broken doll’s bed', 'H13', { things: [{ name: 'Dolls', line: { name: 'doll bed', condition: 'broken' } }] }],
  ['nappies of the lunch group', 'H11', { things: [{ name: 'Nappies' }, { name: 'Nappies of the lunch group' }] }],
  [
    'medicines in an office, no child in the house',
    'H5',
    { people: [adult], things: [{ name: 'Medicines', at: 'high' }] },
  ],
];
