/** A route validates, calls one service, answers; whatever goes wrong gets its status here. */
import type { ErrorRequestHandler, Request, RequestHandler, Response } from 'express';
import type { Schema } from 'joi';
import { check, type ApiProblem } from '@stube/contract/check';
import { NotFound, Refused, Stale } from '../db/problems.ts';

/** Reads body or query by its schema, or answers 400 with a message at every wrong field. */
export function read<T>(schema: Schema<T>, value: unknown): T {
  const checked = check(schema, value);
  if (!checked.ok) throw new Malformed(checked.fields);
  return checked.value;
}

class Malformed extends Refused {}

export const answer =
  (work: (request: Request, response: Response) => Promise<unknown>): RequestHandler =>
  async (request, response) => {
    const body = await work(request, response);
    if (!response.headersSent) response.json(body);
  };

const say = (response: Response, status: number, problem: ApiProblem) => response.status(status).json(problem);

/** The message of a database error holds rows: it is logged, never sent. */
export const problems =
  (log: (error: unknown) => void): ErrorRequestHandler =>
  (error, _request, response, _next) => {
    if (error instanceof Malformed)
      return void say(response, 400, { message: 'Something in it is not right yet.', fields: error.fields });
    if (error instanceof Refused) return void say(response, 422, { message: error.message, fields: error.fields });
    if (error instanceof NotFound) return void say(response, 404, { message: error.message, fields: [] });
    if (error instanceof Stale)
      return void say(response, 409, { message: error.message, fields: [], current: error.current });
    if (error?.type === 'entity.too.large')
      return void say(response, 413, {
        message: 'That is too large to be sent.',
        fields: [{ field: 'body', message: 'too large' }],
      });
    if (error?.type === 'entity.parse.failed')
      return void say(response, 400, {
        message: 'The body is not JSON.',
        fields: [{ field: 'body', message: 'is not JSON' }],
      });
    if (typeof error?.status === 'number' && error.status < 500)
      return void say(response, error.status, { message: 'The request cannot be read.', fields: [] });
    if (error?.cause?.code === '23505')
      return void say(response, 422, {
        message: 'That is taken already.',
        fields: [{ field: 'code', message: 'is taken already' }],
      });
    log(error);
    say(response, 500, { message: 'Something went wrong here. Nothing was changed.', fields: [] });
  };
