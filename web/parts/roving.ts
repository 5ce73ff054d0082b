/** A row of several controls as one stop of the Tab key: the arrows go from one to the next, Home and End to the ends. */
import { onMounted, onUpdated, type Ref } from 'vue';

const CONTROLS = ':is(button, select, input, a[href]):not(:disabled)';

export function useRoving(row: Ref<HTMLElement | null>) {
  const controls = () => [...(row.value?.querySelectorAll<HTMLElement>(CONTROLS) ?? [])];
  const settle = (chosen?: HTMLElement) => {
    const all = controls();
    const stop = chosen ?? all.find((control) => control.tabIndex === 0) ?? all[0];
    for (const control of all) control.tabIndex = control === stop ? 0 : -1;
  };
  onMounted(() => settle());
  onUpdated(() => settle());

  function onKey(event: KeyboardEvent): void {
    const all = controls();
    const at = all.indexOf(event.target as HTMLElement);
    if (at < 0 || event.ctrlKey || event.metaKey || event.altKey) return;
    const to = { ArrowRight: at + 1, ArrowLeft: at - 1, Home: 0, End: all.length - 1 }[event.key];
    const next = to === undefined ? undefined : all[to];
    if (!next) return;
    event.preventDefault();
    settle(next);
    next.focus();
  }
  return { onKey, onFocus: (event: FocusEvent) => settle(event.target as HTMLElement) };
}
