/** The vocabulary, asked for after the first screen; until it is there, names are understood by the library's own words. */
import { readonly, type Ref, shallowRef } from 'vue';
import { useWords, vocabulary } from '@stube/core/vocabulary';

const isReady = shallowRef(false);
let asked = false;

/** It is read where nobody waits: that takes a tenth of a second. */
const whenIdle = (act: () => void): void => {
  if ('requestIdleCallback' in window) requestIdleCallback(act, { timeout: 2000 });
  else setTimeout(act, 200);
};

/** Whether names are understood by meaning; a screen that asks for it is drawn anew when they are. */
export function useVocabulary(): Readonly<Ref<boolean>> {
  if (!asked) {
    asked = true;
    whenIdle(() => {
      import('@stube/core/vocabulary/words').then(
        ({ WORDS }) =>
          whenIdle(() => {
            useWords(WORDS);
            vocabulary();
            isReady.value = true;
          }),
        // Without a network it is asked for once more the next time.
        () => (asked = false),
      );
    });
  }
  return readonly(isReady);
}
