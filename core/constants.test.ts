/** The constants of the domain as literal tables: whoever changes one has to say so here too, with its source in mind. */
import { expect, test } from 'vitest';
import { RARE, DEFAULT_ADULT } from './placing/placement/place-problem-of.ts';
import { OUT_OF_REACH, FOR_THE_YOUNGEST, STATURE_AT_THREE } from './ground/hazards/kept-from-children.ts';
import { BANDS, BODY_SECONDS, DOOR_SECONDS, DRAWER_SECONDS, LID_SECONDS, WALK_SECONDS } from './ground/body/effort.ts';
import { FRONT_CLEARANCE, GROUP_SPLIT, HEAVY_MASS, UNPLACED } from './ground/problems/place-problem.ts';
import { COT } from './placing/cautions/cot.ts';
import { CHILD_CARRIES } from './placing/cautions/lifting.ts';
import { TIPPING } from './ground/hazards/tipping.ts';
import { OVERHEAD_HEIGHT, OVERHEAD_MASS } from './ground/body/heights.ts';
import { SMALL_PARTS } from './ground/hazards/hazards-of.ts';
import { HAZARD_WORDS } from './ground/hazards/hazards.ts';
import { CATALOGUE } from './containing/containers/catalogue.ts';
import { FORM_FACTOR, PACKING_FACTOR } from './ground/contents/litres.ts';
import { LATER_DAYS } from './ground/calendar/day.ts';
import {
  ceilingAt,
  CHOOSE_SECONDS,
  PIECES_A_LITRE,
  PUT_BACK,
  RUMMAGE_SECONDS,
} from './sorting/grouping/granularity.ts';
import { QR_LEAST } from './labelling/labels/lay-out-label.ts';
import { GUTTER, MARGIN, PAPERS } from './labelling/labels/paper.ts';
import { ARC, TYPE, X_HEIGHT } from './labelling/labels/reading.ts';
import { TAPES } from './labelling/labels/tape.ts';
import { LINES_IN_A_PART, USUAL_SECONDS, USUAL_WEIGHT } from './living/makeover/pace.ts';
import { BIN_SECONDS, CLEAN_SECONDS } from './living/makeover/portions.ts';
import { METRIC_FACTOR, MM_PER_INCH } from './ground/notation/length.ts';
import { MIN_INSIDE } from './measuring/measuring/template.ts';
import { DRAWER_LOSS, FILE_RAILS, TABLE_TOP, TEMPLATES } from './measuring/measuring/templates.ts';
import { defaultsOf } from './ground/model/defaults.ts';
import { MEDIANS } from './ground/body/stature.ts';
import { EVERYDAY_MEASURES } from './ground/contents/measures.ts';

test('motions, seconds (MTM-1, 1 TMU = 0.036 s)', () => {
  const tmu = (sum: number) => Math.round(sum * 0.36) / 10;
  expect([tmu(29 + 31.9), tmu(69.4 + 76.7)]).toEqual([2.2, 5.3]);
  expect(BODY_SECONDS).toEqual({
    adult: {
      'below the knee': 5.3,
      'below the knuckle': 2.2,
      'between knuckle and shoulder': 0,
      'above the shoulder': 1,
      'above reach': 12,
    },
    child: {
      'below the knee': 1,
      'below the knuckle': 0.5,
      'between knuckle and shoulder': 0,
      'above the shoulder': 1.5,
      'above reach': 1.5,
    },
  });
  expect({ WALK_SECONDS, DOOR_SECONDS, DRAWER_SECONDS, LID_SECONDS }).toEqual({
    WALK_SECONDS: 0.83,
    DOOR_SECONDS: 1.5,
    DRAWER_SECONDS: 1.2,
    LID_SECONDS: 2.5,
  });
});

test('bands of the body, hundredths of the stature', () =>
  expect(BANDS).toEqual({ knee: 28, knuckle: 45, shoulder: 82, overhead: 120, childReach: 115 }));

test('rules of placing', () => {
  expect({ GROUP_SPLIT, UNPLACED, FRONT_CLEARANCE, HEAVY_MASS }).toEqual({
    GROUP_SPLIT: 60,
    UNPLACED: 3600,
    FRONT_CLEARANCE: 20,
    HEAVY_MASS: 9000,
  });
  expect({ RARE, STATURE_AT_THREE, adult: DEFAULT_ADULT.stature }).toEqual({
    RARE: 0.5,
    STATURE_AT_THREE: 960,
    adult: 1650,
  });
});

test('hazards: which are kept from all children, and which from the youngest', () => {
  expect(OUT_OF_REACH).toEqual(['H3', 'H4', 'H5', 'H15']);
  expect(FOR_THE_YOUNGEST).toEqual(['H2', 'H6']);
  expect(Object.keys(HAZARD_WORDS)).toEqual(['H2', 'H3', 'H4', 'H5', 'H6', 'H14', 'H15']);
  expect({ TIPPING, OVERHEAD_MASS, OVERHEAD_HEIGHT }).toEqual({
    TIPPING: { height: 600, ratio: 1.5 },
    OVERHEAD_MASS: 5000,
    OVERHEAD_HEIGHT: 1500,
  });
});

test('small parts, cots and what children carry', () =>
  expect({ SMALL_PARTS, COT, CHILD_CARRIES }).toEqual({
    SMALL_PARTS: { across: 31.7, deep: 57.1, ball: 44 },
    COT: { around: 1200, above: 500 },
    CHILD_CARRIES: 4000,
  }));

test('how much room things take', () => {
  const alike = (factor: number) => ({ box: factor, cylinder: factor, ball: factor, irregular: factor });
  expect(PACKING_FACTOR).toEqual({
    neat: alike(1.1),
    rigid: { box: 1.6, cylinder: 1.1, ball: 0.87, irregular: 0.85 },
    small: { box: 1.6, cylinder: 1.25, ball: 0.87, irregular: 0.85 },
    long: { box: 1.3, cylinder: 1.15, ball: 0.87, irregular: 0.8 },
    soft: alike(0.6),
    nesting: alike(0.3),
    flat: alike(1.05),
  });
  expect(FORM_FACTOR).toEqual({ box: 1, tapered: 0.9, round: 0.78 });
  expect(Object.fromEntries(EVERYDAY_MEASURES.map(({ key, litres }) => [key, litres]))).toEqual({
    handful: 0.15,
    mug: 0.3,
    litre: 1,
    shoebox: 5,
    bag: 15,
    basket: 45,
    sack: 60,
    jar: 0.5,
    'small box': 0.8,
    box: 15,
    'small bag': 1,
    'medium bag': 4,
    tin: 1,
    tub: 1.5,
    bowl: 2,
    tray: 4,
    bucket: 10,
    drawer: 12,
    crate: 40,
    metre: 0,
    kilogram: 0,
  });
  expect(defaultsOf('site')).toMatchObject({ growth: 0.1, fillLimit: 0.8 });
});

test('how fine to sort', () => {
  expect(CHOOSE_SECONDS).toEqual({ words: 0.15, pictures: 0.3 });
  expect(RUMMAGE_SECONDS).toEqual({ clear: 0.2, open: 0.4, deep: 0.8 });
  expect({ PUT_BACK, PIECES_A_LITRE }).toEqual({ PUT_BACK: 3, PIECES_A_LITRE: 15 });
  expect([24, 47, 48, 71, 72, 107, 108].map(ceilingAt)).toEqual([6, 6, 8, 8, 12, 12, null]);
});

test('statures by month of age, mm (WHO, mean of girls and boys)', () =>
  expect(MEDIANS.map(([, mm]) => mm)).toEqual([
    495, 667, 749, 815, 864, 913, 956, 995, 1030, 1065, 1097, 1156, 1213, 1270, 1326, 1382, 1441, 1502, 1562, 1615,
    1654, 1677, 1691, 1696, 1699,
  ]));

test('furniture: usual loads in grams, and what a drawer loses', () => {
  expect(Object.fromEntries(Object.entries(TEMPLATES).map(([key, { load }]) => [key, load]))).toEqual({
    cubes: 13000,
    bookcase: 20000,
    cabinet: 25000,
    chest: 12000,
    trunk: 30000,
    files: 25000,
    trolley: 8000,
    table: 30000,
    desk: 12000,
    drawer: 12000,
    composed: 20000,
    rails: 15000,
    hooks: 4000,
    pegs: 2000,
    pockets: 1500,
    rods: 6000,
    top: 15000,
    underbed: 40000,
    stairs: 40000,
  });
  expect({ DRAWER_LOSS, FILE_RAILS, MIN_INSIDE, TABLE_TOP }).toEqual({
    DRAWER_LOSS: { side: 26, height: 45, depth: 60 },
    FILE_RAILS: 25,
    MIN_INSIDE: 30,
    TABLE_TOP: 400,
  });
  expect({ MM_PER_INCH, METRIC_FACTOR }).toEqual({
    MM_PER_INCH: 25.4,
    METRIC_FACTOR: { mm: 1, cm: 10, dm: 100, m: 1000 },
  });
});

test('labels, mm', () => {
  expect(PAPERS).toEqual({ A4: { width: 210, height: 297 }, Letter: { width: 215.9, height: 279.4 } });
  expect({ MARGIN, GUTTER, QR_LEAST, X_HEIGHT }).toEqual({ MARGIN: 10, GUTTER: 2, QR_LEAST: 12, X_HEIGHT: 0.496 });
  expect(TAPES).toEqual([6, 9, 12, 18, 24]);
  expect(TYPE.least).toBeCloseTo((7 * 25.4) / 72, 9);
  expect(TYPE.most).toBeCloseTo((34 * 25.4) / 72, 9);
  // 20 minutes of arc: 5.8 mm at a metre.
  expect(1000 * ARC).toBeCloseTo(5.818, 3);
});

test('times of a makeover', () =>
  expect({ LATER_DAYS, LINES_IN_A_PART, USUAL_SECONDS, USUAL_WEIGHT, CLEAN_SECONDS, BIN_SECONDS }).toEqual({
    LATER_DAYS: 30,
    LINES_IN_A_PART: 12,
    USUAL_SECONDS: 40,
    USUAL_WEIGHT: 5,
    CLEAN_SECONDS: 90,
    BIN_SECONDS: 150,
  }));

test('no container is larger inside than outside, and none is a toy of numbers', () => {
  expect(CATALOGUE.length).toBeGreaterThanOrEqual(25);
  for (const type of CATALOGUE) {
    for (const side of ['Width', 'Depth', 'Height'] as const) {
      expect(type[`in${side}`]).toBeLessThanOrEqual(type[`out${side}`]);
      expect(type[`in${side}`]).toBeGreaterThan(0.5 * type[`out${side}`]);
    }
    expect(type.mass).toBeGreaterThan(0);
  }
});
