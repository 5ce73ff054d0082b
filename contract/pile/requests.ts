import Joi from '../joi.ts';
import type { Decision } from '@stube/core/model';
import type { TokenKind } from '@stube/core/pile';
import { FIELDS } from '../rows/fields.ts';
import { rowId, text } from '../rows/values.ts';

/** A line of the pile as typed; a category or a library entry may be chosen in place of the proposed one. */
export interface NewLine {
  roomId: string;
  text: string;
  categoryId?: string | null;
  starter?: string;
  decision?: Decision | null;
  /** Clues that were guessed wrongly. */
  ignore?: TokenKind[];
  /** ISO date where the person is. */
  today?: string;
}
export const newLine: Joi.ObjectSchema<NewLine> = Joi.object({
  roomId: rowId.required(),
  text: text(200).required(),
  categoryId: rowId.allow(null),
  starter: FIELDS.category.starter,
  decision: FIELDS.line.decision,
  ignore: Joi.array()
    .items(Joi.valid('amount', 'size', 'decision', 'condition', 'day', 'set', 'note'))
    .max(7),
  today: FIELDS.line.due,
});

export interface LineCategory {
  version: number;
  starter: string;
}
/** Gives a line a category of the library, which is taken into the site when it is not there yet. */
export const lineCategory: Joi.ObjectSchema<LineCategory> = Joi.object({
  version: Joi.number().integer().required(),
  starter: Joi.string().max(60).required(),
});
