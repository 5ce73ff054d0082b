import { createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { Request, Router } from 'express';
import { MAX_PICTURES } from '@stube/contract/photos/requests';
import { siteNameOf } from '../../../db/read.ts';
import { Malformed, Refused, TooLarge } from '../../../db/problems.ts';
import { scopeOf, whoAsks, type Context, type SiteRoutes } from '../../../http/context.ts';
import { fileName } from '../../../http/documents.ts';
import { asyncHandler } from '../../../http/handle.ts';
import { exportSite, importSite } from './service.ts';

/** All pictures of a site in base64, and as much again for its rows: whatever was saved can be brought back. */
const MAX_FILE = Math.ceil((MAX_PICTURES * 4) / 3) + 120_000_000;

/** Writes the body of a request into a file. @throws TooLarge */
async function keepBody(request: Request, path: string): Promise<void> {
  let bytes = 0;
  await pipeline(
    request,
    async function* (chunks: AsyncIterable<Buffer>) {
      for await (const chunk of chunks) {
        bytes += chunk.length;
        if (bytes > MAX_FILE) throw new TooLarge();
        yield chunk;
      }
    },
    createWriteStream(path),
  );
}

/** The import stands before all readers of bodies: the file goes to the disk, and is read there by a worker. */
export function importSiteRoutes(router: Router, { db, work, now }: Context): void {
  router.post(
    '/import',
    asyncHandler(async (request) => {
      const folder = await mkdtemp(join(tmpdir(), 'stube-import-'));
      try {
        const path = join(folder, 'site.json');
        await keepBody(request, path);
        const checked = await work.run('readSiteFile', { path, folder });
        if (!checked.ok) throw checked.whole ? new Refused(checked.fields) : new Malformed(checked.fields);
        return await importSite({ db, who: whoAsks(request), now: now() }, checked.value);
      } finally {
        await rm(folder, { recursive: true, force: true });
      }
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
