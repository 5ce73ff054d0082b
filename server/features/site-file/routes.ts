import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { raw, type Router } from 'express';
import { MAX_PICTURES } from '@stube/contract/photos/requests';
import { siteNameOf } from '../../db/read.ts';
import { Malformed, Refused } from '../../db/problems.ts';
import { scopeOf, whoAsks, type Context, type SiteRoutes } from '../../http/context.ts';
import { fileName } from '../../http/documents.ts';
import { asyncHandler } from '../../http/handle.ts';
import { exportSite, importSite } from './service.ts';

/** All pictures of a site in base64, and as much again for its rows: whatever was saved can be brought back. */
const MAX_FILE = Math.ceil((MAX_PICTURES * 4) / 3) + 120_000_000;

/** The import stands before all readers of bodies: the file is read in a worker. */
export function importSiteRoutes(router: Router, { db, work, now }: Context): void {
  router.post(
    '/import',
    raw({ type: () => true, limit: MAX_FILE }),
    asyncHandler(async (request) => {
      const bytes = Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0);
      const checked = await work.run('readSiteFile', { bytes });
      if (!checked.ok) throw checked.whole ? new Refused(checked.fields) : new Malformed(checked.fields);
      return importSite({ db, who: whoAsks(request), now: now() }, checked.value);
    }),
  );
}

export const exportSiteRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/export',
    asyncHandler(async (request, response) => {
      const scope = scopeOf(request, context);
      response.attachment(fileName(await siteNameOf(scope.db, scope.siteId), 'stube.json')).type('application/json');
      await pipeline(Readable.from(exportSite(scope)), response);
    }),
  );
};
