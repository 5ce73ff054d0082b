import Joi from '../joi.ts';
import { LABEL_ROLES, type LabelRole, type LETTER_CASES, type Paper } from '@stube/core/model';
import { keyOf, type LabelKey } from '@stube/core/labels';
import { FIELDS } from '../rows/fields.ts';
import { rowId } from '../rows/values.ts';

/** Labels that came out of the printer. */
export interface PrintedRequest {
  room: string;
  labels: LabelKey[];
}
const key: Joi.ObjectSchema<LabelKey> = Joi.object({
  role: FIELDS.printedLabel.role.required(),
  binId: FIELDS.printedLabel.binId.default(null),
  numberId: FIELDS.printedLabel.numberId.default(null),
  part: FIELDS.printedLabel.part.default(null),
});
export const printedRequest: Joi.ObjectSchema<PrintedRequest> = Joi.object({
  room: rowId.required(),
  labels: Joi.array()
    .items(key)
    .min(1)
    .max(10_000)
    .custom((labels: LabelKey[], helpers) =>
      new Set(labels.map(keyOf)).size === labels.length ? labels : helpers.message({ custom: 'names a label twice' }),
    )
    .required(),
});

/** The layout where a room has none of its own. */
export const USUAL = 'usual';

export interface LabelQuery {
  /** As the site has it where it is not said. */
  paper?: Paper;
  room?: string;
  which: 'all' | 'changed';
  bin?: string;
  /** Those of one layout only; `usual` is the usual look. */
  layout?: string;
  roles: LabelRole[];
}
export const labelQuery: Joi.ObjectSchema<LabelQuery> = Joi.object({
  paper: FIELDS.site.paper,
  room: rowId,
  which: Joi.valid('all', 'changed').default('all'),
  bin: rowId,
  layout: rowId,
  roles: Joi.custom((value: string, helpers) => {
    const roles = String(value).split(',');
    return roles.every((role) => (LABEL_ROLES as readonly string[]).includes(role))
      ? roles
      : helpers.message({ custom: `must be some of ${LABEL_ROLES.join(', ')}` });
  }).default(['bin', 'cell']),
});

/** Names cut out of foil. */
export interface PlotterQuery extends LabelQuery {
  /** Of a capital letter, mm. */
  height: number;
  letters: (typeof LETTER_CASES)[number];
  weld: boolean;
  mirrored: boolean;
}
export const plotterQuery = labelQuery.append({
  height: Joi.number().min(4).max(250).default(25),
  letters: FIELDS.labelLayout.letters.default('as written'),
  weld: Joi.boolean().default(true),
  mirrored: Joi.boolean().default(false),
}) as Joi.ObjectSchema<PlotterQuery>;
