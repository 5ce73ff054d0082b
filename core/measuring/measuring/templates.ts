/** The kinds of places a room has, from a cube shelf to a hook: what each begins with and how its inside follows. */
import type { TemplateKind, UnitShape } from '../../ground/model/entities.ts';

export interface TemplateInfo {
  label: string;
  hint: string;
  start: Omit<UnitShape, 'template' | 'slope' | 'layout'> & Partial<Pick<UnitShape, 'slope' | 'layout'>>;
  /** Usual load of one compartment in grams; the maker's plate holds where there is one. */
  load: number;
  /** What one compartment is called. */
  noun: string;
  /** Where it is among what can be added. */
  stands: 'furniture' | 'wall' | 'floor';
  /** What is around its compartments: boards on all sides, boards only beneath each, or nothing but a front. */
  built: 'case' | 'boards' | 'open';
  doors?: boolean;
  drawers?: boolean;
  /** Opened from above. */
  top?: boolean;
  hangs?: boolean;
  /** What a compartment loses at its sides, above, and in the depth beside the boards, mm. */
  loss?: { side: number; height: number; depth: number };
  /** Its top is worked at: things stand on it only while it is free. */
  worktop?: boolean;
  /** Its measures are those inside. */
  toldInside?: boolean;
  /** Rolls. */
  wheels?: boolean;
}

/** What a drawer loses inside its front: runner and side, at each side; bottom and headroom; front and back. mm. */
export const DRAWER_LOSS = { side: 26, height: 45, depth: 60 };
/** Rails on which files hang take so much more of the height, mm. */
export const FILE_RAILS = 25;
/** What stands on a table is reached over so much height, mm. */
export const TABLE_TOP = 400;

/** Starting measures are those of ordinary furniture; each is there to be typed over. */
export const TEMPLATES: Record<TemplateKind, TemplateInfo> = {
  cubes: {
    label: 'Cube shelf',
    hint: 'a grid of open cubes',
    start: { width: 1120, height: 760, depth: 390, columns: 3, rows: 2, board: 18, raised: 0 },
    load: 13000,
    noun: 'cube',
    stands: 'furniture',
    built: 'case',
  },
  bookcase: {
    label: 'Bookcase',
    hint: 'long open shelves',
    start: { width: 800, height: 1800, depth: 300, columns: 1, rows: 5, board: 20, raised: 60 },
    load: 20000,
    noun: 'shelf',
    stands: 'furniture',
    built: 'case',
  },
  cabinet: {
    label: 'Cabinet with doors',
    hint: 'shelves behind a pair of doors',
    start: { width: 900, height: 1900, depth: 420, columns: 1, rows: 4, board: 20, raised: 80 },
    load: 25000,
    noun: 'shelf',
    stands: 'furniture',
    built: 'case',
    doors: true,
  },
  chest: {
    label: 'Drawer chest',
    hint: 'drawers one above the other',
    start: { width: 800, height: 900, depth: 480, columns: 1, rows: 4, board: 18, raised: 60 },
    load: 12000,
    noun: 'drawer',
    stands: 'furniture',
    built: 'case',
    drawers: true,
    loss: DRAWER_LOSS,
  },
  files: {
    label: 'File drawers',
    hint: 'drawers with rails for hanging files',
    start: { width: 450, height: 700, depth: 560, columns: 1, rows: 2, board: 18, raised: 40 },
    load: 25000,
    noun: 'file drawer',
    stands: 'furniture',
    built: 'case',
    drawers: true,
    loss: { ...DRAWER_LOSS, height: DRAWER_LOSS.height + FILE_RAILS },
  },
  trunk: {
    label: 'Trunk or bench',
    hint: 'one space, opened from above',
    start: { width: 900, height: 450, depth: 450, columns: 1, rows: 1, board: 18, raised: 0 },
    load: 30000,
    noun: 'inside',
    stands: 'furniture',
    built: 'case',
    top: true,
    loss: { side: 0, height: 0, depth: 18 },
  },
  trolley: {
    label: 'Trolley',
    hint: 'trays on wheels that roll to the work',
    start: { width: 450, height: 750, depth: 350, columns: 1, rows: 3, board: 15, raised: 80 },
    load: 8000,
    noun: 'tray',
    stands: 'furniture',
    built: 'boards',
    wheels: true,
  },
  table: {
    label: 'Table',
    hint: 'what stands on it, and what goes under it',
    start: { width: 1400, height: 720, depth: 700, columns: 2, rows: 1, board: 28, raised: 0 },
    load: 30000,
    noun: 'under it',
    stands: 'furniture',
    built: 'case',
    worktop: true,
  },
  desk: {
    label: 'Desk',
    hint: 'a top to work at, drawers at its side, and the legs’ room kept free',
    start: { width: 1400, height: 730, depth: 700, columns: 1, rows: 3, board: 25, raised: 0 },
    load: 12000,
    noun: 'drawer',
    stands: 'furniture',
    built: 'case',
    worktop: true,
  },
  drawer: {
    label: 'One drawer',
    hint: 'a drawer by itself, measured inside',
    start: { width: 400, height: 100, depth: 450, columns: 1, rows: 1, board: 1, raised: 700 },
    load: 12000,
    noun: 'inside',
    stands: 'furniture',
    built: 'open',
    drawers: true,
    loss: { side: 0, height: 0, depth: 0 },
    toldInside: true,
  },
  composed: {
    label: 'Front of your own',
    hint: 'divided as you like: open parts, doors and drawers mixed',
    start: {
      width: 1600,
      height: 1200,
      depth: 420,
      columns: 2,
      rows: 1,
      board: 18,
      raised: 60,
      layout: [
        {
          width: 760,
          parts: [
            { height: 300, kind: 'open' },
            { height: 160, kind: 'drawer' },
            { height: 0, kind: 'door' },
          ],
        },
        {
          width: 0,
          parts: [
            { height: 420, kind: 'open' },
            { height: 0, kind: 'open' },
          ],
        },
      ],
    },
    load: 20000,
    noun: 'part',
    stands: 'furniture',
    built: 'case',
  },
  rails: {
    label: 'Shelves on rails',
    hint: 'wall shelves whose boards move in steps',
    start: { width: 1200, height: 1400, depth: 250, columns: 1, rows: 4, board: 18, raised: 700 },
    load: 15000,
    noun: 'shelf',
    stands: 'wall',
    built: 'boards',
  },
  hooks: {
    label: 'Row of hooks',
    hint: 'hooks on a board or a rail; each is a place',
    start: { width: 900, height: 500, depth: 180, columns: 6, rows: 1, board: 18, raised: 900 },
    load: 4000,
    noun: 'hook',
    stands: 'wall',
    built: 'open',
    hangs: true,
  },
  pegs: {
    label: 'Peg panel',
    hint: 'a board with holes, for tools that hang',
    start: { width: 1200, height: 800, depth: 100, columns: 6, rows: 4, board: 6, raised: 900 },
    load: 2000,
    noun: 'peg',
    stands: 'wall',
    built: 'open',
    hangs: true,
  },
  pockets: {
    label: 'Rack at a door',
    hint: 'pockets on the back of a door or a cupboard’s side',
    start: { width: 500, height: 1500, depth: 120, columns: 2, rows: 5, board: 3, raised: 250 },
    load: 1500,
    noun: 'pocket',
    stands: 'wall',
    built: 'case',
    top: true,
    loss: { side: 0, height: 0, depth: 3 },
  },
  rods: {
    label: 'Rods',
    hint: 'for rolls, ribbon and what hangs over a bar',
    start: { width: 1000, height: 900, depth: 200, columns: 1, rows: 4, board: 20, raised: 700 },
    load: 6000,
    noun: 'rod',
    stands: 'wall',
    built: 'open',
    hangs: true,
  },
  top: {
    label: 'Top of furniture',
    hint: 'what stands on a cupboard, up to the ceiling',
    start: { width: 900, height: 400, depth: 400, columns: 1, rows: 1, board: 1, raised: 1900 },
    load: 15000,
    noun: 'top',
    stands: 'floor',
    built: 'open',
  },
  underbed: {
    label: 'Under a bed or bench',
    hint: 'a place on the floor, low and deep',
    start: { width: 1900, height: 200, depth: 800, columns: 3, rows: 1, board: 1, raised: 0 },
    load: 40000,
    noun: 'floor place',
    stands: 'floor',
    built: 'open',
  },
  stairs: {
    label: 'Under stairs',
    hint: 'high at its left end, low at its right',
    start: { width: 2000, height: 1600, depth: 800, columns: 3, rows: 1, board: 18, raised: 0, slope: 400 },
    load: 40000,
    noun: 'bay',
    stands: 'floor',
    built: 'case',
  },
};

/** A new piece of that kind, with all its measures. */
export const startOf = (template: TemplateKind): UnitShape => ({
  template,
  slope: null,
  layout: null,
  ...structuredClone(TEMPLATES[template].start),
});
