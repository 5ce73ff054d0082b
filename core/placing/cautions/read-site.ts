/** A saved site as `stube check` reads it: of this or any earlier version, whole enough to be judged. */
import { FieldReader, FormatError } from '../../ground/engine/problem-format.ts';
import { TABLES, type SiteData } from '../../ground/model/entities.ts';
import { MODEL_VERSION, upgradeSite } from '../../ground/model/upgrade.ts';
import { siteProblems } from '../../ground/model/whole.ts';

/** The first version whose bins follow from their lines; before, each was as heavy as what was meant for it. */
const FOLLOWING = 4;

/**
 * @returns the site, and the day it was saved (ISO date): ages are those of that day
 * @throws FormatError that names the first wrong field
 */
export function readSavedSite(json: unknown): { data: SiteData; day: string; asMeant: boolean } {
  const reader = new FieldReader(json);
  reader.format('stube-site');
  const version = reader.integer('version', 1);
  if (version > MODEL_VERSION) throw new FormatError('version', `must not be larger than ${MODEL_VERSION}`);
  const day = reader.text('exportedAt').slice(0, 10);
  if (Number.isNaN(Date.parse(day))) throw new FormatError('exportedAt', 'must be an ISO date and time');
  reader.inner('data');
  const data = upgradeSite((json as { data: Record<string, unknown> }).data, version);
  for (const table of TABLES) {
    const rows = data[table];
    if (!Array.isArray(rows)) throw new FormatError(`data.${table}`, 'must be a list');
    const wrong = rows.findIndex((row: unknown) => typeof (row as { id?: unknown } | null)?.id !== 'string');
    if (wrong >= 0) throw new FormatError(`data.${table}[${wrong}].id`, 'must be a text');
  }
  if ((data.site as unknown[]).length !== 1) throw new FormatError('data.site', 'must have one entry');
  const [problem] = siteProblems(data as unknown as SiteData, 1);
  if (problem) throw new FormatError(problem.field, problem.message);
  return { data: data as unknown as SiteData, day, asMeant: version < FOLLOWING };
}
