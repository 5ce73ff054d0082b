/** What may be written of how a house is kept: routines, strays, and what helpers have learned. */
import Joi from '../joi.ts';
import { ROUTINE_KINDS } from '@stube/core/model';
import { ruleProblem } from '@stube/core/routines';
import { day, flag, instant, list, minutes, note, rowId, text, whole } from './values.ts';

const rule = Joi.string()
  .max(120)
  .custom((value: string, helpers) => {
    const problem = ruleProblem(value);
    return problem ? helpers.message({ custom: problem }) : value;
  });
const ratio = Joi.number().min(0).max(1e6);

export const FIELDS_OF_KEEPING = {
  stray: {
    roomId: rowId,
    what: text(80),
    foundIn: note(80),
    foundOn: day,
    due: day,
    lineId: rowId.allow(null),
    personId: rowId.allow(null),
    settled: day.allow(null),
  },
  routine: {
    roomId: rowId.allow(null),
    name: text(80),
    kind: Joi.valid(...ROUTINE_KINDS),
    personId: rowId.allow(null),
    minutes: minutes(1, 1440),
    rule,
    from: day,
    steps: list(text(120), 40),
    onHolidays: flag,
  },
  routineDay: {
    routineId: rowId,
    day,
    ticked: list(whole(0, 39), 40),
    doneAt: instant.allow(null),
    skipped: flag,
  },
  holiday: {
    name: text(60),
    from: day,
    to: day.when('from', {
      is: Joi.string().required(),
      then: Joi.string()
        .min(1)
        .custom((to: string, helpers) =>
          to >= (helpers.state.ancestors[0] as { from: string }).from
            ? to
            : helpers.message({ custom: 'must not lie before the first day' }),
        ),
    }),
  },
  recall: {
    personId: rowId,
    binId: rowId,
    state: Joi.object({
      due: instant.required(),
      stability: ratio.required(),
      difficulty: ratio.required(),
      reps: whole(0, 100_000).required(),
      lapses: whole(0, 100_000).required(),
      state: whole(0, 3).required(),
      learningSteps: whole(0, 100).required(),
      scheduledDays: ratio.required(),
      lastReview: instant.allow(null).required(),
    }),
  },
};
