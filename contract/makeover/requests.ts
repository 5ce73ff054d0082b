import Joi from '../joi.ts';

export interface SessionRequest {
  act: 'start' | 'pause' | 'resume' | 'end';
}
export const sessionRequest: Joi.ObjectSchema<SessionRequest> = Joi.object({
  act: Joi.valid('start', 'pause', 'resume', 'end').required(),
});
