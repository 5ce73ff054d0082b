import Joi from 'joi';
import type { ObservationKind } from '@stube/core/model/entities';
import { FIELDS } from '../rows/fields.ts';

/** How full somebody saw a bin. */
export interface SeenRequest {
  version: number;
  full: number;
}
export const seenRequest: Joi.ObjectSchema<SeenRequest> = Joi.object({
  version: Joi.number().integer().min(0).required(),
  full: FIELDS.bin.seenFull.disallow(null).required(),
});

/** What somebody saw or did, with one tap. */
export interface ObservedRequest {
  kind: ObservationKind;
}
export const observedRequest: Joi.ObjectSchema<ObservedRequest> = Joi.object({
  kind: FIELDS.observation.kind.required(),
});
