/** Now, as the site of a change has it. */
import { momentIn, type Moment } from '@stube/core/ground/calendar/day';
import type { Recorder } from './recorder.ts';

export const momentOf = async (recorder: Recorder, now: Date): Promise<Moment> =>
  momentIn((await recorder.find('site', recorder.siteId)).timeZone, now);
