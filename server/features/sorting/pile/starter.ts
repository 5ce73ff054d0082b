/** Categories of the starter library, taken into a site when they are first needed. */
import { defaultsOf } from '@stube/core/model';
import { ODDS_AND_ENDS } from '@stube/core/pile';
import { type StarterCategory, starterFamilyOf, starterOf } from '@stube/core/starter';
import { newId } from '../../../db/ids.ts';
import { Refused } from '../../../db/problems.ts';
import type { Recorder } from '../../../db/recorder.ts';

/** The limit of a catch-all (practice G4): one shoebox a room, to be changed by hand. */
async function limitOfOdds(recorder: Recorder): Promise<{ containerTypeId: string; count: number } | null> {
  const [box] = await recorder.rows('containerType', { name: 'Shoebox' });
  return box ? { containerTypeId: box.id, count: 1 } : null;
}

/** @throws Refused when the library has no such entry */
export function knownStarter(key: string, field = 'starter'): StarterCategory {
  const starter = starterOf(key);
  if (!starter) throw new Refused([{ field, message: 'is not in the starter library' }]);
  return starter;
}

/** The site's category of that library entry; it is made, with its family, when the site does not have it yet. */
export async function takeStarter(recorder: Recorder, starter: StarterCategory): Promise<string> {
  const [same] = await recorder.rows('category', { starter: starter.key });
  if (same) return same.id;
  let familyId = (await recorder.rows('family', { name: starter.family }))[0]?.id;
  if (!familyId) {
    const { name, hue, pictogram } = starterFamilyOf(starter.family)!;
    familyId = newId();
    const sort = (await recorder.rows('family')).length;
    await recorder.insert('family', [{ ...defaultsOf('family'), id: familyId, name, hue, pictogram, sort }]);
  }
  const { key, family: _family, piece: _piece, ...traits } = starter;
  const id = newId();
  const limit = key === ODDS_AND_ENDS ? await limitOfOdds(recorder) : null;
  await recorder.insert('category', [{ ...defaultsOf('category'), id, ...traits, familyId, starter: key, limit }]);
  return id;
}
