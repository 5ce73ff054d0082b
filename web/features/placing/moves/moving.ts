/** The move plan of the open room: made, ticked step by step, and planned anew where a step cannot be done. */
import { inOrder, type Move, ON_THE_BENCH } from '@stube/core/model';
import { computed, ref } from 'vue';
import { heavyFirst, homesNow } from '@stube/core/moves';
import { depthProblemOf, type Homes, homesOf, Standing } from '@stube/core/placement';
import type { Batch } from '@stube/contract/rows/batch';
import { useRoom } from '../../../data/room.ts';
import { plain } from '../../../data/worker/plain.ts';
import { movesWorker } from './worker.ts';
import { newId } from '../../../data/new-id.ts';

/** So many bins may stand on the floor or a table meanwhile, where nobody says more. */
export const USUAL_PLACES = 3;

export function useMoving() {
  const { store, id, room, units, compartments, bins, placeData } = useRoom();
  const moves = computed(() => inOrder(store.data.move.filter(({ roomId }) => roomId === id.value)));
  const done = computed(() => moves.value.filter((move) => move.done));
  const open = computed(() => moves.value.filter((move) => !move.done));
  const next = computed<Move | null>(() => open.value[0] ?? null);
  const busy = ref(false);
  const problem = computed(() => (placeData.value ? depthProblemOf(placeData.value) : null));
  const positions = (homes: Homes) => (problem.value ? new Standing(problem.value, homes).positions : []);
  /** Where everything really stands just now. */
  const now = computed(() => homesNow(bins.value, moves.value, homesOf(bins.value)));

  /** Steps from there to what is wanted, in the order in which they are done. */
  async function stepsFrom(from: Homes, to: Homes, places: number) {
    if (!problem.value || !room.value) return null;
    const { width, depth } = room.value;
    return movesWorker().plan(
      plain({ room: { width, depth }, units: units.value, compartments: compartments.value, problem: problem.value }),
      plain(positions(from)),
      plain(positions(to)),
      places,
    );
  }
  const removed = (list: readonly Move[]) =>
    list.map((move) => ({ table: 'move' as const, id: move.id, version: move.version }));

  /** @returns how many steps there are; null where it could not be written */
  async function make(
    from: Homes,
    places: number,
    more: Partial<Batch> = {},
    kept = done.value,
  ): Promise<number | null> {
    busy.value = true;
    try {
      const update = more.update ?? [];
      // The bin that is sent to the bench is wanted nowhere.
      const benched = new Set(update.filter(({ table }) => table === 'bin').map((change) => change.id));
      const to = new Map([...homesOf(bins.value)].filter(([bin]) => !benched.has(bin)));
      const plan = await stepsFrom(from, to, places);
      const first = (kept.at(-1)?.sort ?? -1) + 1;
      const create = (plan?.moves ?? []).map((values, i) => ({
        table: 'move' as const,
        id: newId(),
        values: { ...values, roomId: id.value, sort: first + i, done: false },
      }));
      const remove = removed(moves.value.filter((move) => !kept.includes(move)));
      if (!create.length && !remove.length && !update.length) return 0;
      const ok = await store.tryWrite(() =>
        store.writeTogether({
          what: `move plan: ${create.length} steps`,
          ...(create.length ? { create } : {}),
          ...(remove.length ? { remove } : {}),
          ...(update.length ? { update } : {}),
        }),
      );
      return ok ? create.length : null;
    } finally {
      busy.value = false;
    }
  }
  /** A new plan from how the bins stood before; an older plan of the room ends. */
  const start = (before: Homes, places = USUAL_PLACES) => make(before, places, {}, []);
  const tick = (move: Move, isDone = true) => store.tryWrite(() => store.patch('move', move, { done: isDone }));
  /** It does not fit: it goes to the bench, and the rest is planned anew from how things stand now. */
  function refuse(move: Move, places = USUAL_PLACES) {
    const bin = store.maps.bin.get(move.binId)!;
    const values = { ...ON_THE_BENCH };
    return make(now.value, places, { update: [{ table: 'bin', id: bin.id, version: bin.version, values }] });
  }
  const again = (places = USUAL_PLACES) => make(now.value, places);
  /** The rest in another order, heavy ones first, as far as each step can still be done. */
  function reorder() {
    const standing = new Map(positions(homesOf(bins.value)).map(({ bin, compartment }) => [bin, compartment]));
    const masses = new Map((problem.value?.bins ?? []).map(({ id: bin, mass }) => [bin, mass]));
    const rest = open.value;
    const order = heavyFirst(
      rest.map(({ binId, fromId, to }) => ({
        bin: binId,
        from: fromId,
        to: to === 'place' ? (standing.get(binId) ?? null) : null,
        parks: to === 'parking',
      })),
      (bin) => masses.get(bin) ?? 0,
    );
    const update = order.flatMap((from, i) =>
      rest[from]!.sort === rest[i]!.sort
        ? []
        : [
            {
              table: 'move' as const,
              id: rest[from]!.id,
              version: rest[from]!.version,
              values: { sort: rest[i]!.sort },
            },
          ],
    );
    return update.length
      ? store.tryWrite(() => store.writeTogether({ what: 'moves: heavy ones first', update }))
      : Promise.resolve(false);
  }
  const end = () =>
    moves.value.length
      ? store.tryWrite(() => store.writeTogether({ what: 'move plan ended', remove: removed(moves.value) }))
      : Promise.resolve(true);
  return { moves, done, open, next, now, busy, start, tick, refuse, again, reorder, end };
}
