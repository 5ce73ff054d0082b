/** What each label of a room says (practice L1): on bins, on their places, in their cells, under lids, on numbered sets, between books. */
import { byId } from '../../ground/model/by-id.ts';
import { cellGrid, cellsOf, cellSize } from '../../ground/contents/cells.ts';
import { setIn } from '../../ground/contents/contents.ts';
import { shapeOf, type BinShape } from '../../ground/contents/shape.ts';
import { pieceOf } from '../../ground/contents/piece.ts';
import type { Bin, Category, LabelLayout, LabelRole, Line, Photo, Room } from '../../ground/model/entities.ts';
import { groupedBy } from '../../ground/model/grouped-by.ts';
import { formatAmount } from '../../ground/contents/measures.ts';
import { kindOf } from '../../ground/starter/library.ts';
import { dividerFace } from './divider.ts';
import { labelFace, lidFace, spineFace, stripFace } from './faces.ts';
import { PARTS_FOR, labelsFor } from './for-whom.ts';
import type { LabelContent } from './label.ts';
import type { LabelData } from './label-data.ts';
import type { Look } from './lay-out-label.ts';
import { privateLabel } from './private.ts';

/** A strip for a cell is so high, mm; one for a shelf's edge, and a number on a pouch. */
const CELL_STRIP = 12;
const SHELF_STRIP = 25;
const NUMBER_FACE = { width: 60, height: 25 };
/** First in, first out, as it is said on a label. */
const OLDEST_FIRST = 'oldest first';
/** A row of books or binders is parted by dividers. */
const ROW = 'row';

/** How a label of the room looks where no layout was chosen: on sheets, for those who come in. */
export const usualLook = (
  data: Pick<LabelData, 'people' | 'today'> & { room: Pick<Room, 'labelsFor' | 'people'> },
): Look & Pick<LabelLayout, 'readFrom' | 'oneSize'> => ({
  medium: 'sheet',
  width: null,
  height: null,
  parts: [...PARTS_FOR[labelsFor(data.room, data.people, data.today)]],
  letters: 'as written',
  readFrom: 'shelf',
  oneSize: false,
});

/** The layout of a bin's labels; null: the usual look. */
export const layoutIdOf = (bin: Pick<Bin, 'labelLayoutId'> | undefined, room: LabelData['room']): string | null =>
  bin?.labelLayoutId ?? room.labelLayoutId;

/** Whose colour it has: that of the one who uses it, else that of its family. */
function hueOf(category: Category, data: LabelData): string {
  const [user, more] = category.users;
  const person = user && !more ? data.people.find(({ id }) => id === user) : undefined;
  return person?.colour ?? data.families.get(category.familyId)?.hue ?? 'ink';
}

interface Shown {
  photoId: string;
  photoMark: string;
}
const NO_PHOTO = { photoId: null, photoMark: '' };

/** The pictures chosen for labels, by category; of the pile's where a layout asks for photographs. */
function photosOf(data: LabelData, ofPile: boolean): ReadonlyMap<string, Shown> {
  const found = new Map<string, Shown>();
  const categoryOf = new Map<string, string>();
  if (ofPile && data.photos.some(({ lineId }) => lineId))
    for (const { id, categoryId } of data.lines) if (categoryId) categoryOf.set(id, categoryId);
  const shows = (categoryId: string, { id, takenOn }: Photo, chosen: boolean) => {
    const before = found.get(categoryId);
    // One that was chosen for labels comes before those of the pile.
    if (before && !chosen && before.photoMark.startsWith('chosen')) return;
    const count = before ? Number(before.photoMark.split(' ').at(-1)) + 1 : 1;
    found.set(categoryId, { photoId: id, photoMark: `${chosen ? 'chosen' : 'pile'} ${takenOn} ${count}` });
  };
  for (const photo of data.photos) {
    const ofLine = categoryOf.get(photo.lineId ?? '');
    if (photo.kind === 'label' && photo.categoryId) shows(photo.categoryId, photo, true);
    else if (ofLine) shows(ofLine, photo, false);
  }
  return found;
}

interface BinLabelled {
  bin: Bin;
  category: Category;
  shape: BinShape;
  base: LabelContent;
  lines: () => readonly Line[];
}

/** All labels of one role, in the order of the codes. @param bins where several roles are asked for, made once */
export function labelsOfRole(role: LabelRole, data: LabelData, bins = labelledBins(data)): LabelContent[] {
  const labels =
    role === 'number'
      ? numberLabels(data)
      : role === 'divider'
        ? dividerLabels(data, bins)
        : bins.flatMap((bin) => ofBin(role, bin, data));
  if (!data.room.visitors) return labels;
  const children = data.people.filter(({ kind }) => kind === 'child');
  return labels.map((label) => privateLabel(label, children));
}

/** What the labels of each bin have in common. */
export function labelledBins(data: LabelData): BinLabelled[] {
  const inside = data.contents();
  const [chosen, ofPile] = [photosOf(data, false), photosOf(data, true)];
  return data.bins.flatMap((bin): BinLabelled[] => {
    const category = data.categories.get(bin.categoryId);
    const shape = shapeOf(bin, data.types);
    if (!category || !shape) return [];
    const space = data.spaces.get(bin.compartmentId ?? '');
    const unit = data.units.get(space?.unitId ?? '');
    const layout = data.layouts.get(layoutIdOf(bin, data.room) ?? '');
    const base: LabelContent = {
      role: 'bin',
      binId: bin.id,
      numberId: null,
      part: null,
      roomId: bin.roomId,
      compartmentId: null,
      code: bin.code,
      word: bin.shortName || bin.name,
      second: category.otherName,
      family: [data.families.get(category.familyId)?.name, data.spoiling.has(category.id) && OLDEST_FIRST]
        .filter(Boolean)
        .join(' · '),
      pieces: setIn(inside.get(bin.id)),
      hue: hueOf(category, data),
      pictogram: category.pictogram,
      ...((layout?.picture === 'photo' ? ofPile : chosen).get(category.id) ?? NO_PHOTO),
      place: space && unit ? `${unit.name} › ${space.name}` : '',
      contents: [],
      cells: [],
      grid: null,
      container: bin.containerTypeId === null ? '' : shape.name,
      link: `${data.address}/b/${bin.code}`,
      face: labelFace(shape),
    };
    const lines = () => inside.get(bin.id)?.lines ?? [];
    // A list inside the lid is not seen while something stands on it: then it is on the front too (practice L6).
    const hidden = shape.lid && isCovered(bin, shape, data) && lines().length > 1;
    if (hidden || layout?.parts.includes('contents')) base.contents = inWords(lines());
    if (layout?.medium === 'spine') base.face = spineFace(shape, spineOf(bin, category, lines()));
    return [{ bin, category, shape, base, lines }];
  });
}

/** Something stands on it. */
function isCovered(bin: Bin, shape: BinShape, { bins, types }: LabelData): boolean {
  if (bin.compartmentId === null || bin.z === null) return false;
  const top = bin.z + shape.outHeight;
  const [wide, deep] = bin.turned ? [shape.outDepth, shape.outWidth] : [shape.outWidth, shape.outDepth];
  return bins.some((other) => {
    if (other.compartmentId !== bin.compartmentId || other.z !== top) return false;
    const above = shapeOf(other, types);
    if (!above) return false;
    const [w, d] = other.turned ? [above.outDepth, above.outWidth] : [above.outWidth, above.outDepth];
    return other.x! < bin.x! + wide && bin.x! < other.x! + w && other.y! < bin.y! + deep && bin.y! < other.y! + d;
  });
}

const inWords = (lines: readonly Line[]): string[] =>
  lines.map(({ name, amount, measure }) =>
    measure === 'pieces' && amount === 1 ? name : `${name}, ${formatAmount(amount, measure)}`,
  );

/** How thick one of a row is. */
function spineOf(bin: Bin, category: Category, lines: readonly Line[]): number {
  const piece = lines[0] && pieceOf(lines[0], category);
  return piece ? Math.min(...piece) : (bin.outWidth ?? 60);
}

function ofBin(role: LabelRole, { bin, shape, base, lines }: BinLabelled, data: LabelData): LabelContent[] {
  if (role === 'bin') return [base];
  if (role === 'place') return placeLabel();
  if (role === 'cell') return cellLabels();
  return role === 'lid' ? lidLabel() : [];

  function placeLabel(): LabelContent[] {
    if (bin.compartmentId === null) return [];
    const layout = data.layouts.get(layoutIdOf(bin, data.room) ?? '');
    const face = layout?.medium === 'strip' ? stripFace(shape, layout.height ?? SHELF_STRIP) : base.face;
    return [{ ...base, role, compartmentId: bin.compartmentId, face }];
  }

  function cellLabels(): LabelContent[] {
    const cells = cellsOf(bin, shape, bin.cells || shape.compartments > 1 ? lines() : []);
    const wide = cells.length ? cellSize(cells.length, shape).width : 0;
    return cells
      .filter(({ lines: own }) => own.length)
      .map(({ number, lines: own }) => ({
        ...base,
        role,
        part: number,
        code: `${bin.code}·${number}`,
        word: own.map(({ name }) => name).join(', '),
        second: '',
        family: '',
        pieces: null,
        face: { width: Math.max(24, Math.min(60, wide - 4)), height: CELL_STRIP },
      }));
  }

  function lidLabel(): LabelContent[] {
    if (bin.containerTypeId === null || !(shape.lid || shape.compartments > 1 || bin.cells)) return [];
    const own = lines();
    const cells = cellsOf(bin, shape, own);
    if (own.length < 2) return [];
    const grid = cells.length ? cellGrid(cells.length, shape) : null;
    return [
      {
        ...base,
        role,
        contents: inWords(own),
        grid,
        cells: grid
          ? cells.map(({ number, lines: there }) => ({
              number,
              name: there.map(({ name }) => name).join(', '),
              row: Math.floor((number - 1) / grid.columns),
              column: (number - 1) % grid.columns,
            }))
          : [],
        face: lidFace(shape),
      },
    ];
  }
}

/** One for each line of a class that stands in a row, else one for the class: not one for each of its rows. */
function dividerLabels(data: LabelData, bins: readonly BinLabelled[]): LabelContent[] {
  const rows = bins.filter(
    ({ bin, category }) => bin.containerTypeId === null && kindOf(category.starter)?.stands === ROW,
  );
  return [...groupedBy(rows, ({ category }) => category.id).values()].flatMap((own): LabelContent[] => {
    const [{ base, bin, category, shape }] = own as [BinLabelled];
    const space = data.spaces.get(bin.compartmentId ?? '');
    const face = dividerFace({ depth: shape.outDepth, height: shape.outHeight }, space?.height ?? Infinity);
    const names = [...new Set(own.flatMap(({ lines }) => lines().map(({ name }) => name)))];
    const words = names.length > 1 ? names : [category.name];
    return words.map((word, i) => ({ ...base, role: 'divider', part: i + 1, word, face }));
  });
}

/** Of the numbered sets in this room: the number large, what is in it below. */
function numberLabels(data: LabelData): LabelContent[] {
  const photos = photosOf(data, true);
  const lines = byId(data.lines.filter((line) => line.roomId === data.room.id));
  return data.numbers
    .filter(({ lineId }) => lines.get(lineId)?.decision === 'keep')
    .sort((a, b) => a.series.localeCompare(b.series) || a.number - b.number)
    .flatMap((number): LabelContent[] => {
      const line = lines.get(number.lineId)!;
      const category = data.categories.get(line.categoryId ?? '');
      if (!category) return [];
      return [
        {
          role: 'number',
          binId: null,
          numberId: number.id,
          part: null,
          roomId: data.room.id,
          compartmentId: null,
          code: number.series,
          word: String(number.number),
          second: number.name || line.name,
          family: data.families.get(category.familyId)?.name ?? '',
          pieces: line.setPieces,
          hue: hueOf(category, data),
          pictogram: category.pictogram,
          ...(photos.get(category.id) ?? NO_PHOTO),
          place: '',
          contents: [],
          cells: [],
          grid: null,
          container: '',
          link: data.address,
          face: NUMBER_FACE,
        },
      ];
    });
}
