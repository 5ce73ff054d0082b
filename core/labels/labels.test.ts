import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { labelFace, layOutLabel, layOutSheets, MARGIN, PAPERS, type LabelContent, type MeasureText } from './layout.ts';

/** Every letter six tenths of its size wide: enough to check the fitting. */
const measure: MeasureText = (text, size) => text.length * size * 0.6;
const label = (name: string, width: number, height: number): LabelContent => ({
  binId: name,
  code: 'N12',
  name,
  family: 'Making',
  hue: 'oak',
  pictogram: 'blocks',
  link: 'http://127.0.0.1:4180/s/abc/b/N12',
  face: { width, height },
});
const name = fc
  .array(fc.string({ minLength: 1, maxLength: 14, unit: fc.constantFrom(...'abcdefgh') }), {
    minLength: 1,
    maxLength: 6,
  })
  .map((words) => words.join(' '));

describe('a label', () => {
  test('its text stays within the face, whatever the name', () => {
    fc.assert(
      fc.property(name, fc.integer({ min: 24, max: 90 }), fc.integer({ min: 12, max: 45 }), (text, width, height) => {
        const layout = layOutLabel(label(text, width, height), measure);
        // Nothing comes nearer to the square than a phone needs to tell it from letters.
        const right = layout.qr ? layout.qr.x - 2.5 : width;
        for (const line of layout.lines) {
          expect(line.x + measure(line.text, line.size, true)).toBeLessThanOrEqual(right + 1e-6);
          expect(line.y).toBeLessThanOrEqual(height);
          expect(line.y - line.size).toBeGreaterThanOrEqual(-1e-6);
        }
        if (!layout.cut) expect(layout.lines.map((line) => line.text).join(' ')).toBe(text);
        expect(layout.code.text).toBe('N12');
      }),
    );
  });
  test('a short name on a large face is read from farther away', () => {
    const from = (text: string, width: number) => layOutLabel(label(text, width, 30), measure).readableFrom;
    expect(from('Wool', 90)).toBeGreaterThan(from('A very long name of many things', 90));
    expect(from('Wool', 90)).toBeGreaterThan(0.8);
  });
  test('a round container shows no more than can be read at once', () =>
    expect(labelFace({ outWidth: 75, outHeight: 110, form: 'round', handle: false }).width).toBeLessThan(90));
});

test('sheets hold every label once, inside the margins, none over another', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.integer({ min: 24, max: 90 }), fc.integer({ min: 12, max: 45 })), { maxLength: 40 }),
      fc.constantFrom('A4' as const, 'Letter' as const),
      (sizes, paper) => {
        const layouts = sizes.map(([width, height], i) => layOutLabel(label(`n${i}`, width, height), measure));
        const sheets = layOutSheets(layouts, paper);
        expect(sheets.flatMap((sheet) => sheet.labels.map(({ layout }) => layout.content.name)).sort()).toEqual(
          layouts.map((labelLayout) => labelLayout.content.name).sort(),
        );
        for (const { labels } of sheets)
          labels.forEach((a, i) => {
            expect(
              a.x >= MARGIN &&
                a.y >= MARGIN &&
                a.x + a.layout.width <= PAPERS[paper].width - MARGIN + 1e-6 &&
                a.y + a.layout.height <= PAPERS[paper].height - MARGIN + 1e-6,
            ).toBe(true);
            labels.forEach((b, j) => {
              if (i < j)
                expect(
                  a.x < b.x + b.layout.width &&
                    b.x < a.x + a.layout.width &&
                    a.y < b.y + b.layout.height &&
                    b.y < a.y + a.layout.height,
                ).toBe(false);
            });
          });
      },
    ),
  );
});
