/** Validation shared by both sides: the first message for every field that is wrong. */
import Joi from 'joi';

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

export type Checked<T> = { ok: true; value: T } | { ok: false; fields: FieldProblem[] };

const OPTIONS: Joi.ValidationOptions = {
  abortEarly: false,
  convert: true,
  errors: { wrap: { label: false }, label: false },
};

export function check<T>(schema: Joi.Schema<T>, value: unknown): Checked<T> {
  const result = schema.validate(value ?? {}, OPTIONS);
  if (!result.error) return { ok: true, value: result.value as T };
  const fields = new Map<string, string>();
  for (const detail of result.error.details) {
    const field = detail.path.join('.') || 'body';
    if (!fields.has(field)) fields.set(field, detail.message);
  }
  return { ok: false, fields: [...fields].map(([field, message]) => ({ field, message })) };
}
