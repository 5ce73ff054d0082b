/** What visitors may read (hazard H14): no child's full name, no photograph, no word for a medicine. The key is in the locked guide. */
import type { Person } from '../../ground/model/entities.ts';
import type { LabelContent } from './label.ts';

/** Words that name a medicine. */
const MEDICINE =
  /\b(medicines?|medication|pills?|tablets|cough syrup|painkillers?|paracetamol|ibuprofen|antihistamines?|inhalers?|insulin|epi-?pens?|adrenaline|antibiotics?|asthma|epilepsy|diabet\w*|allerg\w*)\b/i;

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

const initialsOf = (name: string): string =>
  name
    .split(/[\s-]+/)
    .map((part) => [...part][0]?.toLocaleUpperCase() ?? '')
    .join('.')
    .concat('.');

/** A group (`Otters, 3 to 5`) is no child's name. */
const isGroup = (name: string): boolean => /[\d,]/.test(name);

/** Each child's whole name, and its first name as it is written, with the initials that stand for them. */
function namesOf(children: readonly Person[]): [RegExp, string][] {
  return children
    .filter(({ name }) => !isGroup(name))
    .flatMap(({ name }): [RegExp, string][] => {
      const [first] = name.split(/\s+/);
      const whole = (word: string, flags: string) =>
        new RegExp(`(?<![\\p{L}\\d])${escaped(word)}(?![\\p{L}\\d])`, flags);
      const initials = initialsOf(name);
      return [
        [whole(name, 'giu'), initials],
        [whole(first!, 'gu'), initials],
      ];
    });
}

export interface Hidden {
  code: string;
  /** As the label says it, and what that means. */
  shown: string;
  means: string;
}

/** @returns how visitors read a text: names as initials, a medicine as its code alone */
export function privateWord(text: string, children: readonly Person[], code: string): string {
  if (MEDICINE.test(text)) return code;
  return namesOf(children).reduce((now, [name, initials]) => now.replace(name, initials), text);
}

/** A label as visitors may see it. */
export function privateLabel(content: LabelContent, children: readonly Person[]): LabelContent {
  const of = (text: string) => privateWord(text, children, content.code);
  const medicine = MEDICINE.test([content.word, content.second, ...content.contents].join(' '));
  return {
    ...content,
    word: of(content.word),
    second: medicine ? '' : of(content.second),
    family: of(content.family),
    place: content.place,
    contents: medicine ? [] : content.contents.map(of),
    cells: medicine ? [] : content.cells.map((cell) => ({ ...cell, name: of(cell.name) })),
    photoId: null,
    photoMark: '',
    pictogram: medicine ? 'lock' : content.pictogram,
  };
}

/** For the locked guide: what labels do not say. */
export const hiddenOn = (before: readonly LabelContent[], after: readonly LabelContent[]): Hidden[] =>
  before.flatMap(({ code, word }, i): Hidden[] =>
    word === after[i]!.word ? [] : [{ code, shown: after[i]!.word, means: word }],
  );
