/** Names as outlines for a cutting plotter (practice L1): SVG in true size, of the letters that ship with the application. */
import { create, type Font, type PathCommand } from 'fontkit';
import polygonClipping, { type MultiPolygon, type Ring } from 'polygon-clipping';
import { inCase, type LabelContent } from '@stube/core/labels';
import { FACES, type Face } from '../../../documents/faces.ts';
import { runsOf } from '../../../documents/runs.ts';
import { fontFile } from '../../../documents/woff.ts';

/** Curves are followed to so much, mm: finer than a knife cuts. */
const FINE = 0.02;
const CHORDS = 12;
/** Around each name, mm: foil that is not wanted is weeded off within it. */
const FRAME = 5;
const BETWEEN = 4;
/** Foil is so wide, mm. */
const FOIL = 300;

export interface PlotterOptions {
  /** Height of a capital letter, mm. */
  height: number;
  letters: 'as written' | 'upper' | 'lower';
  /** Letters that touch are one piece. */
  weld: boolean;
  /** For the inside of glass. */
  mirrored: boolean;
}

const opened = new Map<Face, Font>();
function fontOf(face: Face): Font {
  let font = opened.get(face);
  if (!font) opened.set(face, (font = create(fontFile(face.bold)) as Font));
  return font;
}

type Point = [number, number];

/** Closed rings of a glyph, in units of the font. */
function ringsOf(commands: readonly PathCommand[], step: number): Point[][] {
  const rings: Point[][] = [];
  let ring: Point[] = [];
  let at: Point = [0, 0];
  const chords = (to: (t: number) => Point, length: number) => {
    const count = Math.max(2, Math.min(CHORDS * 4, Math.ceil(length / step)));
    for (let i = 1; i <= count; i++) ring.push(to(i / count));
  };
  for (const { command, args } of commands) {
    const a = args as number[];
    if (command === 'moveTo') {
      ring = [];
      ring.push((at = [a[0]!, a[1]!]));
      rings.push(ring);
    } else if (command === 'lineTo') ring.push((at = [a[0]!, a[1]!]));
    else if (command === 'quadraticCurveTo' || command === 'bezierCurveTo') {
      const points: Point[] = [at];
      for (let i = 0; i < a.length; i += 2) points.push([a[i]!, a[i + 1]!]);
      const length = points
        .slice(1)
        .reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i]![0], y - points[i]![1]), 0);
      chords((t) => bezier(points, t), length);
      at = points.at(-1)!;
    }
  }
  return rings.filter((points) => points.length > 2);
}

/** De Casteljau's construction. */
function bezier(points: readonly Point[], t: number): Point {
  let now = points;
  while (now.length > 1)
    now = now
      .slice(1)
      .map(([x, y], i): Point => [now[i]![0] + (x - now[i]![0]) * t, now[i]![1] + (y - now[i]![1]) * t]);
  return now[0]!;
}

/** The rings of one glyph as filled areas: what overlaps within it is one, what it encloses stays open. */
function areasOf(rings: readonly Point[][]): MultiPolygon {
  const solid = rings.filter((ring) => turns(ring) === turnsOfOutside(rings));
  const holes = rings.filter((ring) => !solid.includes(ring));
  if (!solid.length) return [];
  const filled = polygonClipping.union([solid[0]! as Ring], ...solid.slice(1).map((ring): [Ring] => [ring as Ring]));
  return holes.length ? polygonClipping.difference(filled, ...holes.map((ring): [Ring] => [ring as Ring])) : filled;
}
const areaOf = (ring: readonly Point[]): number =>
  ring.reduce((sum, [x, y], i) => {
    const [nx, ny] = ring[(i + 1) % ring.length]!;
    return sum + x * ny - nx * y;
  }, 0) / 2;
const turns = (ring: readonly Point[]): number => Math.sign(areaOf(ring));
const turnsOfOutside = (rings: readonly Point[][]): number =>
  turns(rings.reduce((most, ring) => (Math.abs(areaOf(ring)) > Math.abs(areaOf(most)) ? ring : most)));

export interface CutName {
  name: string;
  /** Areas of foil, mm, from the upper left. */
  areas: MultiPolygon;
  width: number;
  height: number;
}

/** A name as areas of foil; letters that no face has are left out. */
export function cutName(
  text: string,
  { height, letters, weld }: Pick<PlotterOptions, 'height' | 'letters' | 'weld'>,
): CutName {
  const name = inCase(text, letters);
  const first = fontOf(FACES[0]!);
  const scale = height / first.capHeight;
  const up = first.ascent * scale;
  let x = 0;
  let all: MultiPolygon = [];
  const glyphs: MultiPolygon[] = [];
  const has = (face: Face, code: number): boolean => fontOf(face).hasGlyphForCodePoint(code);
  for (const { face, text: run } of runsOf(name, has)) {
    const font = fontOf(face);
    // Faces are drawn on grids of their own.
    const own = (scale * first.unitsPerEm) / font.unitsPerEm;
    const laid = font.layout(run);
    laid.glyphs.forEach((glyph, i) => {
      const { xAdvance, xOffset } = laid.positions[i]!;
      const rings = ringsOf(glyph.path.commands, (FINE * 20) / own).map((ring) =>
        ring.map(([px, py]): Point => [x + (px + xOffset) * own, up - py * own]),
      );
      if (rings.length) glyphs.push(areasOf(rings));
      x += xAdvance * own;
    });
  }
  const some = glyphs.filter(({ length }) => length > 0);
  if (some.length) all = weld ? polygonClipping.union(some[0]!, ...some.slice(1)) : some.flat();
  return { name, areas: all, width: x, height: up - first.descent * scale };
}

const n = (value: number): string => String(Math.round(value * 1000) / 1000);
const path = (areas: MultiPolygon, dx: number, dy: number): string =>
  areas
    .flatMap((polygon) => polygon)
    .map(
      (ring) =>
        `M${ring
          .slice(0, -1)
          .map(([x, y]) => `${n(x + dx)} ${n(y + dy)}`)
          .join('L')}Z`,
    )
    .join('');

/** All names on foil, each in a frame for weeding. Sizes are in mm; a line of 100 mm stands at the foot. */
export function plotterSvg(labels: readonly LabelContent[], options: PlotterOptions): string {
  const parts: string[] = [];
  let [x, y, row, wide] = [0, 0, 0, 0];
  for (const { word } of labels) {
    const cut = cutName(word, options);
    const [width, height] = [cut.width + 2 * FRAME, cut.height + 2 * FRAME];
    if (x > 0 && x + width > FOIL) [x, y, row] = [0, y + row + BETWEEN, 0];
    parts.push(
      `<g><title>${xml(cut.name)}</title><rect x="${n(x)}" y="${n(y)}" width="${n(width)}" height="${n(height)}"/><path d="${path(cut.areas, x + FRAME, y + FRAME)}"/></g>`,
    );
    x += width + BETWEEN;
    row = Math.max(row, height);
    wide = Math.max(wide, x - BETWEEN);
  }
  const foot = y + row + 8;
  const [w, h] = [Math.max(wide, 100), foot + 4];
  const mirror = options.mirrored ? ` transform="matrix(-1 0 0 1 ${n(w)} 0)"` : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${n(w)}mm" height="${n(h)}mm" viewBox="0 0 ${n(w)} ${n(h)}" fill="none" stroke="#2C2A26" stroke-width="0.1"><g${mirror} fill-rule="evenodd">${parts.join('')}</g><path class="measure" d="M0 ${n(foot)}h100M0 ${n(foot - 2)}v4M100 ${n(foot - 2)}v4"/></svg>\n`;
}
const xml = (text: string): string =>
  text.replace(/[&<>"]/g, (sign) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[sign]!);
