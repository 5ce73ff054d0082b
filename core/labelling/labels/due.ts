/** Labels kept true (practice L5): which are due and why, and which old ones are to be taken off. */
import { byId } from '../../ground/model/by-id.ts';
import type { LabelRole, PrintedLabel, Says } from '../../ground/model/entities.ts';
import { keyOf, type LabelContent } from './label.ts';
import type { LabelData } from './label-data.ts';
import { labelledBins, labelsOfRole, layoutIdOf, usualLook } from './labels-of-room.ts';
import type { Look } from './lay-out-label.ts';

/** Labels of lids and dividers look as their use asks for, whatever the layout. */
const OWN_LOOK: readonly LabelRole[] = ['cell', 'lid', 'divider'];

export interface DueLabel {
  content: LabelContent;
  /** Null: the usual look of the room. */
  layoutId: string | null;
  /** What it will say, as it is remembered when it is printed. */
  says: Says;
  printed: PrintedLabel | null;
  /** Why it is due, as a sentence without its full stop; null where what hangs there is true. */
  reason: string | null;
}

/** The look of a label: that of its layout, or the usual one. */
export const lookOf = (data: LabelData, layoutId: string | null): ReturnType<typeof usualLook> =>
  (layoutId !== null && data.layouts.get(layoutId)) || usualLook(data);

/** What a label says, as far as its look shows it. */
export function saysOf(content: LabelContent, { parts }: Pick<Look, 'parts'>): Says {
  const { role } = content;
  const container = role === 'bin' || role === 'lid' ? { container: content.container } : {};
  if (role === 'lid')
    return {
      code: content.code,
      word: content.word,
      contents: content.grid
        ? content.cells.map(({ number, name }) => `${number} ${name}`).join('; ')
        : content.contents.join('; '),
      ...container,
    };
  if (role === 'divider') return { word: content.word, picture: content.pictogram, colour: content.hue };
  if (role === 'number') return { code: content.code, word: content.word, second: content.second };
  const said: Says = { ...container };
  if (content.contents.length) said.contents = content.contents.join('; ');
  for (const part of parts) {
    if (part === 'picture') said.picture = (content.photoId && content.photoMark) || content.pictogram;
    else if (part === 'colour') said.colour = content.hue;
    else if (part === 'contents') continue;
    else if (part === 'place') said.place = content.place;
    else if (part !== 'square') said[part] = content[part];
  }
  return said;
}

/** In the order in which they matter, and what is said where it has changed. */
const CHANGED: readonly [part: keyof Says, words: (before: string) => string][] = [
  ['word', (before) => `says “${before}”`],
  ['code', (before) => `has the code ${before}`],
  ['container', () => 'is on another container'],
  ['contents', () => 'lists what is not in it any more, or not all of it'],
  ['place', (before) => `says that it stands at ${before}`],
  ['picture', () => 'shows another picture'],
  ['colour', () => 'has another colour'],
  ['second', (before) => (before ? `says “${before}” below` : 'has no second line')],
  ['family', (before) => `says “${before}”`],
];

/**
 * @param layoutId how it is printed now
 * @param compartmentId where it hangs now, of the label of a place
 * @returns null where the printed label is true
 */
function reasonOf(
  printed: PrintedLabel | null,
  says: Says,
  layoutId: string | null,
  compartmentId: string | null,
): string | null {
  if (!printed) return 'not printed yet';
  if (printed.compartmentId !== compartmentId) return 'the printed one hangs where it stood before';
  if (!Object.keys(printed.says).length) return 'printed in a layout that was changed since';
  for (const [part, words] of CHANGED) {
    const before = printed.says[part];
    if (before !== undefined && says[part] !== undefined && before !== says[part])
      return `the printed one ${words(before)}`;
  }
  if (printed.layoutId !== layoutId) return 'the printed one is of another kind';
  // Of labels from before days were noted only code and name are known.
  if (printed.printedOn === null) return null;
  const more = (Object.keys(says) as (keyof Says)[]).find((part) => says[part] && printed.says[part] === undefined);
  return more ? 'more is to stand on it now' : null;
}

/** Every label of these roles, with whether it is due. */
export function dueLabels(data: LabelData, roles: readonly LabelRole[]): DueLabel[] {
  const hanging = new Map(
    data.printed.filter(({ old }) => !old).map((label): [string, PrintedLabel] => [keyOf(label), label]),
  );
  const bins = byId(data.bins);
  const labelled = labelledBins(data);
  return roles.flatMap((role) =>
    labelsOfRole(role, data, labelled).map((content): DueLabel => {
      const layoutId = OWN_LOOK.includes(role) ? null : layoutIdOf(bins.get(content.binId ?? ''), data.room);
      const says = saysOf(content, lookOf(data, layoutId));
      const printed = hanging.get(keyOf(content)) ?? null;
      return { content, layoutId, says, printed, reason: reasonOf(printed, says, layoutId, content.compartmentId) };
    }),
  );
}

/** A label that hangs where it is no longer true. */
export interface OldLabel {
  printed: PrintedLabel;
  words: string;
}

const ROLE_WORDS: Readonly<Record<LabelRole, string>> = {
  bin: 'on its container',
  place: 'at its place',
  cell: 'in a compartment of its own',
  lid: 'inside the lid',
  number: 'on a numbered set',
  divider: 'on a divider',
};

/** What is to be taken off: its bin is gone, or it stands elsewhere. */
export function oldLabels(data: LabelData): OldLabel[] {
  const roles = [...new Set(data.printed.map(({ role }) => role))].filter((role) => role !== 'number');
  const labelled = labelledBins(data);
  const there = new Map(
    roles.flatMap((role) => labelsOfRole(role, data, labelled)).map((content) => [keyOf(content), content]),
  );
  return data.printed
    .filter((printed) => {
      if (printed.old) return true;
      const now = there.get(keyOf(printed));
      if (printed.role === 'place') return !now || now.compartmentId !== printed.compartmentId;
      if (printed.role === 'cell' || printed.role === 'lid' || printed.role === 'divider') return !now;
      return false;
    })
    .map((printed) => {
      const space = data.spaces.get(printed.compartmentId ?? '');
      const at = space ? ` (${data.units.get(space.unitId)?.name ?? ''} › ${space.name})` : '';
      return {
        printed,
        words: `${[printed.says.code, printed.says.word].filter(Boolean).join(' ')}, ${ROLE_WORDS[printed.role]}${at}`,
      };
    });
}

/** Bins of which the label is printed and true. */
export function binsLabelled(data: LabelData): number {
  return dueLabels(data, ['bin']).filter(({ reason }) => reason === null).length;
}

/** Labels by what they look like: those of one are printed in one run. Null is the usual look. */
export function byLayout(labels: readonly DueLabel[]): Map<string | null, DueLabel[]> {
  const found = new Map<string | null, DueLabel[]>();
  for (const label of labels) {
    const same = found.get(label.layoutId);
    if (same) same.push(label);
    else found.set(label.layoutId, [label]);
  }
  return found;
}
