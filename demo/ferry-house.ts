/**
 * The Ferry House: an after-school and holiday club in a former ferry station. Everything in it is made up. Lengths in
 * mm; lines of the pile are written as people type them.
 */

interface DemoUnit {
  name: string;
  template: string;
  size: [width: number, height: number, depth: number];
  grid: [columns: number, rows: number];
  at: [x: number, y: number];
  faces?: 'front' | 'left' | 'back' | 'right';
  board?: number;
  raised?: number;
  locked?: boolean;
  sunlit?: boolean;
  anchored?: boolean;
  slope?: number;
  layout?: { width: number; high?: number; parts: { height: number; kind: string }[] }[];
  wheels?: boolean;
  doubles?: 'seat' | 'table';
  step?: number;
}
interface DemoFixture {
  kind: 'exit' | 'door' | 'window' | 'heater' | 'socket';
  name: string;
  at: [x: number, y: number];
  width: number;
  height: number;
  sill?: number;
  swing?: 'left' | 'right' | 'out';
}
interface DemoRoom {
  name: string;
  size: [width: number, depth: number, height: number];
  people: string[];
  zones: [name: string, kind: string, x: number, y: number][];
  units: DemoUnit[];
  fixtures: DemoFixture[];
  /** Told and put away. */
  lines: string[];
  /** Told, and the work broken off there. */
  open?: string[];
  /** Not decided yet. */
  undecided?: string[];
  /** What is cut to the inside of every place of a unit. */
  cut?: [unit: string, part: string][];
  printed: boolean;
  walls: 'masonry' | 'plasterboard' | 'timber';
  mayDrill: boolean;
  /** What takes room away inside every place of a unit, mm. */
  blocked?: [unit: string, side: 'left' | 'right' | 'back' | 'top', by: number, what: string][];
}

/** Lengths that are sold, and an offcut that lies there. Prices in cents. */
export const CUT_STOCK: [part: string, length: number, price: number, count: number | null][] = [
  ['rod', 2400, 690, null],
  ['rod', 1150, 0, 1],
  ['board', 2400, 1890, null],
];

export const SITE = { name: 'The Ferry House', system: 'metric', currency: 'EUR' };

/** Children by the age of the youngest of the group, in months. */
export const PEOPLE = [
  { name: 'Otters, 3 to 5', kind: 'child', stature: 1000, colour: 'slate', months: 43, reads: false, count: 8 },
  { name: 'Herons, 6 to 8', kind: 'child', stature: 1180, colour: 'moss', months: 77, reads: true, count: 10 },
  { name: 'Pikes, 9 to 11', kind: 'child', stature: 1360, colour: 'plum', months: 113, reads: true, count: 6 },
  { name: 'Lead helper', kind: 'adult', stature: 1640, colour: 'oak' },
  { name: 'Second helper', kind: 'adult', stature: 1780, colour: 'brick' },
] as const;

/** Who uses what, where it is not everybody. */
export const USERS: [category: string, people: string[]][] = [
  ['Child scissors', ['Otters, 3 to 5']],
  ['Finger paint', ['Otters, 3 to 5']],
  ['Wax crayons', ['Otters, 3 to 5']],
  ['Iron-on beads', ['Herons, 6 to 8']],
  ['Stencils and rulers', ['Herons, 6 to 8']],
  ['Acrylic paint', ['Pikes, 9 to 11']],
  ['Knitting needles', ['Pikes, 9 to 11']],
  ['Weaving frames', ['Pikes, 9 to 11']],
  ['Glue guns', ['Lead helper']],
  ['Craft knives', ['Lead helper']],
  ['Iron and press', ['Second helper']],
];

/** The sitting in which the office was begun: what it took so far, and what was put off on purpose. */
export const SITTING = {
  room: "Purser's office",
  minutes: 21,
  minutesADay: 30,
  putOff: 'bottom drawer of the desk',
  days: 6,
};

/** Categories that hang without a container; what is on reels is threaded on rods. */
export const HANGING: [category: string, onRods: boolean][] = [
  ['Aprons', false],
  ['Ribbon', true],
  ['Skipping ropes', false],
  ['Bags and purses', false],
];

/** What was taken out of its boxes, folded or wound up to save room: the line as it is kept now. */
export const SAVED: Record<string, object> = {
  'word games': { length: 340, width: 250, height: 4, note: 'in pouches 1 to 9' },
  'audio stories': { length: 130, width: 125, height: 2, note: 'in sleeves 1 to 40' },
  'sewing patterns': { length: 300, width: 230, height: 3, lies: 'neat', note: 'in a binder' },
  'cotton fabric': { length: 300, width: 230, height: 14, lies: 'neat', note: 'hangs in a file' },
  bobbins: { note: 'each with its reel' },
  'gift wrap': { note: 'standing' },
};

/** Lines whose pieces have numbers, and as what they are counted. */
export const NUMBERED: Record<string, string> = { 'word games': 'pouch', 'audio stories': 'disc' };

/** Containers that are labelled otherwise than on sheets. */
export const LAYOUTS: {
  container: string;
  layout: { name: string; medium: string; height: number; parts: string[]; oneSize: boolean };
}[] = [
  {
    container: 'Jam jar',
    layout: { name: 'Tape for jars', medium: 'tape', height: 12, parts: ['word', 'code'], oneSize: true },
  },
];

/** A compartment made two: a shelf put on the shelf so high, or a second row behind so much depth, raised by so much, mm. */
export const PARTED: { unit: string; space: string; shelf?: number; behind?: number; raised?: number }[] = [
  { unit: 'Log bookcase', space: 'shelf A2', shelf: 200 },
  { unit: 'Strong cabinet', space: 'shelf A4', behind: 230, raised: 120 },
];

/** Categories that may fill one container and no more. */
export const LIMITS: [category: string, container: string, count: number][] = [
  ['Fabric scraps', 'Clear box, medium', 1],
  ['Clean packaging', 'Open tub, large', 1],
  ['Odds and ends', 'Shoebox', 1],
];

/** What the house owns of the starting catalogue. */
export const OWNED: Record<string, number> = {
  Shoebox: 14,
  'Jam jar': 12,
  'Tin can, cleaned': 10,
  'Tall tin': 4,
  'Clear box, small': 18,
  'Clear box, flat': 6,
  'Clear box, medium': 14,
  'Clear box, large': 6,
  'Open tub, small': 20,
  'Open tub, medium': 12,
  'Open tub, large': 6,
  'Cube basket': 10,
  'Long basket': 10,
  'Paper tray': 8,
  'Large flat tray': 4,
  'Drawer tray, narrow': 8,
  'Drawer tray, square': 6,
  'Upright file box': 6,
  'Book crate': 8,
  'Tall bucket': 2,
  'Locking tool case': 2,
};

// prettier-ignore
export const ROOMS: DemoRoom[] = [
  {
    name: 'Landing room', size: [7200, 5400, 2900], people: [], printed: true, walls: 'masonry', mayDrill: true,
    zones: [['Quay carpet', 'building', 2000, 2900], ['Reading boat', 'reading', 5900, 4050], ['Costume corner', 'dressing-up', 5700, 1500], ['Game table', 'table work', 3700, 1700], ['Middle of the landing', 'whole room', 3600, 2700]],
    fixtures: [
      { kind: 'exit', name: 'Quay door', at: [3830, 0], width: 840, height: 2050, swing: 'left' },
      { kind: 'window', name: 'Harbour window', at: [4600, 5400], width: 1400, height: 1200, sill: 900 },
      { kind: 'heater', name: 'Heater under the harbour window', at: [4600, 5400], width: 1000, height: 600, sill: 150 },
    ],
    units: [
      { name: 'Quay cubes', template: 'cubes', size: [1866, 760, 390], grid: [5, 2], at: [1000, 5010] },
      { name: 'Window cubes', template: 'cubes', size: [1496, 1130, 390], grid: [4, 3], at: [2760, 5010], anchored: true },
      { name: 'Book boat', template: 'bookcase', size: [1000, 1250, 320], grid: [1, 4], at: [5900, 5080], anchored: true, step: 32 },
      { name: 'Gangway cabinet', template: 'cabinet', size: [1400, 1950, 420], grid: [2, 5], at: [720, 420], faces: 'back', raised: 80, anchored: true },
      { name: 'Rope trunk', template: 'trunk', size: [1000, 480, 520], grid: [1, 1], at: [6680, 1050], faces: 'left' },
      { name: 'Buoy cubes', template: 'cubes', size: [1866, 1130, 390], grid: [5, 3], at: [5200, 390], faces: 'back', anchored: true },
      { name: 'Low mast shelf', template: 'bookcase', size: [1800, 1050, 380], grid: [2, 3], at: [2500, 380], faces: 'back', anchored: true, step: 32 },
      { name: 'Ferry bench', template: 'trunk', size: [1400, 450, 450], grid: [1, 1], at: [3800, 2500], doubles: 'seat' },
      { name: 'Coat hooks', template: 'hooks', size: [1500, 600, 200], grid: [6, 1], at: [200, 2000], faces: 'right', raised: 700, anchored: true },
      { name: 'Under the berth', template: 'underbed', size: [1800, 220, 750], grid: [3, 1], at: [6450, 2550], faces: 'left', board: 1 },
    ],
    lines: [
      '4 shoeboxes wooden blocks', '6 shoeboxes clip-together bricks', '3 shoeboxes large bricks', '4 shoeboxes wooden railway', '3 shoeboxes toy cars', '5 large vehicles', '1 shoebox marble run', '60 magnetic tiles', '150 planks', '1 shoebox gears and connectors', '3 shoeboxes toy animals', '40 small figures', '2 shoeboxes loose parts', '12 tools for play',
      '1 laundry basket dressing-up clothes', '14 hats and crowns', '6 bags and purses', '2 shoeboxes play food', '2 shoeboxes toy kitchen ware', '7 dolls', '1 shoebox doll clothes', '1 dolls house 50x28x30 cm', '1 shoebox dolls house furniture', '12 puppets', '2 carrier bags soft animals', '9 masks', '1 shoebox doctor set', '1 shoebox shop and till', '1 shoebox silk cloths',
      '16 board games', '14 card games', '8 memory games', '18 jigsaw puzzles', '12 tray puzzles', '2 mugs dice and counters', '3 sets of dominoes', '6 travel games', '1 mug marbles',
      '9 balls', '8 skipping ropes', '12 bean bags', '1 carrier bag chalk for outside', '7 sand toys', '10 bubbles',
      '14 shakers and bells', '4 drums', '3 chime bars', '12 recorders and flutes', '20 song sheets',
      '70 picture books 25x20x1 cm', '40 comics and magazines', '40 audio stories', '2 shoeboxes strays', '1 shoebox odds and ends', '10 stacking cups',
      '5 board games with pieces missing, recycle', '2 carrier bags outgrown costumes, give away', '12 scratched audio discs, bin', '6 baby rattles, pass on',
    ],
  },
  {
    name: 'Net loft', size: [6400, 5000, 2700], people: [], printed: true, walls: 'timber', mayDrill: true, cut: [['Ribbon rods', 'rod'], ['Sail shelf', 'board']],
    zones: [['Long making table', 'art', 3000, 2500], ['Sewing corner', 'table work', 5200, 3600], ['Middle of the loft', 'whole room', 3200, 2500]],
    fixtures: [
      { kind: 'door', name: 'Loft door', at: [0, 2000], width: 900, height: 2050, swing: 'right' },
      { kind: 'window', name: 'Gable window', at: [0, 3500], width: 1000, height: 1100, sill: 1000 },
      { kind: 'socket', name: 'Socket of the sewing corner', at: [6400, 3600], width: 80, height: 80, sill: 300 },
    ],
    units: [
      { name: 'Net cubes', template: 'cubes', size: [1866, 1130, 390], grid: [5, 3], at: [1000, 4610], anchored: true },
      { name: 'Yarn tower', template: 'cubes', size: [756, 1500, 390], grid: [2, 4], at: [2400, 4610], anchored: true },
      { name: 'Paint locker', template: 'cabinet', size: [1800, 1980, 450], grid: [3, 5], at: [1000, 450], faces: 'back', raised: 80, locked: true, anchored: true },
      { name: 'Plan chest', template: 'chest', size: [1300, 950, 520], grid: [2, 5], at: [3600, 4480], anchored: true },
      { name: 'Hatch shelf', template: 'bookcase', size: [1600, 1300, 400], grid: [2, 4], at: [2800, 400], faces: 'back', raised: 60, anchored: true, step: 32 },
      { name: 'Sail shelf', template: 'bookcase', size: [1800, 1250, 480], grid: [2, 3], at: [4700, 480], faces: 'back', anchored: true, step: 32 },
      { name: 'Peg wall', template: 'pegs', size: [1300, 900, 170], grid: [4, 2], at: [6230, 2200], faces: 'left', raised: 900, board: 6, anchored: true },
      { name: 'Ribbon rods', template: 'rods', size: [900, 800, 180], grid: [1, 4], at: [6220, 1000], faces: 'left', raised: 900, anchored: true },
      { name: 'Glue trolley', template: 'trolley', size: [500, 780, 380], grid: [1, 3], at: [4300, 2100], board: 15, raised: 80, wheels: true },
      { name: 'Drying shelf', template: 'bookcase', size: [1600, 1900, 350], grid: [2, 6], at: [5400, 4650], raised: 60, anchored: true },
    ],
    lines: [
      '120 coloured pencils', '90 felt-tip pens', '2 mugs wax crayons', '1 mug chalks and pastels', '500 drawing paper', '80 colouring pages', '14 stencils and rulers', '2 mugs rubbers and sharpeners', '25 stamps and ink pads', '60 stickers',
      '18 poster paint', '8 watercolours', '16 acrylic paint', '6 finger paint', '45 paint brushes 32 cm', '14 rollers and sponges', '24 paint pots and palettes', '16 aprons', '6 table covers', '14 canvases',
      '300 coloured paper', '160 card', '40 tissue and crepe paper', '60 large paper', '30 glue sticks', '10 liquid glue', '4 strong adhesives', '4 glue guns', '18 sticky tape', '22 child scissors', '8 sharp scissors', '6 craft knives', '5 hole punches', '6 cutting mats', '50 greeting card blanks',
      '4 mugs beads', '5 mugs iron-on beads', '3 mugs buttons', '14 sequins and glitter', '1 mug wiggly eyes', '2 shoeboxes pompoms', '150 pipe cleaners', '1 shoebox feathers', '300 lolly sticks', '2 mugs glass nuggets', '3 mugs mosaic tiles', '1 handful magnets for crafts',
      '2 shoeboxes stones and shells', '2 shoeboxes cones and sticks', '1 shoebox corks', '2 carrier bags cardboard tubes', '2 carrier bags clean packaging', '2 mugs bottle tops', '1 shoebox scrap wood', '14 modelling clay', '20 clay tools', '3 plaster and casting',
      '16 balls of red wool', '14 balls of blue wool', '9 balls of green wool', '6 balls of white wool', '30 red felt sheets', '20 yellow felt sheets', '10 black felt sheets', '24 fabric', '8 cotton fabric 150 x 110 cm', '40 sewing patterns', '10 bobbins', '1 carrier bag fabric scraps', '50 sewing thread', '1 shoebox lantern parts for autumn', '2 mugs easter egg dyes', '6 needles and pins', '20 gold ribbon', '20 pink ribbon', '16 string and cord', '30 zips and fastenings', '24 knitting needles', '10 weaving frames', '1 carrier bag stuffing',
      '14 hand tools', '3 mugs nails and screws', '30 sandpaper', '5 varnish and solvents', '2 iron and press', '8 wire',
      '40 dried-out felt tips, bin', '11 empty glue sticks, bin', '1 laundry basket fabric offcuts, give away', '1 carrier bag wool from an unfinished blanket, decide later',
    ],
  },
  {
    name: 'Chart room', size: [5200, 4600, 2700], people: [], printed: false, walls: 'plasterboard', mayDrill: true, blocked: [['Under the stairs', 'back', 15, 'skirting']],
    zones: [['Chart table', 'table work', 2600, 2200], ['Lamp corner', 'reading', 4300, 3400], ['Middle of the room', 'whole room', 2600, 2300]],
    fixtures: [
      { kind: 'door', name: 'Chart room door', at: [0, 900], width: 880, height: 2050, swing: 'left' },
      { kind: 'window', name: 'Window over the seat', at: [4400, 0], width: 1200, height: 1100, sill: 950 },
    ],
    units: [
      { name: 'Compass cubes', template: 'cubes', size: [1866, 1130, 390], grid: [5, 3], at: [1000, 4210] },
      { name: 'Log bookcase', template: 'bookcase', size: [1800, 1850, 320], grid: [3, 4], at: [3000, 4280], raised: 60, anchored: true, step: 32 },
      { name: 'Lamp shelf', template: 'bookcase', size: [1600, 1250, 380], grid: [2, 4], at: [2600, 380], faces: 'back', anchored: true },
      { name: 'Sextant cabinet', template: 'cabinet', size: [900, 1800, 420], grid: [1, 5], at: [600, 420], faces: 'back', raised: 80, locked: true, anchored: true },
      { name: 'Beam shelves', template: 'rails', size: [1200, 1200, 250], grid: [1, 4], at: [4950, 1850], faces: 'left', raised: 700, anchored: true, step: 50 },
      { name: 'Under the stairs', template: 'stairs', size: [1800, 1500, 700], grid: [3, 1], at: [700, 2300], faces: 'right', slope: 450 },
      { name: 'Window seat', template: 'composed', size: [1500, 900, 400], grid: [2, 1], at: [4400, 400], faces: 'back', anchored: true, doubles: 'seat', layout: [{ width: 700, parts: [{ height: 280, kind: 'open' }, { height: 160, kind: 'drawer' }, { height: 0, kind: 'open' }] }, { width: 0, high: 450, parts: [{ height: 0, kind: 'open' }] }] },
      { name: 'Map drawers', template: 'chest', size: [900, 1000, 560], grid: [1, 6], at: [4600, 4040], anchored: true },
    ],
    lines: [
      '70 first readers', '50 chapter books', '24 reference books', '6 atlases', '14 library books on loan', '60 counting rods', '50 base-ten blocks', '200 counting cubes', '4 abacus', '2 mugs play money', '5 clocks', '2 scales and weights', '14 measuring tools', '5 fraction sets', '16 geometry solids', '18 calculators',
      '60 letter cards', '2 shoeboxes movable alphabet', '9 word games', '40 exercise books', '30 workbooks', '14 handwriting boards', '90 picture cards',
      '12 magnifiers', '4 magnet sets', '6 electric circuits', '1 microscope', '10 experiment glassware', '2 shoeboxes nature collection', '6 garden tools for children', '2 globes', '8 maps and charts 34x4x4 cm', '5 flags and puzzle maps', '8 binoculars and compasses',
      '14 pouring and spooning', '10 threading and lacing', '4 dressing frames', '16 trays for work', '8 sand timers', '14 headphones',
      '30 old workbooks, recycle', '4 broken clocks, bin', '12 doubled first readers, give away',
    ],
  },
  {
    name: "Purser's office", size: [3800, 3200, 2600], people: ['Lead helper', 'Second helper'], printed: false, walls: 'masonry', mayDrill: false,
    zones: [['Desk', 'office', 1400, 1200], ['Changing bench', 'changing', 2700, 1900], ['Middle of the office', 'whole room', 1900, 1600]],
    fixtures: [
      { kind: 'door', name: 'Office door', at: [2700, 0], width: 850, height: 2050, swing: 'left' },
      { kind: 'window', name: 'Office window', at: [0, 2350], width: 700, height: 1000, sill: 1000 },
    ],
    units: [
      { name: 'Strong cabinet', template: 'cabinet', size: [1000, 1950, 420], grid: [2, 5], at: [600, 2780], raised: 80, locked: true, anchored: true },
      { name: 'Paper bookcase', template: 'bookcase', size: [1600, 1900, 340], grid: [2, 5], at: [2000, 2860], raised: 60, anchored: true, step: 32 },
      { name: 'Desk drawers', template: 'chest', size: [900, 720, 560], grid: [2, 4], at: [1500, 560], faces: 'back' },
      { name: 'File drawers', template: 'files', size: [450, 700, 560], grid: [1, 2], at: [3240, 1100], faces: 'left', raised: 40, anchored: true },
      { name: 'Writing table', template: 'table', size: [1400, 720, 700], grid: [2, 1], at: [700, 1200], faces: 'right', board: 28 },
      { name: 'Door rack', template: 'pockets', size: [480, 1500, 120], grid: [2, 5], at: [2700, 120], faces: 'back', raised: 300, board: 3, anchored: true },
      { name: 'Top of the paper bookcase', template: 'top', size: [1600, 500, 340], grid: [2, 1], at: [2000, 2860], raised: 1960, board: 1 },
      { name: 'Supply cubes', template: 'cubes', size: [1126, 760, 390], grid: [3, 2], at: [3410, 2000], faces: 'left' },
    ],
    lines: [
      '10 reams of copy paper', '200 envelopes', '30 sticky notes', '80 pens and pencils', '2 mugs paper clips and pins', '6 staplers and punches', '12 ring binders', '60 hanging files', '150 plastic wallets', '2 packs of laminating film', '60 labels and label tape', '3 ink and toner', '8 address stamps', '6 gift wrap', '6 calendars and planners', '8 postal supplies',
      '10 cables', '4 extension leads', '40 batteries', '14 button cells', '6 torches', '2 camera and lenses', '30 first-aid supplies', '6 medicines', '14 tissues', '5 cleaning agents', '10 cloths and sponges for cleaning', '8 kitchen roll', '3 dustpan and brushes',
    ],
    open: [
      '3 sacks nap blankets', '60 nappies', '10 wet wipes', '8 disposable gloves', '14 spare clothes', '5 sun cream', '6 hand sanitiser', '6 bin bags', '300 receipts', '8 manuals', '40 child records', '12 keys', '30 certificates', '200 photographs',
      '1 carrier bag winter decorations', '40 balloons', '3 light bulbs', 'a carrier bag of unlabelled chargers, decide later', '4 lost jumpers, decide later', '9 old ring binders, give away', '5 dry markers, bin', '1 unopened label printer, return in 2 weeks', '3 shoeboxes grey ferry parts',
    ],
    undecided: ['2 desk lamps', '12 comics', '4 broken torches'],
  },
];
