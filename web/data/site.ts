/** The site that is open: its rows by table, and every change that a screen can ask for. */
import { defineStore } from 'pinia';
import { computed, reactive, ref, shallowReactive, shallowRef } from 'vue';
import { TABLES, type Row, type Site, type SiteData, type TableName } from '@stube/core/model/entities';
import type { ChangeAnswer, History, Snapshot } from '@stube/contract/answers';
import type { Batch, ImportedLines } from '@stube/contract/rows/batch';
import type { ContainRequest, NewLine, PhotoQuery, PlaceRequest, SessionRequest } from '@stube/contract/requests';
import type { EditableTable } from '@stube/contract/rows/entities';
import { api, ApiError } from './transport.ts';
import { useNotices } from './notices.ts';

type RowOf<T extends TableName> = SiteData[T][number];
const empty = (): SiteData => Object.fromEntries(TABLES.map((table) => [table, []])) as unknown as SiteData;
const mapOf = <T extends Row>(rows: readonly T[]): ReadonlyMap<string, T> => new Map(rows.map((row) => [row.id, row]));

export interface Conflict {
  table: TableName;
  mine: Record<string, unknown>;
  current: Row & Record<string, unknown>;
  write: () => Promise<void>;
}

export const useSite = defineStore('site', () => {
  const notices = useNotices();
  const data = shallowReactive<SiteData>(empty());
  const id = ref<string | null>(null);
  const history = ref<History>({ undo: null, redo: null });
  const state = ref<'none' | 'loading' | 'ready' | 'missing'>('none');
  const conflict = shallowRef<Conflict | null>(null);
  const busy = ref(0);

  const maps = reactive(
    Object.fromEntries(TABLES.map((table) => [table, computed(() => mapOf(data[table] as unknown as Row[]))])),
  ) as unknown as { [T in TableName]: ReadonlyMap<string, RowOf<T>> };
  const site = computed<Site | undefined>(() => data.site[0]);
  const rooms = computed(() => [...data.room].sort((a, b) => a.sort - b.sort));

  async function open(siteId: string): Promise<void> {
    if (id.value !== siteId) {
      Object.assign(data, empty());
      id.value = siteId;
      state.value = 'loading';
    }
    try {
      const snapshot = await api<Snapshot>('GET', `/sites/${siteId}`);
      if (id.value !== siteId) return;
      Object.assign(data, snapshot.data);
      history.value = snapshot.history;
      state.value = 'ready';
    } catch (error) {
      if (error instanceof ApiError && error.status === 404) state.value = 'missing';
      else notices.warn((error as Error).message);
    }
  }

  function apply(answer: ChangeAnswer): void {
    for (const table of TABLES) {
      const rows = answer.rows[table] as Row[] | undefined;
      const gone = new Set(answer.removed[table] ?? []);
      if (!rows?.length && !gone.size) continue;
      const fresh = new Map((rows ?? []).map((row) => [row.id, row]));
      const kept = (data[table] as Row[])
        .filter((row) => !gone.has(row.id))
        .map((row) => {
          const newer = fresh.get(row.id);
          fresh.delete(row.id);
          return newer ?? row;
        });
      (data as unknown as Record<TableName, Row[]>)[table] = [...kept, ...fresh.values()];
    }
    history.value = answer.history;
  }

  /** Sends a change and follows its answer. Problems at fields are thrown for the form to show; all others are said here. */
  async function send(method: 'POST' | 'PATCH' | 'DELETE', path: string, body?: unknown): Promise<ChangeAnswer | null> {
    busy.value++;
    try {
      const answer = await api<ChangeAnswer | { nothing: true }>(method, `/sites/${id.value}${path}`, body);
      if ('nothing' in answer) return null;
      apply(answer);
      return answer;
    } catch (error) {
      if (!(error instanceof ApiError) || (error.status !== 400 && error.status !== 422 && error.status !== 409)) {
        notices.warn((error as Error).message);
        if (error instanceof ApiError && error.status === 404 && id.value) void open(id.value);
      }
      throw error;
    } finally {
      busy.value--;
    }
  }

  /** Runs a change from a button: a refusal is said in words instead of being thrown. True when it was written. */
  async function attempt(work: () => Promise<unknown>): Promise<boolean> {
    try {
      await work();
      return true;
    } catch (error) {
      if (!(error instanceof ApiError)) throw error;
      if (error.status === 400 || error.status === 422)
        notices.warn(error.problem.fields[0] ? `${error.problem.fields[0].message}` : error.message);
      return false;
    }
  }

  const create = (table: EditableTable, values: Record<string, unknown>) => send('POST', `/rows/${table}`, values);

  /** Writes some fields; when the row was changed elsewhere meanwhile, both are shown and the person decides. */
  async function patch<T extends TableName>(table: T, row: RowOf<T>, values: Partial<RowOf<T>>): Promise<boolean> {
    try {
      await send('PATCH', `/rows/${table}/${row.id}`, { ...values, version: row.version });
      return true;
    } catch (error) {
      if (!(error instanceof ApiError) || error.status !== 409) throw error;
      const current = error.problem.current as (Row & Record<string, unknown>) | null;
      if (!current) return false;
      apply({ revision: 0, what: '', rows: { [table]: [current] }, removed: {}, history: history.value });
      conflict.value = {
        table,
        mine: values as Record<string, unknown>,
        current,
        write: async () => void (await patch(table, current as unknown as RowOf<T>, values)),
      };
      return false;
    }
  }

  /** Says what was done, with the undo beside it. */
  const sayDone = (words: string) => notices.say(words, { label: 'Undo', run: () => void step('undo') });

  async function remove(table: TableName, row: Row, said: string): Promise<boolean> {
    const done = await attempt(() => send('DELETE', `/rows/${table}/${row.id}`, { version: row.version }));
    if (done) sayDone(`${said} removed.`);
    return done;
  }

  async function step(direction: 'undo' | 'redo'): Promise<void> {
    await attempt(async () => {
      const answer = await send('POST', `/${direction}`);
      notices.say(
        answer ? `${direction === 'undo' ? 'Taken back' : 'Done again'}: ${answer.what}` : `Nothing to ${direction}.`,
      );
    });
  }

  const addLine = (line: NewLine) => send('POST', '/lines', line);
  const categorise = (line: Row, starter: string) =>
    send('POST', `/lines/${line.id}/category`, { starter, version: line.version });
  const contain = (roomId: string, request: ContainRequest) => send('POST', `/rooms/${roomId}/contain`, request);
  const place = (roomId: string, request: PlaceRequest) => send('POST', `/rooms/${roomId}/place`, request);
  const writeTogether = (batch: Batch) => send('POST', '/batch', batch);
  const importLines = (list: ImportedLines) => send('POST', '/import', list);
  const runSession = (roomId: string, act: SessionRequest['act']) => send('POST', `/rooms/${roomId}/session`, { act });
  const addPhoto = (roomId: string, { lineId, ...query }: PhotoQuery, jpeg: Blob) => {
    const said = Object.entries({ ...query, ...(lineId ? { lineId } : {}) }).map(([key, value]) => [
      key,
      String(value),
    ]);
    return send('POST', `/rooms/${roomId}/photos?${new URLSearchParams(said)}`, jpeg);
  };
  const markPrinted = (bins: string[]) => send('POST', '/printed', { bins });
  const recordFull = (bin: Row, full: number) => send('POST', `/bins/${bin.id}/seen`, { full, version: bin.version });

  return {
    data,
    maps,
    id,
    site,
    rooms,
    history,
    state,
    conflict,
    busy,
    open,
    apply,
    attempt,
    sayDone,
    create,
    patch,
    remove,
    step,
    addLine,
    categorise,
    contain,
    place,
    writeTogether,
    importLines,
    runSession,
    addPhoto,
    markPrinted,
    recordFull,
  };
});
