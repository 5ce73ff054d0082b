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

/** Checks what came as JSON: what no schema thinks of (`jsonProblem`), then the schema. */
export function checkJson<T>(schema: Joi.Schema<T>, value: unknown): Checked<T> {
  const problem = jsonProblem(value);
  return problem ? { ok: false, fields: [problem] } : check(schema, value);
}

/** Deeper than anything that is sent. */
const MAX_DEPTH = 12;
/** More names than any row has fields. */
const MAX_NAMES = 400;
const UNNAMEABLE = ['__proto__', 'constructor', 'prototype'];
// eslint-disable-next-line no-control-regex
const UNSTORABLE = /\u0000|[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;

/**
 * Finds what no schema should have to think of: texts that cannot be stored (half letters, the letter with number 0), names
 * that mean something to the language, objects with a name for everything, nesting without end. Its time grows with the
 * size of the value and no faster.
 * @returns the first problem, or null
 */
export function jsonProblem(value: unknown): FieldProblem | null {
  const found = problemIn(value, 0);
  return found && { field: found.path.reverse().join('.').slice(0, MAX_PATH) || 'body', message: found.message };
}

/** @returns a problem with the way to it, innermost first, so that nothing is put together where there is none */
function problemIn(value: unknown, depth: number): { path: (string | number)[]; message: string } | null {
  if (typeof value === 'string')
    return UNSTORABLE.test(value) ? { path: [], message: 'holds a character that cannot be stored' } : null;
  if (value === null || typeof value !== 'object') return null;
  if (depth >= MAX_DEPTH) return { path: [], message: 'is nested too deeply' };
  const names = Array.isArray(value) ? null : Object.keys(value);
  if (names && names.length > MAX_NAMES) return { path: [], message: `holds more than ${MAX_NAMES} fields` };
  for (const key of names ?? (value as unknown[]).keys()) {
    if (names && UNNAMEABLE.includes(key as string)) return { path: [], message: 'holds a name that is not allowed' };
    const problem = problemIn(key, depth) ?? problemIn((value as never)[key], depth + 1);
    if (problem) return { ...problem, path: [...problem.path, key] };
  }
  return null;
}
