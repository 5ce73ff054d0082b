/**
 * What is said once about each kind of row: its fields, what they begin with, what they point to and what happens when
 * that goes, and its words. Reference checks, removal, export and import, copying, indexes and row routes follow from it.
 *
 * @example
 * export const zone = entity<Zone>()({
 *   words: { one: 'zone', many: 'zones' },
 *   routes: { create: true, remove: true },
 *   fields: { roomId: pointsTo('room', 'remove'), name: {}, kind: {}, x: {}, y: {} },
 * });
 */

export interface Row {
  id: string;
  /** The site's revision at which the row was last written: a write must carry the version its author has read. */
  version: number;
}

export interface RowOfSite extends Row {
  siteId: string;
}

/** What a person may write of a row; the rest is kept by the server. */
export type FieldsOf<T extends Row> = Omit<T, 'id' | 'version' | 'siteId'>;

/**
 * What happens to a row when what it points to goes: the pointer is cleared (null, or out of its list), the row goes
 * too, or the removal is refused.
 */
export type WhenGone = 'clear' | 'remove' | 'refuse';

export interface Field<Value = unknown> {
  /** What a new row begins with where nobody says anything; absent where it must be told. */
  default?: Value;
  /** A new row may leave it open: its feature finds a value, such as a free code or the next place in a list. */
  computed?: true;
  /** The version of the model that brought it; rows of earlier versions get the default. Absent: from the first on. */
  since?: number;
  /** The table it points to. */
  to?: string;
  /** A list of ids instead of one. */
  many?: true;
  /** Where the field is an object: the property of it that holds the id. When that goes, the whole object is cleared. */
  at?: string;
  whenGone?: WhenGone;
  /** Other fields that are set when the pointer is cleared. */
  clears?: Readonly<Record<string, unknown>>;
}

export interface Entity<T extends Row = Row> {
  words: { one: string; many: string };
  /** Whether people make and remove such rows one by one; otherwise they come and go with others or by acts of their own. */
  routes: { create: boolean; remove: boolean };
  fields: { readonly [K in keyof FieldsOf<T>]-?: Field<FieldsOf<T>[K]> };
  /** The version of the model that brought the table; files of earlier versions do not have it. Absent: from the first on. */
  since?: number;
}

/** Any of them, for what is done alike to all. */
export interface AnyEntity extends Omit<Entity, 'fields'> {
  fields: Readonly<Record<string, Field>>;
}

/** Takes the row's type first, so that every field of it has to be described, and none besides. */
export const entity =
  <T extends Row>() =>
  <const E extends Entity<T>>(
    described: E & { fields: Record<Exclude<keyof E['fields'], keyof FieldsOf<T>>, never> },
  ): E =>
    described;

type Pointer<To extends string> = { to: To; whenGone: WhenGone };

/** A field that holds one id. */
export const pointsTo = <const To extends string, const More extends object = object>(
  to: To,
  whenGone: WhenGone,
  more = {} as More,
): Pointer<To> & More => ({ to, whenGone, ...more });

/** A field that holds a list of ids; one that goes is taken out of it. */
export const pointsToMany = <const To extends string, const More extends object = object>(
  to: To,
  more = {} as More,
): Pointer<To> & { many: true; default: never[] } & More => ({
  to,
  whenGone: 'clear',
  many: true,
  default: [],
  ...more,
});
