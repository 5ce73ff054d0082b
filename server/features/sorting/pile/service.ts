/** Lines of the pile: read as typed, with a category proposed and taken into the site when it is new there. */
import { momentIn } from '@stube/core/calendar';
import { sortAfter } from '@stube/core/model';
import { decisionFor, isParsedLine, kindIn, kindPutRight, lineOf, parseLine } from '@stube/core/pile';
import { knownCategories, proposeCategories } from '@stube/core/matching';
import { useWords } from '@stube/core/vocabulary';
import { WORDS } from '@stube/core/vocabulary/words';
import type { ChangeAnswer } from '@stube/contract/answers';
import type { NewLine } from '@stube/contract/pile/requests';
import { makeChange } from '../../../db/change.ts';
import { newId } from '../../../db/ids.ts';
import { Refused } from '../../../db/problems.ts';
import type { Recorder } from '../../../db/recorder.ts';
import type { Scope } from '../../../db/scope.ts';
import { toOtherRoom } from './changed.ts';
import { knownStarter, takeStarter } from './starter.ts';

useWords(WORDS);

/** The place after the last line of the site. */
export const nextSort = async (recorder: Recorder): Promise<number> =>
  sortAfter(await recorder.greatest('line', 'sort'));

export async function addLine(scope: Scope, wanted: NewLine): Promise<ChangeAnswer> {
  return makeChange(scope, '', async (recorder) => {
    const site = await recorder.find('site', scope.siteId);
    await recorder.find('room', wanted.roomId);
    const now = momentIn(site.timeZone, scope.now);
    const read = parseLine(wanted.text, site.system, {
      // Where the site has no time zone of its own, the person's day counts.
      today: (site.timeZone ? null : wanted.today) ?? now.today,
      ignore: new Set(wanted.ignore),
    });
    if (!isParsedLine(read)) throw new Refused([read]);
    recorder.what = `add ${read.name}`;
    const categoryId = await categoryFor(recorder, wanted, read.name);
    const id = newId();
    const place = { roomId: wanted.roomId, categoryId, sort: await nextSort(recorder) };
    const values = lineOf(read, place, decisionFor(read, site, wanted.decision), now);
    // Chosen by hand, a category says what kind of thing it is better than the words do.
    const category = categoryId ? await recorder.find('category', categoryId) : null;
    const kind = kindIn(values.kind, category?.starter ?? null);
    const [line] = await recorder.insert('line', [{ id, ...values, kind }]);
    await toOtherRoom(recorder, line!, now);
    return id;
  });
}

/** As chosen, else the likeliest. */
async function categoryFor(recorder: Recorder, wanted: NewLine, name: string): Promise<string | null> {
  if (wanted.categoryId) return (await recorder.find('category', wanted.categoryId)).id;
  if (wanted.starter) return takeStarter(recorder, knownStarter(wanted.starter));
  if (wanted.categoryId === null) return null;
  const [best] = proposeCategories(name, knownCategories(await recorder.rows('category')), 1);
  return best ? (best.categoryId ?? takeStarter(recorder, best.starter!)) : null;
}

export async function categorise(
  scope: Scope,
  lineId: string,
  starterKey: string,
  version: number,
): Promise<ChangeAnswer> {
  const starter = knownStarter(starterKey);
  return makeChange(scope, `sort into ${starter.name}`, async (recorder) => {
    const line = await recorder.find('line', lineId);
    // Where it belongs says what it is: its size, hazards and containers are those of that kind. What was told stays.
    const put = kindPutRight(line, starter.key);
    await recorder.update('line', lineId, version, { categoryId: await takeStarter(recorder, starter), ...put });
    return lineId;
  });
}
