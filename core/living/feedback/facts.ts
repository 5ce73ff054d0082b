/** What proposals rest on: how each bin of a room is used, reached, named and labelled. */
import { shapeOf } from '../../ground/contents/shape.ts';
import { labelsFor } from '../../labelling/labels/for-whom.ts';
import { byId } from '../../ground/model/by-id.ts';
import { bodyBand, gripHundredths, type BodyBand } from '../../ground/body/effort.ts';
import { placeProblemOf } from '../../placing/placement/place-problem-of.ts';
import { comesInto } from '../../ground/body/who-comes.ts';
import type { RoomData } from '../../placing/placement/room-data.ts';
import { starterOf } from '../../ground/starter/library.ts';
import type { BinFacts } from './proposals.ts';

const AWKWARD: readonly BodyBand[] = ['above the shoulder', 'above reach'];

/** Words that people taught: those that the class did not come with, the last one first. */
const taughtWords = (synonyms: readonly string[], starter: string | null): string[] => {
  const usual = new Set(starter ? (starterOf(starter)?.synonyms ?? []) : []);
  return synonyms.filter((word) => !usual.has(word)).reverse();
};

export function binFactsOf(data: RoomData): Map<string, BinFacts> {
  const problem = placeProblemOf(data);
  const bins = byId(data.bins);
  const spaces = byId(data.compartments);
  const people = byId(data.people);
  const words = labelsFor(data.room, data.people, data.today) === 'words';
  const cannotRead = comesInto(data.room, data.people).some(({ reads }) => !reads);
  return new Map(
    problem.bins.map((placed): [string, BinFacts] => {
      const bin = bins.get(placed.id)!;
      const space = spaces.get(bin.compartmentId ?? '');
      const category = data.categories.get(bin.categoryId)!;
      const grip = space ? gripHundredths(placed.height, { ...space, floor: space.floor + (bin.z ?? 0) }) : null;
      const bands = placed.uses.flatMap(({ person }) => {
        const who = people.get(person);
        return who?.kind === 'child' && grip !== null ? [bodyBand(grip, who.stature)] : [];
      });
      return [
        bin.id,
        {
          id: bin.id,
          categoryId: bin.categoryId,
          spaceId: bin.compartmentId,
          lid: !!shapeOf(bin, data.types)?.lid,
          perWeek: placed.uses.reduce((sum, use) => sum + use.perWeek, 0),
          wantsPicture: words && cannotRead,
          words: taughtWords(category.synonyms, category.starter),
          awkward: bands.some((band) => AWKWARD.includes(band)),
          outOfReach: bands.includes('above reach'),
          floor: space?.floor ?? 0,
        },
      ];
    }),
  );
}
