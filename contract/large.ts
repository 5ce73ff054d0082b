/** Requests that hold whole lists: they may be large, so a server reads them aside. */
import type Joi from 'joi';
import type { Checked } from './check.ts';
import { checkJson } from './check.ts';
import { importedLines, type ImportedLines } from './import/requests.ts';
import { batch, type Batch } from './rows/batch.ts';

export interface LargeRequests {
  batch: Batch;
  import: ImportedLines;
}
export type LargeRequest = keyof LargeRequests;

const SCHEMAS: { [R in LargeRequest]: Joi.Schema<LargeRequests[R]> } = { batch, import: importedLines };

/**
 * Reads the body of such a request.
 * @param bytes JSON in UTF-8
 */
export function checkLarge<R extends LargeRequest>(request: R, bytes: Uint8Array): Checked<LargeRequests[R]> {
  const parsed = parseJson(bytes);
  return parsed.ok ? (checkJson(SCHEMAS[request], parsed.value) as Checked<LargeRequests[R]>) : parsed;
}

/** @param bytes JSON in UTF-8; nothing is an empty object */
export function parseJson(bytes: Uint8Array): Checked<unknown> {
  try {
    return { ok: true, value: bytes.length ? JSON.parse(new TextDecoder().decode(bytes)) : {} };
  } catch {
    return { ok: false, fields: [{ field: 'body', message: 'is not JSON' }] };
  }
}
