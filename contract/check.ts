/** Validation shared by both sides: the first message for every field that is wrong. */
import type Joi from 'joi';

export interface FieldProblem {
  field: string;
  message: string;
}

/** What every refused request answers. */
export interface ApiProblem {
  message: string;
  fields: FieldProblem[];
  /** For 409: the row as it is now, null when it is gone. */
  current?: unknown;
}

/** `whole`: every field is well formed, but together they cannot be. */
export type Checked<T> = { ok: true; value: T } | { ok: false; fields: FieldProblem[]; whole?: true };

const OPTIONS: Joi.ValidationOptions = {
  abortEarly: false,
  convert: true,
  errors: { wrap: { label: false }, label: false },
  messages: {
    'any.required': 'is missing',
    'any.only': 'must be one of {#valids}',
    'number.base': 'must be a number',
    'number.integer': 'must be a whole number',
    'number.min': 'must be at least {#limit}',
    'number.max': 'must be at most {#limit}',
    'string.empty': 'must not be empty',
    'string.max': 'must have at most {#limit} letters',
    'string.pattern.name': 'must be {#name}',
  },
};
/** Problems that are told at most, and how long each may be. */
const MAX_PROBLEMS = 20;
const MAX_MESSAGE = 300;
const MAX_PATH = 120;

export function check<T>(schema: Joi.Schema<T>, value: unknown): Checked<T> {
  const result = schema.validate(value ?? {}, OPTIONS);
  if (!result.error) return { ok: true, value: result.value as T };
  const fields = new Map<string, string>();
  for (const detail of result.error.details) {
    if (fields.size >= MAX_PROBLEMS) break;
    const field = detail.path.join('.').slice(0, MAX_PATH) || 'body';
    if (!fields.has(field)) fields.set(field, detail.message.slice(0, MAX_MESSAGE));
  }
  return { ok: false, fields: [...fields].map(([field, message]) => ({ field, message })) };
}

/** Deeper than anything that is sent. */
const MAX_DEPTH = 12;

/**
 * What no schema should have to think of: texts that cannot be stored (half letters, the letter with number 0), names that
 * mean something to the language, nesting without end.
 * @returns the first problem, or null
 */
export function jsonProblem(value: unknown, path = '', depth = 0): FieldProblem | null {
  const field = path.slice(0, MAX_PATH) || 'body';
  if (typeof value === 'string')
    // eslint-disable-next-line no-control-regex
    return /\u0000|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/.test(value)
      ? { field, message: 'holds a character that cannot be stored' }
      : null;
  if (value === null || typeof value !== 'object') return null;
  if (depth >= MAX_DEPTH) return { field, message: 'is nested too deeply' };
  const inner = (key: string | number) => (path ? `${path}.${key}` : String(key));
  if (Array.isArray(value)) {
    for (let i = 0; i < value.length; i++) {
      const problem = jsonProblem(value[i], inner(i), depth + 1);
      if (problem) return problem;
    }
    return null;
  }
  for (const key of Object.keys(value)) {
    if (key === '__proto__' || key === 'constructor' || key === 'prototype')
      return { field, message: 'holds a name that is not allowed' };
    const problem = jsonProblem(key, inner('key'), depth) ?? jsonProblem((value as never)[key], inner(key), depth + 1);
    if (problem) return problem;
  }
  return null;
}
