import type { RowHooks } from '../../../db/hooks.ts';
import { Refused } from '../../../db/problems.ts';

export const personHooks: RowHooks<'person'> = {
  async removing(recorder) {
    if ((await recorder.rows('person')).length <= 1)
      throw new Refused([
        { field: 'person', message: 'somebody has to be left: the reach of shelves is reckoned for people' },
      ]);
  },
};
