/** Lines of a list that comes in from elsewhere; a library entry is taken into the site where it is new there. */
import Joi from '../joi.ts';
import { MAX_ROWS } from '../rows/batch.ts';
import { FIELDS } from '../rows/fields.ts';
import { newFields } from '../rows/schemas.ts';
import { text } from '../rows/values.ts';

export interface ImportedLines {
  name: string;
  lines: { starter: string | null; perWeek: number | null; values: Record<string, unknown> }[];
}
export const importedLines: Joi.ObjectSchema<ImportedLines> = Joi.object({
  name: text(120).required(),
  lines: Joi.array()
    .min(1)
    .max(MAX_ROWS)
    .items(
      Joi.object({
        starter: FIELDS.category.starter.required(),
        perWeek: FIELDS.category.perWeek.allow(null).required(),
        values: Joi.object(newFields('line')).required(),
      }),
    )
    .required(),
});
