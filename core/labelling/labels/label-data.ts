/** What the labels of a room follow from. */
import { byCode } from '../../ground/model/bin.ts';
import type { Contents } from '../../ground/contents/contents.ts';
import { byId } from '../../ground/model/by-id.ts';
import { spoils } from '../../ground/calendar/use-by.ts';
import type {
  Bin,
  Category,
  Compartment,
  ContainerType,
  Family,
  LabelLayout,
  Person,
  Photo,
  PrintedLabel,
  Room,
  SetNumber,
  SiteData,
  Unit,
} from '../../ground/model/entities.ts';

export interface LabelData {
  room: Room;
  people: readonly Person[];
  families: ReadonlyMap<string, Family>;
  categories: ReadonlyMap<string, Category>;
  types: ReadonlyMap<string, ContainerType>;
  units: ReadonlyMap<string, Unit>;
  spaces: ReadonlyMap<string, Compartment>;
  /** Of the room. */
  bins: readonly Bin[];
  lines: SiteData['line'];
  photos: readonly Photo[];
  /** Ids of categories with something that spoils: of these the oldest is used first. */
  spoiling: ReadonlySet<string>;
  numbers: readonly SetNumber[];
  layouts: ReadonlyMap<string, LabelLayout>;
  /** Of the room. */
  printed: readonly PrintedLabel[];
  /** What is in each bin of the room; empty where only what is remembered of a label is asked. */
  contents: () => ReadonlyMap<string, Contents>;
  /** The site's address, where the squares lead: `http://house.local/s/abc`. */
  address: string;
  /** ISO date. */
  today: string;
}

export type LabelTables = Pick<
  SiteData,
  | 'room'
  | 'person'
  | 'unit'
  | 'compartment'
  | 'family'
  | 'category'
  | 'containerType'
  | 'line'
  | 'bin'
  | 'photo'
  | 'setNumber'
  | 'labelLayout'
  | 'printedLabel'
  | 'par'
>;

function spoilingIn({ par, line }: Pick<LabelTables, 'par' | 'line'>): Set<string> {
  const ids = new Set(par.filter(spoils).map(({ lineId }) => lineId));
  return new Set(ids.size ? line.flatMap(({ id, categoryId }) => (categoryId && ids.has(id) ? [categoryId] : [])) : []);
}

/** @throws when the room is not there */
export function labelDataOf(
  data: LabelTables,
  roomId: string,
  contents: LabelData['contents'],
  address: string,
  today: string,
): LabelData {
  const room = data.room.find(({ id }) => id === roomId);
  if (!room) throw new Error(`Labels of a room that is not there: ${roomId}`);
  return {
    room,
    people: data.person,
    families: byId(data.family),
    categories: byId(data.category),
    types: byId(data.containerType),
    units: byId(data.unit),
    spaces: byId(data.compartment),
    bins: data.bin.filter((bin) => bin.roomId === roomId).sort(byCode),
    lines: data.line,
    photos: data.photo,
    spoiling: spoilingIn(data),
    numbers: data.setNumber,
    layouts: byId(data.labelLayout),
    printed: data.printedLabel.filter((label) => label.roomId === roomId),
    contents,
    address,
    today,
  };
}
