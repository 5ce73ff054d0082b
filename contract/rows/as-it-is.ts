/** The room as it was on an earlier day (practice M6), as it may be written. */
import Joi from '../joi.ts';
import { TEMPLATES } from '@stube/core/measuring';
import { FACINGS } from '@stube/core/model';
import { coordinate, day, flag, grams, mm, text, whole, word } from './values.ts';

/** What stood where on an earlier day: drawn and compared, never pointed into. */
const shape = {
  template: Joi.valid(...Object.keys(TEMPLATES)).required(),
  width: mm(1, 6000).required(),
  height: mm(1, 6000).required(),
  depth: mm(1, 6000).required(),
  columns: whole(1, 12).required(),
  rows: whole(1, 20).required(),
  board: mm(1, 80).required(),
  raised: mm(0, 3000).required(),
  slope: mm(0, 6000).allow(null).required(),
  layout: Joi.array().max(12).items(Joi.object().unknown()).allow(null).required(),
};
const side = mm(1, 6000).required();
export const asItIs = Joi.object({
  day: day.required(),
  effort: Joi.number().min(0).max(1e9).required(),
  unplaced: whole(0, 100_000).required(),
  units: Joi.array()
    .max(2000)
    .items(
      Joi.object({
        ...shape,
        name: text(60).required(),
        x: coordinate.required(),
        y: coordinate.required(),
        faces: Joi.valid(...FACINGS).required(),
        wheels: flag.required(),
        spaces: Joi.array()
          .max(1000)
          .items(
            Joi.object({
              name: text(60).required(),
              x: mm(0, 6000).required(),
              z: mm(0, 6000).required(),
              width: side,
              depth: side,
              height: side,
              floor: mm(0, 9000).required(),
              access: Joi.valid('front', 'top').required(),
              door: flag.required(),
              drawer: flag.required(),
              hangs: flag.required(),
              maxLoad: grams(100, 500_000).required(),
              bins: Joi.array()
                .max(400)
                .items(
                  Joi.object({
                    code: text(10).required(),
                    name: text(70).required(),
                    hue: word.required(),
                    outWidth: side,
                    outDepth: side,
                    outHeight: side,
                  }),
                )
                .required(),
            }),
          )
          .required(),
      }),
    )
    .required(),
}).allow(null);
