/** One site in one file: as it is saved now, and as earlier versions saved it. */
import Joi from '../joi.ts';
import { MODEL_VERSION, type SiteData, siteProblems, TABLES, upgradeSite } from '@stube/core/model';
import { shapeProblems } from '@stube/core/measuring';
import { check, jsonProblem, type Checked, type FieldProblem } from '../check.ts';
import { MAX_PICTURE } from '../photos/requests.ts';
import { rowId } from '../rows/values.ts';
import { rowSchema } from '../rows/schemas.ts';

export const EXPORT_FORMAT = 'stube-site';
/** Files carry the version of the model their rows are written in. */
export const EXPORT_VERSION = MODEL_VERSION;

export interface SiteFile {
  format: typeof EXPORT_FORMAT;
  version: number;
  exportedAt: string;
  data: SiteData;
  /** The photographs, JPEG in base64, by the id of their row. */
  pictures: Record<string, string>;
}

const MAX_TABLE_ROWS = 200_000;
/** A picture in base64, a third longer than its bytes. */
const MAX_BASE64 = Math.ceil(MAX_PICTURE / 3) * 4;

const envelope = Joi.object({
  format: Joi.valid(EXPORT_FORMAT).required(),
  version: Joi.number()
    .integer()
    .min(1)
    .max(EXPORT_VERSION)
    .required()
    .messages({ 'number.max': `was saved by a later Stube; this one reads files up to version ${EXPORT_VERSION}` }),
  exportedAt: Joi.string().max(40).required(),
  data: Joi.object().required(),
  pictures: Joi.object().pattern(rowId, Joi.string().base64().max(MAX_BASE64)).default({}),
});

const data = Joi.object(
  Object.fromEntries(
    TABLES.map((table) => [
      table,
      (table === 'site' ? Joi.array().length(1) : Joi.array().max(MAX_TABLE_ROWS)).required().items(rowSchema(table)),
    ]),
  ),
).required();

/** Every row is checked, and how they hang together, before anything is written: a file may do no more than a request. */
export function checkSiteFile(value: unknown): Checked<SiteFile> {
  const malformed = jsonProblem(value);
  if (malformed) return { ok: false, fields: [malformed] };
  const outer = check<SiteFile>(envelope, value);
  if (!outer.ok) return outer;
  const upgraded = upgradeSite(outer.value.data as unknown as Record<string, unknown>, outer.value.version);
  const inner = check(Joi.object({ data }), { data: upgraded });
  if (!inner.ok) return inner;
  const site = (inner.value as { data: SiteData }).data;
  const fields: FieldProblem[] = [
    ...siteProblems(site),
    ...site.unit.flatMap((unit, i) =>
      shapeProblems(unit).map(({ field, message }) => ({ field: `data.unit.${i}.${field}`, message })),
    ),
  ];
  if (fields.length) return { ok: false, fields: fields.slice(0, 20), whole: true };
  return { ok: true, value: { ...outer.value, data: site } };
}
