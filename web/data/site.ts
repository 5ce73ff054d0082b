/** The site that is open: its rows, how it is followed, and the acts that are alike for all rows. Features add their own. */
import { inOrder, type Row, type RowOf, type Site, type TableName } from '@stube/core/model';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import { type Contents, contentsOf } from '@stube/core/contents';
import type { ChangeAnswer, History, SiteChanges, Snapshot } from '@stube/contract/answers';
import type { Batch, BatchTable } from '@stube/contract/rows/batch';
import type { CreatableTable } from '@stube/contract/rows/schemas';
import { MAX_WHAT } from '@stube/contract/rows/what';
import { useCache } from './cache.ts';
import { changesOf, isUntouched, useConflict } from './conflict.ts';
import { newId } from './new-id.ts';
import { useNotices } from './notices.ts';
import { OwnWrites } from './own-writes.ts';
import { keepDaysOf } from '../parts/day.ts';
import { api, ApiError } from './transport.ts';

export const useSite = defineStore('site', () => {
  const notices = useNotices();
  const { data, maps, clear, fill, apply: applyRows } = useCache();
  const conflict = useConflict();
  const id = ref<string | null>(null);
  const history = ref<History>({ undo: null, redo: null });
  const state = ref<'none' | 'loading' | 'ready' | 'missing'>('none');
  const busy = ref(0);
  const own = new OwnWrites();
  /** Writes of rows go one after the other: each knows what the one before it made. */
  let before: Promise<unknown> = Promise.resolve();
  /** Up to which revision of the site its rows are known. */
  let revision = 0;

  const site = computed<Site | undefined>(() => data.site[0]);
  const rooms = computed(() => inOrder(data.room));
  watch(() => site.value?.timeZone ?? null, keepDaysOf, { immediate: true, flush: 'sync' });

  /** What is in each bin, by its id: it follows from the lines. */
  const contents = computed<ReadonlyMap<string, Contents>>(() =>
    site.value
      ? contentsOf({
          bins: data.bin,
          lines: data.line,
          categories: maps.category,
          types: maps.containerType,
          site: site.value,
        })
      : new Map(),
  );

  async function open(siteId: string): Promise<void> {
    if (id.value !== siteId) {
      clear();
      revision = 0;
      id.value = siteId;
      state.value = 'loading';
    }
    try {
      if (state.value === 'ready' && (await follow(siteId))) return;
      const snapshot = await api<Snapshot>('GET', `/sites/${siteId}`);
      if (id.value !== siteId) return;
      fill(snapshot.data);
      revision = snapshot.revision;
      history.value = snapshot.history;
      state.value = 'ready';
    } catch (error) {
      if (id.value !== siteId) return;
      if (error instanceof ApiError && error.status === 404) state.value = 'missing';
      else notices.warn((error as Error).message);
    }
  }

  /** Takes over what others have changed meanwhile; false where the whole has to be read anew. */
  async function follow(siteId: string): Promise<boolean> {
    const changes = await api<SiteChanges | { whole: true }>('GET', `/sites/${siteId}/changes?since=${revision}`);
    if ('whole' in changes) return false;
    if (id.value === siteId) {
      applyRows(changes);
      revision = Math.max(revision, changes.revision);
      history.value = changes.history;
    }
    return true;
  }

  function apply(answer: ChangeAnswer): void {
    for (const [table, rows] of Object.entries(answer.rows) as [TableName, Row[]][])
      for (const row of rows) {
        const was = maps[table].get(row.id);
        if (was) own.wrote(table, was, row.version, Object.keys(changesOf(was as Row, row)));
      }
    applyRows(answer);
    // Rows of others between are still to be asked for: only the next revision is known without a gap.
    if (answer.revision === revision + 1) revision = answer.revision;
    history.value = answer.history;
  }

  /**
   * Sends a change and follows its answer. Problems at fields are thrown for the form to show; all others are said here.
   * @param body where it is a function it is made when its turn has come, after what was written before it; null where
   * nothing is to be written any more
   */
  async function send(method: 'POST' | 'PATCH' | 'DELETE', path: string, body?: unknown): Promise<ChangeAnswer | null> {
    busy.value++;
    const siteId = id.value;
    const write = async () => {
      const made = typeof body === 'function' ? (body as () => unknown)() : body;
      if (made === null) return null;
      const answer = await api<ChangeAnswer | { nothing: true }>(method, `/sites/${siteId}${path}`, made);
      if ('nothing' in answer) return null;
      if (id.value === siteId) apply(answer);
      return answer;
    };
    // What takes long, as a plan does, holds nothing up.
    const inTurn = path.startsWith('/rows/') || typeof body === 'function';
    const turn = inTurn ? before.then(write) : write();
    if (inTurn) before = turn.catch(() => undefined);
    try {
      return await turn;
    } catch (error) {
      if (!(error instanceof ApiError) || (error.status !== 400 && error.status !== 422 && error.status !== 409)) {
        notices.warn((error as Error).message);
        if (error instanceof ApiError && error.status === 404 && siteId) void open(siteId);
      }
      throw error;
    } finally {
      busy.value--;
    }
  }

  /** Runs a change from a button: a refusal is said in words instead of being thrown. True when it was written. */
  async function tryWrite(work: () => Promise<unknown>): Promise<boolean> {
    try {
      await work();
      return true;
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      const first = error.problem.fields[0];
      if (error.status === 400 || error.status === 422) notices.warn(first ? first.message : error.message);
      if (error.status === 409) {
        notices.warn(error.message);
        if (id.value) void open(id.value);
      }
      return false;
    }
  }

  /** The version from which an act on a row goes on: past what this window wrote since it was read. */
  const versionOf = (table: TableName, row: Row): number => own.versionFor(table, row, {});

  const create = (table: CreatableTable, values: Record<string, unknown>) => send('POST', `/rows/${table}`, values);

  /**
   * Writes those of some fields that are others now. What was written elsewhere meanwhile in other fields stays; where it
   * is the same field, both are shown and the person decides.
   * @param change the fields, or how they follow from the row as it then is: for what is a part of a list or an object
   */
  async function patch<T extends TableName>(
    table: T,
    row: RowOf<T>,
    change: Partial<RowOf<T>> | ((now: RowOf<T>) => Partial<RowOf<T>>),
  ): Promise<boolean> {
    let values: Partial<RowOf<T>> = {};
    let from = row;
    const make = () => {
      const now = maps[table].get(row.id) as RowOf<T> | undefined;
      // Past what this window wrote since the row was read.
      const known = now?.version === versionOf(table, row) ? now : row;
      values = changesOf(known, typeof change === 'function' ? change(known) : change);
      from = typeof change === 'function' || own.versionFor(table, row, values) === known.version ? known : row;
      return Object.keys(values).length ? { ...values, version: from.version } : null;
    };
    try {
      await send('PATCH', `/rows/${table}/${row.id}`, make);
      return true;
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 409) throw error;
      const current = error.problem.current as RowOf<T> | null;
      if (!current) return false;
      applyRows({ rows: { [table]: [current] }, removed: {} });
      const again = () => patch(table, current, typeof change === 'function' ? change : values);
      if (isUntouched(values, from, current)) return again();
      conflict.value = { table, mine: values, current: current as never, write: async () => void (await again()) };
      return false;
    }
  }

  /** Says what was done, with the undo beside it. */
  const sayDone = (words: string) => notices.say(words, { label: 'Undo', run: () => void step('undo') });

  async function remove(table: TableName, row: Row, said: string): Promise<boolean> {
    const of = id.value;
    // Pressed twice it is gone already.
    const isGone = () => id.value === of && !maps[table].has(row.id);
    const make = () => (isGone() ? null : { version: versionOf(table, row) });
    const done = await tryWrite(() => send('DELETE', `/rows/${table}/${row.id}`, make));
    if (done) sayDone(`${said} removed.`);
    return done;
  }

  async function step(direction: 'undo' | 'redo'): Promise<void> {
    await tryWrite(async () => {
      // What was pressed just before it is taken back as well.
      const answer = await send('POST', `/${direction}`, () => undefined);
      notices.say(
        answer ? `${direction === 'undo' ? 'Taken back' : 'Done again'}: ${answer.what}` : `Nothing to ${direction}.`,
      );
    });
  }

  /** Several writes that hold together or not at all. @param batch made when its turn has come, where it is a function; null: nothing */
  const writeTogether = (batch: Batch | (() => Batch | null)): Promise<ChangeAnswer | null> =>
    send('POST', '/batch', () => {
      const made = typeof batch === 'function' ? batch() : batch;
      if (!made) return null;
      // No half of a letter at the end.
      const what = made.what.slice(0, MAX_WHAT).replace(/[\ud800-\udbff]$/, '');
      const update = made.update?.map((one) => ({ ...one, version: own.versionFor(one.table, one, one.values) }));
      const gone = made.remove?.map((one) => ({ ...one, version: versionOf(one.table, one) }));
      return { ...made, what, ...(update ? { update } : {}), ...(gone ? { remove: gone } : {}) };
    });

  /**
   * Writes into the row that is there when its turn has come, or makes it: what is said twice of one thing stands in one row.
   * @param find the row, if there is one by then
   * @param values all that a new one needs
   */
  const putRow = <T extends BatchTable>(
    table: T,
    what: string,
    find: () => RowOf<T> | undefined,
    values: (now: RowOf<T> | undefined) => Partial<RowOf<T>>,
  ): Promise<ChangeAnswer | null> =>
    writeTogether(() => {
      const now = find();
      const written = { table, id: now?.id ?? newId(), values: values(now) };
      return now ? { what, update: [{ ...written, version: now.version }] } : { what, create: [written] };
    });

  return {
    data,
    maps,
    id,
    site,
    rooms,
    contents,
    history,
    state,
    conflict,
    busy,
    open,
    send,
    tryWrite,
    sayDone,
    versionOf,
    create,
    patch,
    remove,
    step,
    writeTogether,
    putRow,
  };
});
