/** Categories made one, or parted; no line and no bin is lost, and each is taken back as one change. */
import { FRESH_CATEGORY, FRESH_TRAITS } from '@stube/core/model/fresh';
import type { Category, Line } from '@stube/core/model/entities';
import { useSite } from '../../data/site.ts';

export function useMerging() {
  const store = useSite();

  /** All that is in the others goes into the first; their names become other words for it. */
  async function merge(into: Category, others: readonly Category[]): Promise<boolean> {
    const gone = new Set(others.map((one) => one.id));
    const words = others.flatMap((one) => [one.name, ...one.synonyms]).filter((word) => word !== into.name);
    const values = {
      synonyms: [...new Set([...into.synonyms, ...words])].slice(0, 40),
      hazards: [...new Set([...into.hazards, ...others.flatMap((one) => one.hazards)])],
      users:
        into.users.length && others.every((one) => one.users.length)
          ? [...new Set([...into.users, ...others.flatMap((one) => one.users)])]
          : [],
      perWeek: Math.min(500, into.perWeek + others.reduce((sum, one) => sum + one.perWeek, 0)),
      lid: into.lid || others.some((one) => one.lid),
      lightSensitive: into.lightSensitive || others.some((one) => one.lightSensitive),
    };
    const moved = { categoryId: into.id };
    const done = await store.attempt(() =>
      store.writeTogether({
        what: `merge ${others.map((one) => one.name).join(', ')} into ${into.name}`.slice(0, 120),
        update: [
          { table: 'category', id: into.id, version: into.version, values },
          ...store.data.line
            .filter((one) => gone.has(one.categoryId ?? '') || one.also.some((id) => gone.has(id)))
            .map((one) => ({
              table: 'line' as const,
              id: one.id,
              version: one.version,
              values: {
                ...(gone.has(one.categoryId ?? '') ? moved : {}),
                also: [...new Set(one.also.map((id) => (gone.has(id) ? into.id : id)))],
              },
            })),
          ...store.data.bin
            .filter((one) => gone.has(one.categoryId))
            .map((one) => ({ table: 'bin' as const, id: one.id, version: one.version, values: moved })),
        ],
        remove: others.map((one) => ({ table: 'category', id: one.id, version: one.version })),
      }),
    );
    if (done) store.sayDone(`Merged into ${into.name}.`);
    return done;
  }

  /** The lines become a category of their own that lies and is used like the one they come from. */
  async function split(
    from: Category | undefined,
    name: string,
    familyId: string,
    lines: readonly Line[],
  ): Promise<boolean> {
    const { id: _id, version: _version, siteId: _site, ...like }: Partial<Category> = from ?? {};
    const id = crypto.randomUUID();
    const values = {
      ...FRESH_TRAITS,
      ...FRESH_CATEGORY,
      ...like,
      synonyms: [],
      starter: null,
      school: null,
      limit: null,
      name,
      familyId,
    };
    const done = await store.attempt(() =>
      store.writeTogether({
        what: `part ${name} off`,
        create: [{ table: 'category', id, values }],
        update: lines.map((one) => ({ table: 'line', id: one.id, version: one.version, values: { categoryId: id } })),
      }),
    );
    if (done) store.sayDone(`${name} is a category of its own.`);
    return done;
  }
  return { merge, split };
}
