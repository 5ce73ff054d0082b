/** Now, as the site of a change has it. */
import { type Moment, momentIn } from '@stube/core/calendar';
import type { Recorder } from './recorder.ts';

export const momentOf = async (recorder: Recorder, now: Date): Promise<Moment> =>
  momentIn((await recorder.find('site', recorder.siteId)).timeZone, now);
