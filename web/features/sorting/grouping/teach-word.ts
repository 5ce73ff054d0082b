/** A word that nobody knew is another name of a category from then on (practice F1). */
import type { Category } from '@stube/core/model';
import { useSite } from '../../../data/site.ts';

/** Most synonyms that a category takes, and the letters of one. */
const MOST = 40;
const LETTERS = 60;

export function useTeachWord() {
  const store = useSite();
  /** @returns whether the category has it now */
  return async (category: Category, word: string): Promise<boolean> => {
    if (category.synonyms.length >= MOST) return false;
    const said = word.trim().slice(0, LETTERS);
    return store.tryWrite(() =>
      store.patch('category', category, ({ synonyms }) => ({ synonyms: [...new Set([...synonyms, said])] })),
    );
  };
}
