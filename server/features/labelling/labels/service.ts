/** Labels of a room: which are to be printed, and that they were. */
import { counted } from '@stube/core/notation';
import { dayIn } from '@stube/core/calendar';
import { contentsOf } from '@stube/core/contents';
import {
  type DueLabel,
  dueLabels,
  hiddenOn,
  keyOf,
  type LabelContent,
  type LabelData,
  labelDataOf,
  labelsOfRole,
  lookOf,
  type Outline,
  type RunLook,
  usualLook,
} from '@stube/core/labels';
import { byId, ENTITIES, type LabelLayout, type LabelRole, type Paper, type SiteData } from '@stube/core/model';
import type { ChangeAnswer } from '@stube/contract/answers';
import { USUAL, type LabelQuery, type PrintedRequest } from '@stube/contract/labels/requests';
import { makeChange } from '../../../db/change.ts';
import { newId } from '../../../db/ids.ts';
import type { Db } from '../../../db/store.ts';
import { readPicture } from '../../../db/pictures.ts';
import { NotFound } from '../../../db/problems.ts';
import { readTables } from '../../../db/read.ts';
import type { Recorder } from '../../../db/recorder.ts';
import type { Scope } from '../../../db/scope.ts';
import type { LabelsDocument } from './document.ts';

/** What a label says follows from these. */
const NEEDED = [
  'site',
  'room',
  'person',
  'unit',
  'compartment',
  'family',
  'category',
  'containerType',
  'line',
  'bin',
  'photo',
  'setNumber',
  'labelLayout',
  'printedLabel',
  'par',
] as const;
type Needed = Pick<SiteData, (typeof NEEDED)[number]>;

/** @param origin where the application is reached, such as `http://127.0.0.1:4180`; the squares point there */
function labelData(data: Needed, siteId: string, roomId: string, origin: string, today: string): LabelData {
  if (!data.room.some(({ id }) => id === roomId)) throw new NotFound('room', roomId);
  const contents = () =>
    contentsOf({
      // Of the room alone: for a whole site each room would reckon all the others too.
      bins: data.bin.filter((bin) => bin.roomId === roomId),
      lines: data.line.filter((line) => line.roomId === roomId),
      categories: byId(data.category),
      types: byId(data.containerType),
      site: data.site[0]!,
    });
  let known: ReturnType<typeof contents> | undefined;
  return labelDataOf(data, roomId, () => (known ??= contents()), `${origin}/s/${siteId}`, today);
}

/** A site that was just begun has labels of no room. */
const NO_ROOM = { labelsFor: null, people: [] };
/** A point in time as its day. */

async function picturesOf({ db, siteId }: Scope, labels: readonly LabelContent[], look: RunLook) {
  const pictures: Record<string, string> = {};
  if (!look.parts.includes('picture')) return pictures;
  for (const id of new Set(labels.flatMap(({ photoId }) => photoId ?? [])))
    pictures[id] = (await readPicture(db, siteId, id)) ?? '';
  return pictures;
}

export async function labelsOf(scope: Scope, query: LabelQuery, origin: string): Promise<LabelsDocument> {
  const data = await readTables(scope.db, scope.siteId, NEEDED);
  const rooms = data.room.filter((room) => !query.room || room.id === query.room);
  if (query.room && !rooms.length) throw new NotFound('room', query.room);
  const layout = query.layout && query.layout !== USUAL ? data.labelLayout.find(({ id }) => id === query.layout) : null;
  if (layout === undefined) throw new NotFound(ENTITIES.labelLayout.words.one, query.layout!);
  const wanted = ({ content, layoutId, reason }: DueLabel) =>
    (!query.bin || content.binId === query.bin) &&
    (query.which === 'all' || reason !== null) &&
    (!query.layout || layoutId === (layout?.id ?? null));
  const labels: LabelContent[] = [];
  let look: RunLook | null = layout;
  for (const room of rooms) {
    const of = labelData(data, scope.siteId, room.id, origin, dayIn(data.site[0]!.timeZone, scope.now));
    labels.push(
      ...dueLabels(of, query.roles)
        .filter(wanted)
        .map(({ content }) => content),
    );
    look ??= lookOf(of, query.layout ? null : (room.labelLayoutId ?? null));
  }
  look ??= usualLook({
    room: data.room[0] ?? NO_ROOM,
    people: data.person,
    today: dayIn(data.site[0]!.timeZone, scope.now),
  });
  return {
    title: [data.site[0]!.name, query.room && rooms[0]!.name, 'labels'].filter(Boolean).join(' · '),
    contents: labels,
    look,
    paper: query.paper ?? data.site[0]!.paper,
    room: rooms[0] ?? { width: 4000, depth: 4000 },
    inches: data.site[0]!.system === 'imperial',
    pictures: await picturesOf(scope, labels, look),
  };
}

/** What hangs in a room on hooks, pegs and rods, for outlines in true size. */
export async function outlinesOf(
  scope: Scope,
  roomId: string,
): Promise<{ title: string; paper: Paper; outlines: Outline[] }> {
  const data = await readTables(scope.db, scope.siteId, NEEDED);
  const of = labelData(data, scope.siteId, roomId, '', dayIn(data.site[0]!.timeZone, scope.now));
  const types = byId(data.containerType);
  const outlines = labelsOfRole('place', of).flatMap((content): Outline[] => {
    const bin = data.bin.find(({ id }) => id === content.binId)!;
    const shape = bin.containerTypeId === null ? bin : types.get(bin.containerTypeId)!;
    if (!of.spaces.get(bin.compartmentId ?? '')?.hangs) return [];
    return [{ content, size: { width: shape.outWidth!, height: shape.outHeight! } }];
  });
  return { title: `${of.room.name} · outlines`, paper: data.site[0]!.paper, outlines };
}

/** What the labels of a room do not say to visitors, for the locked guide. */
export async function keyOfRoom(scope: Scope, roomId: string) {
  const data = await readTables(scope.db, scope.siteId, NEEDED);
  const of = labelData(data, scope.siteId, roomId, '', dayIn(data.site[0]!.timeZone, scope.now));
  const as = (visitors: boolean) => labelsOfRole('bin', { ...of, room: { ...of.room, visitors } });
  return { room: of.room, paper: data.site[0]!.paper, rows: hiddenOn(as(false), as(true)) };
}

/** Bins of a room with lines to write on by hand. */
export async function binsOfRoom({ db, siteId, now }: Scope, roomId: string) {
  const data = await readTables(db, siteId, NEEDED);
  const of = labelData(data, siteId, roomId, '', dayIn(data.site[0]!.timeZone, now));
  return { room: of.room, paper: data.site[0]!.paper, labels: labelsOfRole('bin', of) };
}

/** Remembers what was printed; what hung on another container or at another place before is an old label now. */
export async function markPrinted(scope: Scope, { room, labels }: PrintedRequest): Promise<ChangeAnswer> {
  return makeChange(scope, `${counted(labels.length, 'label')} printed`, async (recorder) => {
    const data = await readTables(recorder.db as Db, scope.siteId, NEEDED);
    const roles = [...new Set(labels.map(({ role }) => role))];
    const of = labelData(data, scope.siteId, room, '', dayIn(data.site[0]!.timeZone, scope.now));
    const known = new Map(dueLabels(of, roles).map((label) => [keyOf(label.content), label]));
    const stickers = new Map<string, number>();
    for (const key of labels) {
      const label = known.get(keyOf(key));
      if (!label) throw new NotFound(nounOf(key.role), key.binId ?? key.numberId ?? '');
      await writeLabel(recorder, label, room, dayIn(data.site[0]!.timeZone, scope.now));
      if (label.layoutId) stickers.set(label.layoutId, (stickers.get(label.layoutId) ?? 0) + 1);
    }
    for (const [id, count] of stickers) {
      const layout = data.labelLayout.find((layout) => layout.id === id)!;
      const used = usedAfter(layout, count);
      if (used !== layout.used) await recorder.update('labelLayout', id, null, { used });
    }
  });
}
const nounOf = (role: LabelRole): string => (role === 'number' ? 'setNumber' : 'bin');

/** Stickers gone from the sheet that was begun. */
function usedAfter({ medium, grid, used }: LabelLayout, count: number): number {
  if (medium !== 'sticker' || !grid) return used;
  return (used + count) % (grid.columns * grid.rows);
}

async function writeLabel(
  recorder: Recorder,
  { content, says, printed, layoutId }: DueLabel,
  roomId: string,
  printedOn: string,
): Promise<void> {
  const { role, binId, numberId, part, compartmentId } = content;
  const now = { roomId, compartmentId, layoutId, says, printedOn };
  const elsewhere =
    printed &&
    ((printed.says.container !== undefined && printed.says.container !== says.container) ||
      (role === 'place' && printed.compartmentId !== compartmentId));
  if (printed && !elsewhere) {
    await recorder.update('printedLabel', printed.id, null, now);
    return;
  }
  if (printed) await recorder.update('printedLabel', printed.id, null, { old: true });
  await recorder.insert('printedLabel', [{ id: newId(), role, binId, numberId, part, old: false, ...now }]);
}
