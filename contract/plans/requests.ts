import Joi from '../joi.ts';
import { containRequest, type ContainRequest } from '../containers/requests.ts';
import { placedAt, type PlacedAt } from '../placement/requests.ts';
import { rowId } from '../rows/values.ts';

/** A whole plan that is taken over: containers and places in one change. */
export interface PlanRequest {
  /** The room's bins as they were read: where one has changed since, nothing is written. */
  bins: { id: string; version: number }[];
  choices: NonNullable<ContainRequest['choices']>;
  /** Where each bin goes: the so manieth of its category, from 0 on. What is not named stays as it is. */
  placed: ({ categoryId: string; nth: number } & PlacedAt)[];
}
export const planRequest: Joi.ObjectSchema<PlanRequest> = Joi.object({
  bins: Joi.array()
    .max(10_000)
    .items(Joi.object({ id: rowId.required(), version: Joi.number().integer().min(0).required() }))
    .unique('id')
    .required(),
  choices: containRequest.extract('choices').required(),
  placed: Joi.array()
    .max(10_000)
    .items(
      Joi.object({
        categoryId: rowId.required(),
        nth: Joi.number().integer().min(0).max(10_000).required(),
        ...placedAt,
      }).and('x', 'y', 'z'),
    )
    .required(),
});
