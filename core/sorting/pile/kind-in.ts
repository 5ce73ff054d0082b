/** What kind of thing a line is in the category that was chosen for it. */
import type { Line } from '../../ground/model/entities.ts';
import { kindOf } from '../../ground/starter/library.ts';

/**
 * The kind that the words say, unless the category is of the library and of another kind: then what was chosen is right.
 * @param kind key of what the words say, null where they say nothing known
 * @param starter key of the category in the library, null for one of the site's own
 */
export const kindIn = (kind: string | null, starter: string | null): string | null =>
  starter === null || kindOf(kind)?.category.key === starter ? kind : starter;

/**
 * What a line becomes when its category is put right: of the kind that the category is of, lying as that does.
 * @param starter key of the category in the library, null for one of the site's own
 */
export function kindPutRight(line: Pick<Line, 'kind'>, starter: string | null): Partial<Pick<Line, 'kind' | 'lies'>> {
  const kind = kindIn(line.kind, starter);
  return kind === line.kind ? {} : { kind, lies: null };
}
