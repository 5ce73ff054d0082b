/** Categories made one, or parted; no line and no bin is lost, and each is taken back as one change. */
import { takenAlong } from '@stube/core/contents';
import { mergedTraits, partedCategory } from '@stube/core/grouping';
import type { Category, Line } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import { newId } from '../../../data/new-id.ts';

export function useMerging() {
  const store = useSite();

  /** All that is in the others goes into the first; their names become other words for it. */
  async function merge(into: Category, others: readonly Category[]): Promise<boolean> {
    const gone = new Set(others.map((category) => category.id));
    const values = mergedTraits(into, others);
    const moved = { categoryId: into.id };
    const done = await store.tryWrite(() =>
      store.writeTogether({
        what: `merge ${others.map((category) => category.name).join(', ')} into ${into.name}`,
        update: [
          { table: 'category', id: into.id, version: into.version, values },
          ...store.data.line
            .filter((line) => gone.has(line.categoryId ?? '') || line.also.some((id) => gone.has(id)))
            .map((line) => ({
              table: 'line' as const,
              id: line.id,
              version: line.version,
              values: {
                ...(gone.has(line.categoryId ?? '')
                  ? { ...moved, ...takenAlong(line, store.maps.category.get(line.categoryId ?? '')) }
                  : {}),
                also: [...new Set(line.also.map((id) => (gone.has(id) ? into.id : id)))],
              },
            })),
          ...store.data.bin
            .filter((bin) => gone.has(bin.categoryId))
            .map((bin) => ({ table: 'bin' as const, id: bin.id, version: bin.version, values: moved })),
        ],
        remove: others.map((category) => ({ table: 'category', id: category.id, version: category.version })),
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
    const id = newId();
    const values = { ...partedCategory(from, name, familyId) };
    const done = await store.tryWrite(() =>
      store.writeTogether({
        what: `part ${name} off`,
        create: [{ table: 'category', id, values }],
        update: lines.map((line) => ({
          table: 'line',
          id: line.id,
          version: line.version,
          values: { categoryId: id, ...takenAlong(line, store.maps.category.get(line.categoryId ?? '')) },
        })),
      }),
    );
    if (done) store.sayDone(`${name} is a category of its own.`);
    return done;
  }
  return { merge, split };
}
