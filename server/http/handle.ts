/** A route validates, calls one service, answers; whatever goes wrong gets its status here. */
import type { ErrorRequestHandler, Request, RequestHandler, Response } from 'express';
import type { Schema } from 'joi';
import { checkJson, type ApiProblem, type Checked } from '@stube/contract/check';
import { checkLarge, type LargeRequest, type LargeRequests } from '@stube/contract/large';
import { LockLost } from '../db/lock.ts';
import { Malformed, NotFound, Refused, ShuttingDown, Stale, TooLarge, TooLong } from '../db/problems.ts';
import type { Work } from '../threads/pool.ts';

/** Reads body or query by its schema, or answers 400 with a message at every wrong field. */
export function read<T>(schema: Schema<T>, value: unknown): T {
  return accepted(checkJson(schema, value));
}

function accepted<T>(checked: Checked<T>): T {
  if (!checked.ok) throw checked.whole ? new Refused(checked.fields) : new Malformed(checked.fields);
  return checked.value;
}

/** A body of this many bytes is read before the start of a thread would be over. */
const READ_AT_ONCE = 200_000;

/** Reads a body that may hold a whole list; a large one in a worker thread, so that everybody else is answered meanwhile. */
export async function readLarge<R extends LargeRequest>(work: Work, name: R, body: unknown): Promise<LargeRequests[R]> {
  const bytes = Buffer.isBuffer(body) ? body : Buffer.alloc(0);
  if (bytes.length < READ_AT_ONCE) return accepted(checkLarge(name, bytes));
  return accepted((await work.run('readLarge', { name, bytes })) as Checked<LargeRequests[R]>);
}

/** A handler that answers with what its work returns, and hands on what it throws. */
export const asyncHandler =
  (work: (request: Request, response: Response) => Promise<unknown>): RequestHandler =>
  async (request, response) => {
    const body = await work(request, response);
    if (!response.headersSent) response.json(body);
  };

const refuse = (response: Response, status: number, problem: ApiProblem) => {
  if (!response.headersSent) response.status(status).json(problem);
  else response.destroy();
};

/** What is logged of an error: the message of a database error holds rows, so only its kind and where it came from. */
export function withoutContents(error: unknown): { name: string; code: string | null; at: string } {
  if (!(error instanceof Error)) return { name: typeof error, code: null, at: '' };
  const cause = error.cause as { code?: string } | undefined;
  const frames = (error.stack ?? '').split('\n').filter((line) => /^\s+at /.test(line));
  return {
    name: error.name,
    code: cause?.code ?? (error as { code?: string }).code ?? null,
    at: frames.slice(0, 6).join('\n'),
  };
}

/** Codes of PostgreSQL: a key twice, and a value that no column takes. */
const TAKEN = '23505';
const IMPOSSIBLE = ['22001', '22003', '22P02', '22P05', '22021', '23502', '23503', '23514'];

export const errorHandler =
  (log: (error: unknown) => void): ErrorRequestHandler =>
  (error, _request, response, _next) => {
    if (error instanceof Malformed)
      return void refuse(response, 400, { message: 'Something in it is not right yet.', fields: error.fields });
    if (error instanceof Refused) return void refuse(response, 422, { message: error.message, fields: error.fields });
    if (error instanceof NotFound) return void refuse(response, 404, { message: error.message, fields: [] });
    if (error instanceof Stale)
      return void refuse(response, 409, { message: error.message, fields: [], current: error.current });
    if (error instanceof TooLong || error instanceof ShuttingDown)
      return void refuse(response, 503, { message: error.message, fields: [] });
    if (error instanceof TooLarge || error?.type === 'entity.too.large')
      return void refuse(response, 413, {
        message: 'That is too large to be sent.',
        fields: [{ field: 'body', message: 'too large' }],
      });
    if (error?.type === 'entity.parse.failed')
      return void refuse(response, 400, {
        message: 'The body is not JSON.',
        fields: [{ field: 'body', message: 'is not JSON' }],
      });
    if (typeof error?.status === 'number' && error.status >= 400 && error.status < 500)
      return void refuse(response, error.status, { message: 'The request cannot be read.', fields: [] });
    const code = error?.cause?.code;
    if (code === TAKEN)
      return void refuse(response, 422, {
        message: 'That is taken already.',
        fields: [{ field: 'code', message: 'is taken already' }],
      });
    if (IMPOSSIBLE.includes(code))
      return void refuse(response, 422, {
        message: 'The database does not take that. Nothing was changed.',
        fields: [{ field: 'body', message: 'holds a value that cannot be stored, or points to what is not there' }],
      });
    log(error);
    if (error instanceof LockLost) return void refuse(response, 503, { message: error.message, fields: [] });
    refuse(response, 500, { message: 'Something went wrong here. Nothing was changed.', fields: [] });
  };
