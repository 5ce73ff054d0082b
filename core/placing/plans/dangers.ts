/** Where something would be a danger that the plan itself makes: found by asking the cautions, so that there is one rule. */
import type { Bin, Category, Compartment } from '../../ground/model/entities.ts';
import { cautionsOf } from '../cautions/cautions.ts';
import { storedIn } from '../cautions/stored.ts';
import type { RoomData } from '../placement/room-data.ts';

/** What a bin of it would be, before any is made. */
type Shape = Pick<Bin, 'containerTypeId' | 'outWidth' | 'outDepth' | 'outHeight' | 'lineIds' | 'name' | 'litres'>;

export class Dangers {
  private readonly room: RoomData;
  private readonly before: ReadonlySet<string>;
  /** Where anything at all would be a danger, by where and by whom it is used. */
  private readonly harmless = new Map<string, string[]>();

  constructor(room: RoomData) {
    this.room = { ...room, parked: [] };
    this.before = this.keys([], []);
  }

  /** Ids of the compartments in which a bin of a category would be a danger, by itself. */
  placesFor(category: Category, shape: Shape, compartments: readonly Compartment[]): string[] {
    const lines = this.room.lines.filter(({ categoryId }) => categoryId === category.id);
    const own = (compartmentId: string | null): Bin => ({
      ...shape,
      id: 'tried',
      version: 0,
      siteId: this.room.room.siteId,
      roomId: this.room.room.id,
      categoryId: category.id,
      code: '',
      ...{ compartmentId, x: null, y: null, z: null, turned: false, parkId: null, pinned: false },
      ...{ shortName: '', labelLayoutId: null, seenFull: null, cells: null, sort: 0 },
    });
    // Of what has no danger of its own only the place decides: that is asked once.
    const [stored] = storedIn({ ...this.room, bins: [own(null)], lines });
    const isHarmless = !stored?.hazards.size && !category.supervised;
    const key = [category.zoneKind, ...category.users].join();
    const known = isHarmless ? this.harmless.get(key) : undefined;
    if (known) return known;
    // What is said of it wherever it is forbids no place.
    const anyway = this.keys([own(null)], lines);
    const found = compartments
      .filter(({ id }) => [...this.keys([own(id)], lines)].some((key) => !this.before.has(key) && !anyway.has(key)))
      .map(({ id }) => id);
    if (isHarmless) this.harmless.set(key, found);
    return found;
  }

  private keys(bins: Bin[], lines: RoomData['lines']): Set<string> {
    const found = cautionsOf({ ...this.room, bins, lines });
    return new Set(found.filter(({ severity }) => severity === 'danger').map(({ key }) => key));
  }
}
