/** A field that shows what is known, but is not written over while somebody is in it: `v-held="value"` in place of `:value`. */
import type { Directive } from 'vue';

type Shown = string | number | null | undefined;
interface Held {
  now: string;
  /** What stood in it when somebody came into it. */
  found: string;
}
const held = new WeakMap<HTMLInputElement, Held>();
const inWords = (value: Shown): string => (value === null || value === undefined ? '' : String(value));

export const vHeld: Directive<HTMLInputElement, Shown> = {
  created(field, { value }) {
    const state = { now: inWords(value), found: '' };
    held.set(field, state);
    field.value = state.now;
    field.addEventListener('focus', () => (state.found = field.value));
    // Nothing was typed: what became known meanwhile is shown.
    field.addEventListener('blur', () => field.value === state.found && (field.value = state.now));
  },
  updated(field, { value }) {
    const state = held.get(field)!;
    state.now = inWords(value);
    if (document.activeElement !== field) field.value = state.now;
  },
};
