/** A round of the trainer: what is asked next, what was missed comes back, and what is kept of it at its end. */
import { computed, ref } from 'vue';
import {
  AGAIN_AFTER,
  answered,
  type Asked,
  progressOf,
  type Question,
  type QuestionKind,
  questionOf,
  roundOf,
} from '@stube/core/learning';
import type { Person, RecallState } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';
import { newId } from '../../../data/new-id.ts';

/** A round takes three minutes, or so many questions. */
export const ROUND_SECONDS = 180;
const MOST = 14;
/** Known at once: seconds. */
const QUICK = 4;
const KINDS: readonly QuestionKind[] = ['where', 'what', 'never'];

export function useLearningRound(bins: () => readonly Asked[], low: () => ReadonlySet<string>) {
  const store = useSite();
  const person = ref<Person | null>(null);
  const queue = ref<string[]>([]);
  const question = ref<Question | null>(null);
  const given = ref<string | null>(null);
  const right = ref(0);
  const asked = ref(0);
  const again = ref(0);
  const states = new Map<string, RecallState>();
  let seed = 1;
  let shownAt = 0;
  let endsAt = 0;
  const recalls = computed(() => store.data.recall.filter(({ personId }) => personId === person.value?.id));
  const progress = (of: string) =>
    progressOf(
      bins().map(({ id }) => id),
      store.data.recall.filter(({ personId }) => personId === of),
      new Date(),
    );

  function start(who: Person): void {
    person.value = who;
    states.clear();
    right.value = asked.value = again.value = 0;
    queue.value = roundOf(
      bins().map(({ id }) => id),
      recalls.value,
      new Date(),
      MOST,
    );
    endsAt = Date.now() + ROUND_SECONDS * 1000;
    next();
  }
  function next(): void {
    given.value = null;
    question.value = null;
    while (queue.value.length && !question.value && Date.now() < endsAt) {
      const id = queue.value[0]!;
      seed++;
      const adultsOnly = bins().find((bin) => bin.id === id)?.adultsOnly;
      // What must never stand low is asked of what must not; the others by turns.
      const kind = adultsOnly && seed % 2 ? 'never' : KINDS[seed % 2]!;
      question.value = questionOf(kind, id, bins(), low(), seed) ?? questionOf('what', id, bins(), low(), seed);
      if (!question.value) queue.value.shift();
    }
    shownAt = Date.now();
  }
  function answer(choice: string): void {
    const current = question.value;
    if (!current || given.value) return;
    given.value = choice;
    asked.value++;
    const ok = choice === current.answer;
    const before =
      states.get(current.binId) ?? recalls.value.find(({ binId }) => binId === current.binId)?.state ?? null;
    states.set(current.binId, answered(before, ok, new Date(), Date.now() - shownAt < QUICK * 1000));
    queue.value.shift();
    if (ok) right.value++;
    else {
      again.value++;
      queue.value.splice(AGAIN_AFTER, 0, current.binId);
    }
  }
  /** Keeps what was learned: one change, taken back as one. */
  async function finish(): Promise<void> {
    const who = person.value;
    question.value = null;
    queue.value = [];
    if (!who || !states.size) return;
    const known = new Map(recalls.value.map((recall) => [recall.binId, recall]));
    const entries = [...states].filter(([id]) => store.maps.bin.has(id));
    states.clear();
    await store.tryWrite(() =>
      store.writeTogether({
        what: `a round of ${who.name}`,
        create: entries.flatMap(([binId, state]) =>
          known.has(binId)
            ? []
            : [{ table: 'recall' as const, id: newId(), values: { personId: who.id, binId, state } }],
        ),
        update: entries.flatMap(([binId, state]) => {
          const row = known.get(binId);
          return row ? [{ table: 'recall' as const, id: row.id, version: row.version, values: { state } }] : [];
        }),
      }),
    );
  }
  const isOver = () => !queue.value.length || Date.now() >= endsAt;
  return { person, question, given, right, asked, again, queue, progress, start, next, answer, finish, isOver };
}
