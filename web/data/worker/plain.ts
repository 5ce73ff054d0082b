/** What a worker is sent: without the reactive shell of the store. Maps stay maps. */
export function plain<T>(value: T): T {
  if (value instanceof Map) return new Map([...value].map(([key, one]) => [key, plain(one)])) as T;
  if (Array.isArray(value)) return value.map((one: unknown) => plain(one)) as T;
  if (value && typeof value === 'object')
    return Object.fromEntries(
      Object.entries(value)
        .filter(([, one]) => typeof one !== 'function')
        .map(([key, one]) => [key, plain(one)]),
    ) as T;
  return value;
}
