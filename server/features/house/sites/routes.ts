import type { Router } from 'express';
import { newSite, sinceQuery } from '@stube/contract/sites/requests';
import { changesSince, snapshot } from '../../../db/read.ts';
import { listSites, setRemoved } from '../../../db/sites.ts';
import { param, scopeOf, whoAsks, type Context, type SiteRoutes } from '../../../http/context.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { createSite } from './service.ts';

/** The sites as a list. */
export function sitesRoutes(router: Router, { db, now }: Context): void {
  router.get(
    '/sites',
    asyncHandler(() => listSites(db)),
  );
  router.post(
    '/sites',
    asyncHandler((request) => createSite({ db, who: whoAsks(request), now: now() }, read(newSite, request.body))),
  );
  router.post(
    '/sites/:site/restore',
    asyncHandler(async (request) => (await setRemoved(db, param(request, 'site'), false), { ok: true })),
  );
  router.delete(
    '/sites/:site',
    asyncHandler(async (request) => (await setRemoved(db, param(request, 'site'), true), { ok: true })),
  );
}

/** One site, whole or what has changed since it was read. */
export const siteRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/',
    asyncHandler((request) => {
      const { db, siteId, who } = scopeOf(request, context);
      return snapshot(db, siteId, who);
    }),
  );
  router.get(
    '/changes',
    asyncHandler(async (request) => {
      const { db, siteId, who } = scopeOf(request, context);
      return (await changesSince(db, siteId, read(sinceQuery, request.query).since, who)) ?? { whole: true };
    }),
  );
};
