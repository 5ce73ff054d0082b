import Joi from '../joi.ts';
import type { ObservationKind } from '@stube/core/model';
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
  /** Where it, or a thing of it, was found: told with `elsewhere`. */
  foundId: string | null;
  /** Who tidied it. */
  personId: string | null;
  seconds: number | null;
}
export const observedRequest: Joi.ObjectSchema<ObservedRequest> = Joi.object({
  kind: FIELDS.observation.kind.required(),
  foundId: Joi.when('kind', {
    is: 'elsewhere',
    then: FIELDS.observation.foundId.disallow(null).required(),
    otherwise: Joi.valid(null).default(null),
  }),
  personId: FIELDS.observation.personId.default(null),
  seconds: FIELDS.observation.seconds.default(null),
});
