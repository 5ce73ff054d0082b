/** For whom labels are: pictures alone, picture and word, or words (practice L1). */
import { ageInMonths } from '../../ground/hazards/ages.ts';
import type { LabelPart, LabelsFor, Person, Room } from '../../ground/model/entities.ts';

/** Children under so many months go by pictures alone (our own judgement: three years, when first words are recognised). */
const PICTURES_UNTIL = 48;

/** As the room is set, else by the least able to read of those who come into it. */
export function labelsFor(
  room: Pick<Room, 'labelsFor' | 'people'>,
  people: readonly Person[],
  today: string,
): LabelsFor {
  if (room.labelsFor) return room.labelsFor;
  const there = people.filter((person) => !room.people.length || room.people.includes(person.id));
  const cannot = there.filter((person) => !person.reads);
  if (!cannot.length) return 'words';
  const months = cannot.map((person) => ageInMonths(person, today));
  return cannot.length === there.filter(({ kind }) => kind === 'child').length &&
    months.every((age) => age < PICTURES_UNTIL)
    ? 'pictures'
    : 'beginners';
}

/** What stands on the usual label for each. */
export const PARTS_FOR: Readonly<Record<LabelsFor, readonly LabelPart[]>> = {
  pictures: ['picture', 'colour', 'code'],
  beginners: ['picture', 'word', 'colour', 'code', 'square'],
  words: ['picture', 'word', 'colour', 'family', 'code', 'square'],
};
