import Joi from '../joi.ts';
import type { RotateAnswer } from '@stube/core/living/rotation/problem';
import type { RoomRotation } from '@stube/core/living/rotation/rotation-of-room';
import { day } from '../rows/values.ts';

/** A plan from the week of a day on. */
export interface RotateRequest {
  first: string;
}
export const rotateRequest: Joi.ObjectSchema<RotateRequest> = Joi.object({ first: day.required() });

export interface RotationAnswer extends RoomRotation {
  answer: RotateAnswer;
}
