import Joi from '../joi.ts';
import type { RoomRotation, RotateAnswer } from '@stube/core/rotation';
import { day } from '../rows/values.ts';

/** A plan from the week of a day on. */
export interface RotateRequest {
  first: string;
}
export const rotateRequest: Joi.ObjectSchema<RotateRequest> = Joi.object({ first: day.required() });

export interface RotationAnswer extends RoomRotation {
  answer: RotateAnswer;
}
