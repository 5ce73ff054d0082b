/** The place in which things wait until they are handed over (practice G5). */
import { WAY_OUT } from '@stube/core/contents';
import type { ChangeAnswer } from '@stube/contract/answers';
import { makeChange } from '../../../db/change.ts';
import type { Scope } from '../../../db/scope.ts';
import { knownStarter, takeStarter } from '../pile/starter.ts';

/** From then on Contain reckons bins for what waits in each room; asked for twice, it is there once. */
export const giveWayOut = (scope: Scope): Promise<ChangeAnswer> =>
  makeChange(scope, 'a place for what leaves', async (recorder) => {
    await takeStarter(recorder, knownStarter(WAY_OUT));
  });
