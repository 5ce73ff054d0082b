import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { MEDIA, type Medium } from '../../ground/model/entities.ts';
import { dividerFace } from './divider.ts';
import { labelFace } from './faces.ts';
import type { LaidLabel, Mark } from './label.ts';
import { layOutLabel } from './lay-out-label.ts';
import { layOutOutline, layOutOutlines } from './outline.ts';
import { labelRun } from './pages.ts';
import { CALIBRATION, MARGIN, PAPERS } from './paper.ts';
import { readableFrom, readingDistance, sizeReadFrom } from './reading.ts';
import { shortName } from './short-name.ts';
import { gridFits, layOutStickers, type Page } from './sheets.ts';
import { label, look, measure } from './testing/label.ts';

/** Names as people write them, up to 60 letters: long words, umlauts, from right to left, pictures typed as letters. */
const word = fc.string({ minLength: 1, maxLength: 14, unit: fc.constantFrom(...'abcdefghäöüßéøשלוםمرحبا🎲🧵') });
const name = fc
  .array(fc.oneof(word, fc.constant('Donaudampfschifffahrtsgesellschaftskapitän')), { minLength: 1, maxLength: 5 })
  .map((words) => words.join(' ').slice(0, 60).trim() || 'x');
const medium = fc.constantFrom(...MEDIA.filter((one) => one !== 'plotter'));
const room = { width: 5000, depth: 4000 };
const run = (names: string[], kind: Medium, width: number, height: number, more = {}) =>
  labelRun(
    names.map((each, i) => label(each, width, height, { binId: `b${i}`, code: `N${i}`, ...more })),
    { look: look({ medium: kind, height: kind === 'tape' ? 12 : null }), paper: 'A4', room, inches: false },
    measure,
  );

/** How far a mark reaches, mm. */
function reach(mark: Mark): { x: number; y: number; right: number; bottom: number } {
  if (mark.kind === 'text' && mark.turned)
    return {
      x: mark.x - mark.size * 0.26,
      y: mark.y,
      right: mark.x + mark.size * 0.86,
      bottom: mark.y + measure(mark.text, mark.size, mark.bold),
    };
  if (mark.kind === 'text')
    return {
      x: mark.x,
      y: mark.y - mark.size * 0.86,
      right: mark.x + measure(mark.text, mark.size, mark.bold),
      bottom: mark.y + mark.size * 0.26,
    };
  if (mark.kind === 'line') return { x: mark.x1, y: mark.y1, right: mark.x2, bottom: mark.y2 };
  if (mark.kind === 'hole')
    return {
      x: mark.x - mark.radius,
      y: mark.y - mark.radius,
      right: mark.x + mark.radius,
      bottom: mark.y + mark.radius,
    };
  const [width, height] = 'width' in mark ? [mark.width, mark.height] : [mark.size, mark.size];
  return { x: mark.x, y: mark.y, right: mark.x + width, bottom: mark.y + height };
}

function expectInside(laid: LaidLabel): void {
  for (const mark of laid.marks) {
    const { x, y, right, bottom } = reach(mark);
    expect(x).toBeGreaterThanOrEqual(-0.01);
    expect(y).toBeGreaterThanOrEqual(-0.01);
    expect(right).toBeLessThanOrEqual(laid.width + 0.01);
    expect(bottom).toBeLessThanOrEqual(laid.height + 0.3);
  }
}
/** Nothing of one label is over another, and nothing leaves the paper. */
function expectApart({ labels, width, height }: Page): void {
  labels.forEach((a, i) => {
    expect(a.x >= 0 && a.y >= 0 && a.x + a.label.width <= width + 1e-6 && a.y + a.label.height <= height + 1e-6).toBe(
      true,
    );
    labels.slice(i + 1).forEach((b) => {
      const over =
        a.x < b.x + b.label.width - 1e-6 &&
        b.x < a.x + a.label.width - 1e-6 &&
        a.y < b.y + b.label.height - 1e-6 &&
        b.y < a.y + a.label.height - 1e-6;
      expect(over).toBe(false);
    });
  });
}

describe('a label', () => {
  test('stays within its cut line in every medium, whatever the name', () => {
    fc.assert(
      fc.property(
        name,
        medium,
        fc.integer({ min: 24, max: 90 }),
        fc.integer({ min: 12, max: 45 }),
        (text, kind, w, h) => {
          const { labels } = run([text], kind, w, h, {
            second: 'peintures',
            contents: ['12 brushes', text],
            place: text,
          });
          labels.forEach(expectInside);
        },
      ),
    );
  });
  test('is no larger than the paper, whatever a layout tells', () => {
    for (const kind of ['card', 'folded'] as const) {
      const wide = look({ medium: kind, width: 400, height: 400 });
      const { pages } = labelRun([label('Wool')], { look: wide, paper: 'Letter', room, inches: false }, measure);
      pages.forEach(expectApart);
    }
  });
  test('a name that is not cut is whole, and its square keeps its distance', () => {
    fc.assert(
      fc.property(name, fc.integer({ min: 24, max: 90 }), fc.integer({ min: 12, max: 45 }), (text, width, height) => {
        const laid = layOutLabel(label(text, width, height), look(), measure);
        const texts = laid.marks.filter((mark) => mark.kind === 'text');
        const square = laid.marks.find((mark) => mark.kind === 'square');
        const lines = texts.filter(({ size, bold }) => bold && size === laid.size).map((mark) => mark.text);
        if (!laid.cut) expect(lines.join(' ').replace(/ N12$/, '')).toContain(text.split(/\s+/).join(' '));
        if (square) {
          expect(square.size).toBeGreaterThanOrEqual(12);
          for (const mark of texts) expect(reach(mark).right).toBeLessThanOrEqual(square.x - 2.5 + 1e-6);
        }
      }),
    );
  });
  test('a short name on a large face is read from farther away', () => {
    const from = (text: string, width: number) => layOutLabel(label(text, width, 30), look(), measure).readableFrom;
    expect(from('Wool', 90)).toBeGreaterThan(from('A very long name of many things', 90));
    expect(from('Wool', 90)).toBeGreaterThan(800);
  });
  test('letters are as large as the distance asks for, and what is promised holds', () => {
    // Half the diagonal of a room of 5 by 4 m.
    expect(readingDistance('room', room)).toBe(3202);
    for (const distance of [700, 1500, 3200]) {
      const size = sizeReadFrom(distance);
      expect(readableFrom(size)).toBeGreaterThan(distance - 50);
      expect(readableFrom(size)).toBeLessThanOrEqual(distance);
    }
    const seated = layOutLabel(label('Wool', 90, 45), look({ parts: ['word'] }), measure, { distance: 1500 });
    expect(seated.size).toBeGreaterThanOrEqual(sizeReadFrom(1500) - 0.2);
  });
  test('a run in one size is set by its longest name', () => {
    const names = ['Wool', 'Construction paper in many colours'].map((text) => label(text, 60, 20, { binId: text }));
    const { labels } = labelRun(names, { look: look({ oneSize: true }), paper: 'A4', room, inches: false }, measure);
    expect(labels[0]!.size).toBeCloseTo(labels[1]!.size, 6);
    expect(labels[0]!.size).toBeLessThan(layOutLabel(names[0]!, look(), measure).size);
  });
  test('for those who do not read: a picture, its colour with a shape, and no name', () => {
    const { marks } = layOutLabel(label('Blocks', 60, 40), look({ parts: ['picture', 'colour'] }), measure);
    expect(marks.filter(({ kind }) => kind === 'text')).toEqual([]);
    expect(marks.find((mark) => mark.kind === 'picture')!.size).toBeGreaterThan(25);
    expect(marks.some(({ kind }) => kind === 'shape')).toBe(true);
  });
  test('a round container shows no more than can be read at once', () =>
    expect(labelFace({ outWidth: 75, outHeight: 110, form: 'round', handle: false })).toEqual({
      width: 78,
      height: 62 - 17,
    }));
});

describe('a name too long', () => {
  test('is abbreviated as people do, the longest word first', () => {
    const within = (most: number) => (text: string) => text.length <= most;
    expect(shortName('construction paper (coloured)', within(18))).toBe('construction paper');
    expect(shortName('construction paper (coloured)', within(15))).toBe('constr. paper');
    expect(shortName('bits and pieces of the railway', within(22))).toBe('bits pieces railway');
    expect(shortName('wool', within(3))).toBeNull();
  });
  test('what is proposed fits', () =>
    fc.assert(
      fc.property(name, fc.integer({ min: 4, max: 40 }), (text, most) => {
        const short = shortName(text, (one) => one.length <= most);
        if (short !== null) expect(short.length).toBeLessThanOrEqual(most);
      }),
    ));
});

describe('pages', () => {
  test('hold every label once, none over another, with a line of 100 mm to measure', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(name, fc.integer({ min: 24, max: 90 }), fc.integer({ min: 12, max: 45 })), {
          minLength: 1,
          maxLength: 40,
        }),
        medium,
        fc.constantFrom('A4' as const, 'Letter' as const),
        (sizes, kind, paper) => {
          const contents = sizes.map(([text, w, h], i) => label(text, w, h, { binId: `b${i}` }));
          const { pages } = labelRun(
            contents,
            { look: look({ medium: kind, height: kind === 'tape' ? 9 : null }), paper, room, inches: false },
            measure,
          );
          const times = kind === 'folded' ? 2 : 1;
          const ids = pages.flatMap((page) => page.labels.map((placed) => placed.label.content.binId));
          expect(ids.sort()).toEqual(contents.flatMap(({ binId }) => Array(times).fill(binId)).sort());
          pages.forEach(expectApart);
          const rules = pages
            .flatMap(({ marks }) => marks)
            .filter((mark) => mark.kind === 'line' && mark.is === 'rule');
          expect(rules.some((mark) => mark.kind === 'line' && mark.x2 - mark.x1 === CALIBRATION)).toBe(true);
        },
      ),
      { numRuns: 60 },
    );
  });
  test('stickers go on where the sheet that was begun has its next one', () => {
    const grid = { columns: 3, rows: 8, left: 7, top: 12, gapX: 3, gapY: 0 };
    const size = { width: 63, height: 34 };
    expect(gridFits(grid, size, 'A4')).toBe(true);
    expect(gridFits({ ...grid, columns: 4 }, size, 'A4')).toBe(false);
    const laid = Array.from({ length: 3 }, (_, i) =>
      layOutLabel(label('Wool', 63, 34, { code: `N${i}` }), look(), measure),
    );
    const pages = layOutStickers(laid, grid, 23, size, 'A4');
    expect(pages.map(({ labels }) => labels.length)).toEqual([1, 2]);
    expect(pages[0]!.labels[0]).toMatchObject({ x: 7 + 2 * 66, y: 12 + 7 * 34 });
    expect(pages[1]!.labels[1]).toMatchObject({ x: 7 + 66, y: 12 });
  });
  test('a tape is as long as its texts, its leader and nothing more', () => {
    const { pages, labels, tape } = run(['Wool', 'Felt tips'], 'tape', 60, 30);
    expect(tape).toBe(20 + labels[0]!.width + labels[1]!.width);
    expect(labels[1]!.width).toBeGreaterThan(labels[0]!.width);
    const cuts = pages[0]!.marks.filter((mark) => mark.kind === 'line' && mark.is === 'cut');
    expect(cuts).toHaveLength(3);
  });
  test('a lid shows what is in each cell, seen from above', () => {
    fc.assert(
      fc.property(
        fc.array(name, { minLength: 1, maxLength: 60 }),
        fc.integer({ min: 40, max: 180 }),
        (contents, width) => {
          const { labels } = run(['Kit'], 'sheet', width, 60, { role: 'lid', contents });
          expectInside(labels[0]!);
          expect(labels[0]!.height).toBeLessThanOrEqual(60);
        },
      ),
    );
    const cells = [1, 2, 3, 4].map((number) => ({
      number,
      name: `thing ${number}`,
      row: number < 3 ? 0 : 1,
      column: (number - 1) % 2,
    }));
    const { labels } = run(['First aid'], 'sheet', 120, 80, { role: 'lid', grid: { columns: 2, rows: 2 }, cells });
    expectInside(labels[0]!);
    const at = (text: string) =>
      labels[0]!.marks.find((mark) => mark.kind === 'text' && mark.text.startsWith(text)) as { x: number; y: number };
    // The first cell is at the front left: below and left in the plan.
    expect(at('1').y).toBeGreaterThan(at('3').y);
    expect(at('1').x).toBeLessThan(at('2').x);
  });
  test('a divider is higher than the books and lower than the shelf', () => {
    expect(dividerFace({ depth: 150, height: 200 }, 300)).toEqual({ width: 178, height: 215 });
    expect(dividerFace({ depth: 150, height: 230 }, 240).height).toBe(220);
    fc.assert(
      fc.property(name, fc.integer({ min: 80, max: 250 }), (text, height) => {
        const { labels } = run([text], 'sheet', 100, height, { role: 'divider' });
        expectInside(labels[0]!);
      }),
    );
  });
  test('an outline larger than the paper goes over several sheets, in true size', () => {
    const outline = layOutOutline(label('Saw'), { width: 150, height: 520 }, measure);
    const pages = layOutOutlines([outline], 'A4');
    expect(pages).toHaveLength(2);
    const { height } = pages[0]!.clip!;
    expect(pages[1]!.labels[0]!.y).toBe(MARGIN - height);
    expect(2 * height).toBeGreaterThanOrEqual(520);
    expect(height).toBeLessThan(PAPERS.A4.height - 2 * MARGIN);
  });
});
