/** A round of tidying: who has which bins still to do, and what was ticked; it is still there when the page comes back. */
import { computed, ref } from 'vue';
import { binsFor, shareOut, tidyBins, tidyPeople, type TidyShare } from '@stube/core/tidying';
import type { RoomData } from '@stube/core/placement';
import { useSite } from '../../../data/site.ts';
import { useBinsActions } from '../bins/actions.ts';

export interface Round {
  roomId: string;
  startedAt: number;
  /** As long as a song: seconds. */
  seconds: number;
  shares: TidyShare[];
  /** Bins that are done, and when each person began the one in hand. */
  done: string[];
  begun: Record<string, number>;
}

/** Songs: their length in seconds, short to long. */
export const SONGS = [120, 240, 420] as const;
const KEPT = 'stube-tidy';

export function useTidyRound(data: () => RoomData | null) {
  const store = useSite();
  const { observe } = useBinsActions();
  const kept = sessionStorage.getItem(KEPT);
  const known = kept ? (JSON.parse(kept) as Round) : null;
  // A round of another room is not shown in this one.
  const round = ref<Round | null>(known?.roomId === data()?.room.id ? known : null);
  const keep = () =>
    round.value ? sessionStorage.setItem(KEPT, JSON.stringify(round.value)) : sessionStorage.removeItem(KEPT);
  const people = computed(() => (data() ? tidyPeople(data()!) : []));

  /** Shares out the most used bins that the chosen ones can do in the length of a song. */
  function begin(chosen: readonly string[], seconds: number): void {
    const room = data();
    if (!room) return;
    const who = people.value.filter(({ id }) => chosen.includes(id));
    const { shares } = shareOut(who, binsFor(tidyBins(room), who.length, seconds));
    const now = Date.now();
    const begun = Object.fromEntries(shares.map(({ person }) => [person, now]));
    round.value = { roomId: room.room.id, startedAt: now, seconds, shares, done: [], begun };
    keep();
  }
  const nextOf = (share: TidyShare): string | null =>
    share.bins.find((id) => store.maps.bin.has(id) && !round.value?.done.includes(id)) ?? null;
  /** A child's tap: how long it took is learned from. */
  async function tick(share: TidyShare): Promise<void> {
    const current = round.value;
    const id = nextOf(share);
    if (!current || !id) return;
    const now = Date.now();
    const seconds = Math.round((now - (current.begun[share.person] ?? now)) / 1000);
    current.done.push(id);
    current.begun[share.person] = now;
    keep();
    const bin = store.maps.bin.get(id);
    if (bin) await store.tryWrite(() => observe(bin, 'tidied', { personId: share.person, seconds }));
  }
  function end(): void {
    round.value = null;
    keep();
  }
  const isOver = computed(() => !!round.value && round.value.shares.every((share) => !nextOf(share)));
  return { round, people, begin, nextOf, tick, end, isOver };
}
