/** Which column of somebody's list says what: guessed from its heading, put right by hand. */
import { plain } from '../../ground/matching/words.ts';

export const COLUMNS = [
  { key: 'name', title: 'what it is', words: 'what name item thing description title article object' },
  { key: 'amount', title: 'how many', words: 'how many amount count number quantity qty pieces pcs' },
  { key: 'measure', title: 'measure', words: 'unit measure container packing' },
  { key: 'room', title: 'where it is', words: 'where is it now room place location stored shelf' },
  { key: 'length', title: 'long', words: 'length long l' },
  { key: 'width', title: 'wide', words: 'width wide breadth w b' },
  { key: 'height', title: 'high', words: 'height high h thickness' },
  { key: 'size', title: 'size', words: 'size sizes dimensions measurements format' },
  { key: 'condition', title: 'condition', words: 'condition state quality shape' },
  { key: 'users', title: 'who uses it', words: 'who uses user users group person people for' },
  { key: 'perWeek', title: 'times a week', words: 'per week times weekly how often frequency use' },
  { key: 'decision', title: 'decision', words: 'keep decision fate status stays' },
  { key: 'category', title: 'category', words: 'category kind class type family' },
  { key: 'note', title: 'note', words: 'remarks remark note notes comment comments' },
] as const;
export type ColumnKey = (typeof COLUMNS)[number]['key'];

/** For each column of the table what it means, null where it means nothing here. */
export type Mapping = (ColumnKey | null)[];

/** Each meaning goes to the heading that shares most words with it; none is given twice. */
export function guessColumns(headings: readonly string[]): Mapping {
  const scored = headings.flatMap((heading, i) => {
    const said = plain(heading).split(' ').filter(Boolean);
    return COLUMNS.map(({ key, words }) => {
      const known = words.split(' ');
      const shared = said.filter((word) => known.includes(word)).length;
      return { i, key, score: said.length ? shared / said.length + shared * 0.1 : 0 };
    });
  });
  const mapping: Mapping = headings.map(() => null);
  const used = new Set<string>();
  for (const { i, key, score } of scored.sort((a, b) => b.score - a.score)) {
    if (score < 0.3 || mapping[i] !== null || used.has(key)) continue;
    mapping[i] = key;
    used.add(key);
  }
  return mapping;
}
