/** Reading the open problem formats: plain JSON in, a typed problem or the first wrong field out. */

/** A missing or wrong field, by its path: `compartment.width: must be a positive integer`. */
export class FormatError extends Error {
  readonly field: string;
  constructor(field: string, message: string) {
    super(`${field}: ${message}`);
    this.field = field;
  }
}

type Json = Record<string, unknown>;

/** Reads the fields of one object; every method throws a FormatError that names the field. */
export class FieldReader {
  private readonly object: Json;
  private readonly path: string;

  constructor(value: unknown, path = '') {
    if (typeof value !== 'object' || value === null || Array.isArray(value))
      throw new FormatError(path || 'problem', 'must be an object');
    this.object = value as Json;
    this.path = path;
  }

  private at(name: string): string {
    return this.path ? `${this.path}.${name}` : name;
  }
  private fail(name: string, message: string): never {
    throw new FormatError(this.at(name), message);
  }
  private value(name: string): unknown {
    return Object.hasOwn(this.object, name) ? this.object[name] : undefined;
  }

  format<T extends string>(expected: T): T {
    if (this.value('format') !== expected) this.fail('format', `must be "${expected}"`);
    return expected;
  }
  /** A whole number from `least` to what counts as a length or mass at all. */
  integer(name: string, least: number, most = 10_000_000): number {
    const value = this.value(name);
    if (!Number.isInteger(value))
      this.fail(name, least > 0 ? 'must be a positive integer' : 'must be an integer, 0 or more');
    if ((value as number) < least)
      this.fail(name, least > 0 ? 'must be a positive integer' : 'must be an integer, 0 or more');
    if ((value as number) > most) this.fail(name, `must not be larger than ${most}`);
    return value as number;
  }
  integerOrNull(name: string, least: number, most?: number): number | null {
    return this.value(name) === null ? null : this.integer(name, least, most);
  }
  number(name: string, least: number, most = 1e9): number {
    const value = this.value(name);
    if (typeof value !== 'number' || !Number.isFinite(value)) this.fail(name, 'must be a number');
    if (value < least) this.fail(name, `must not be less than ${least}`);
    if (value > most) this.fail(name, `must not be larger than ${most}`);
    return value;
  }
  flag(name: string): boolean {
    const value = this.value(name);
    if (typeof value !== 'boolean') this.fail(name, 'must be true or false');
    return value;
  }
  /** Not empty. */
  text(name: string): string {
    const value = this.value(name);
    if (typeof value !== 'string' || value === '') this.fail(name, 'must be a text');
    return value;
  }
  textOrNull(name: string): string | null {
    return this.value(name) === null ? null : this.text(name);
  }
  one<T extends string>(name: string, of: readonly T[]): T {
    const value = this.value(name);
    if (!of.includes(value as T)) this.fail(name, `must be ${of.map((one) => `"${one}"`).join(' or ')}`);
    return value as T;
  }
  oneOrNull<T extends string>(name: string, of: readonly T[]): T | null {
    return this.value(name) === null ? null : this.one(name, of);
  }
  inner(name: string): FieldReader {
    return new FieldReader(this.value(name), this.at(name));
  }
  innerOrNull(name: string): FieldReader | null {
    return this.value(name) === null ? null : this.inner(name);
  }
  /** Two whole numbers: a point of the floor plan. */
  point(name: string): [number, number] {
    const value = this.value(name);
    if (!Array.isArray(value) || value.length !== 2 || !value.every((one) => Number.isInteger(one)))
      this.fail(name, 'must be two integers');
    return [value[0] as number, value[1] as number];
  }
  private array(name: string, most: number): unknown[] {
    const value = this.value(name);
    if (!Array.isArray(value)) this.fail(name, 'must be a list');
    if (value.length > most) this.fail(name, `must not have more than ${most} entries`);
    return value;
  }
  list<T>(name: string, most: number, read: (item: FieldReader, path: string) => T): T[] {
    return this.array(name, most).map((item, i) =>
      read(new FieldReader(item, `${this.at(name)}[${i}]`), `${this.at(name)}[${i}]`),
    );
  }
  /** Texts that are not empty. */
  texts(name: string, most: number): string[] {
    return this.array(name, most).map((item, i) =>
      new FieldReader({ [`${name}[${i}]`]: item }, this.path).text(`${name}[${i}]`),
    );
  }
  /** So many rows of so many numbers, none less than 0. */
  rows(name: string, size: number): number[][] {
    const value = this.value(name);
    const isNumbers = (row: unknown): row is number[] =>
      Array.isArray(row) && row.length === size && row.every((one) => Number.isFinite(one) && one >= 0);
    if (!Array.isArray(value) || value.length !== size) this.fail(name, `must be ${size} rows`);
    const wrong = value.findIndex((row) => !isNumbers(row));
    if (wrong >= 0) this.fail(`${name}[${wrong}]`, `must be ${size} numbers, 0 or more`);
    return value as number[][];
  }
  /** A list of two of something each. */
  pairs<T>(name: string, most: number, read: (item: unknown, path: string) => T): [T, T][] {
    return this.array(name, most).map((pair, i): [T, T] => {
      if (!Array.isArray(pair) || pair.length !== 2) this.fail(`${name}[${i}]`, 'must be a pair');
      const [a, b] = pair as [unknown, unknown];
      return [read(a, `${this.at(name)}[${i}][0]`), read(b, `${this.at(name)}[${i}][1]`)];
    });
  }
  /** Whole numbers, none less than `least`. */
  integers(name: string, least: number, most = 1e9): number[] {
    return this.array(name, Infinity).map((item, i) =>
      new FieldReader({ [`${name}[${i}]`]: item }, this.path).integer(`${name}[${i}]`, least, most),
    );
  }
  /** Numbers by key, none less than 0. */
  numbers(name: string): Record<string, number> {
    const reader = this.inner(name);
    return Object.fromEntries(Object.keys(reader.object).map((key) => [key, reader.number(key, 0)]));
  }
}

/** @throws FormatError when an id stands twice */
export function onlyOnce(list: readonly { id: string }[], name: string): void {
  const seen = new Set<string>();
  list.forEach(({ id }, i) => {
    if (seen.has(id)) throw new FormatError(`${name}[${i}].id`, `"${id}" stands twice`);
    seen.add(id);
  });
}
