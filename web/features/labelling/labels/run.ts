/** The print run of a room: what is due in one layout, as it comes out of the printer. */
import { computed, ref, watch } from 'vue';
import {
  byLayout,
  type DueLabel,
  dueLabels,
  type LabelContent,
  type LabelData,
  labelDataOf,
  labelRun,
  type LabelRun,
  lookOf,
  oldLabels,
} from '@stube/core/labels';
import { groupedBy, LABEL_ROLES, type LabelRole, type Paper } from '@stube/core/model';
import { useRoom } from '../../../data/room.ts';
import { useSite } from '../../../data/site.ts';
import { today } from '../../../parts/day.ts';
import { facesReady, measureText } from './measure-text.ts';

/** What the labels of a room follow from; null where the room is not there. */
export function labelDataOfSite(store: ReturnType<typeof useSite>, roomId: string): LabelData | null {
  if (!store.maps.room.has(roomId)) return null;
  return labelDataOf(store.data, roomId, () => store.contents, `${location.origin}/s/${store.id}`, today());
}

export const ROLE_NAMES: Readonly<Record<LabelRole, string>> = {
  bin: 'on containers',
  place: 'at their places',
  cell: 'in compartments',
  lid: 'inside lids',
  number: 'on numbered sets',
  divider: 'between books',
};

export function useLabelRun() {
  const { store, id, room } = useRoom();
  /** Widths are only right once the face is there. */
  const ready = ref(0);
  const data = computed(() => labelDataOfSite(store, id.value));
  const roles = ref<LabelRole[]>(['bin', 'cell']);
  const all = computed<ReadonlyMap<LabelRole, DueLabel[]>>(() => {
    const labels = groupedBy(data.value ? dueLabels(data.value, LABEL_ROLES) : [], ({ content }) => content.role);
    return new Map(LABEL_ROLES.map((role) => [role, labels.get(role) ?? []]));
  });
  /** Letters beyond those of the Latin face, which come with faces of their own. */
  const letters = computed(() => {
    const words = [...all.value.values()].flatMap((labels) =>
      labels.map(({ content }) => `${content.word}${content.second}${content.family}`),
    );
    return [
      'A',
      ...new Set(words.join('').match(/[^\p{Script=Latin}\p{Script=Common}]|\p{Extended_Pictographic}/gu)),
    ].join('');
  });
  watch(letters, (told) => void facesReady(told).then(() => ready.value++), { immediate: true });
  /** What was printed once is kept true, whether or not it is chosen now. */
  const due = computed(() =>
    LABEL_ROLES.flatMap((role) =>
      all.value.get(role)!.filter(({ printed }) => roles.value.includes(role) || printed !== null),
    ),
  );
  const isDue = ({ reason }: DueLabel) => reason !== null;
  const which = ref<'changed' | 'all'>(due.value.some(isDue) ? 'changed' : 'all');
  /** By what they look like; the room's usual layout first. */
  const layouts = computed(() => {
    const found = byLayout(due.value);
    const usual = room.value?.labelLayoutId ?? null;
    const ids = new Set([usual, ...found.keys(), ...store.data.labelLayout.map((layout) => layout.id)]);
    return [...ids].map((layoutId) => {
      const labels = found.get(layoutId) ?? [];
      return {
        id: layoutId,
        name: layoutId === null ? 'The usual sheets' : (store.maps.labelLayout.get(layoutId)?.name ?? ''),
        labels,
        due: labels.filter(isDue).length,
      };
    });
  });
  const picked = ref<string | null | undefined>(undefined);
  /** The one that was picked, else the first of which something is due. */
  const layoutId = computed<string | null>(() => {
    const known = layouts.value.map((layout) => layout.id);
    if (picked.value !== undefined && known.includes(picked.value)) return picked.value;
    return (layouts.value.find((layout) => layout.due) ?? layouts.value[0])?.id ?? null;
  });
  const layout = computed(() => (layoutId.value ? store.maps.labelLayout.get(layoutId.value) : undefined));
  const chosen = computed(() =>
    (layouts.value.find((known) => known.id === layoutId.value)?.labels ?? []).filter(
      (label) => which.value === 'all' || isDue(label),
    ),
  );
  const paper = computed<Paper>({
    get: () => store.site?.paper ?? 'A4',
    set: (wanted) => void store.tryWrite(() => store.patch('site', store.site!, { paper: wanted })),
  });
  const look = computed(() => (data.value ? lookOf(data.value, layoutId.value) : null));
  const laid = (contents: readonly LabelContent[]): LabelRun | null =>
    look.value && room.value
      ? labelRun(
          contents,
          { look: look.value, paper: paper.value, room: room.value, inches: store.site?.system === 'imperial' },
          measureText,
        )
      : null;
  const run = computed(() => (ready.value ? laid(chosen.value.map(({ content }) => content)) : null));
  /** Whether a label has room for another name. */
  const fits = (content: LabelContent, word: string): boolean => laid([{ ...content, word }])?.labels[0]?.cut === false;
  const old = computed(() => (data.value ? oldLabels(data.value) : []));
  const address = computed(() => {
    const told = new URLSearchParams({
      room: id.value,
      which: which.value,
      layout: layoutId.value ?? 'usual',
      roles: [...new Set(chosen.value.map(({ content }) => content.role))].join(',') || 'bin',
    });
    return { pdf: `/api/sites/${store.id}/labels.pdf?${told}&paper=${paper.value}`, told };
  });
  return {
    store,
    id,
    room,
    data,
    roles,
    all,
    due,
    which,
    layouts,
    picked,
    layoutId,
    layout,
    look,
    chosen,
    paper,
    run,
    fits,
    old,
    address,
  };
}
export type LabelRunView = ReturnType<typeof useLabelRun>;
