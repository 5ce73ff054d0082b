import type { LengthSystem, Paper } from '@stube/core/model';
import Joi from '../joi.ts';
import { FIELDS } from '../rows/fields.ts';

export interface NewSite {
  name: string;
  system: LengthSystem;
  currency: string;
  keepsNew: boolean;
  paper: Paper;
  timeZone: string | null;
}
export const newSite: Joi.ObjectSchema<NewSite> = Joi.object({
  name: FIELDS.site.name.required(),
  system: FIELDS.site.system.default('metric'),
  currency: FIELDS.site.currency.default('EUR'),
  keepsNew: FIELDS.site.keepsNew.default(false),
  paper: FIELDS.site.paper.default('A4'),
  timeZone: FIELDS.site.timeZone.default(null),
});

/** From which revision on changes are asked for. */
export const sinceQuery: Joi.ObjectSchema<{ since: number }> = Joi.object({
  since: Joi.number().integer().min(0).required(),
});
