/** Talks to the server; whatever is refused becomes an ApiError with its fields. */
import type { ApiProblem } from '@stube/contract/check';
import { deviceId } from './device.ts';

export class ApiError extends Error {
  readonly status: number;
  readonly problem: ApiProblem;

  constructor(status: number, problem: ApiProblem) {
    super(problem.message);
    this.status = status;
    this.problem = problem;
  }

  field(name: string): string | undefined {
    return this.problem.fields.find((problem) => problem.field === name)?.message;
  }
}

export async function api<T>(method: 'GET' | 'POST' | 'PATCH' | 'DELETE', path: string, body?: unknown): Promise<T> {
  const response = await fetch(`/api${path}`, {
    method,
    headers: {
      'X-Stube-Device': deviceId(),
      ...(body === undefined ? {} : { 'Content-Type': body instanceof Blob ? body.type : 'application/json' }),
    },
    body: body === undefined || body instanceof Blob ? (body as Blob | undefined) : JSON.stringify(body),
  }).catch(() => null);
  if (!response)
    throw new ApiError(0, {
      message: 'The server does not answer. Nothing was saved; try again in a moment.',
      fields: [],
    });
  const answer: unknown = await response
    .json()
    .catch(() => ({ message: 'The server answered something unreadable.', fields: [] }));
  if (!response.ok) throw new ApiError(response.status, answer as ApiProblem);
  return answer as T;
}
