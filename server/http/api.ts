/** The whole interface of the server under /api, feature by feature. */
import { json, raw, Router } from 'express';
import { NotFound } from '../db/problems.ts';
import { binsRoutes } from '../features/bins/routes.ts';
import { containersRoutes } from '../features/containers/routes.ts';
import { cuttingRoutes } from '../features/cutting/routes.ts';
import { departuresRoutes } from '../features/departures/routes.ts';
import { historyRoutes } from '../features/history/routes.ts';
import { importRoutes } from '../features/import/routes.ts';
import { inventoryRoutes } from '../features/inventory/routes.ts';
import { labelsRoutes } from '../features/labels/routes.ts';
import { numbersRoutes } from '../features/numbers/routes.ts';
import { makeoverRoutes } from '../features/makeover/routes.ts';
import { movesRoutes } from '../features/moves/routes.ts';
import { photosRoutes } from '../features/photos/routes.ts';
import { pileRoutes } from '../features/pile/routes.ts';
import { placementRoutes } from '../features/placement/routes.ts';
import { plansRoutes } from '../features/plans/routes.ts';
import { restockRoutes } from '../features/restock/routes.ts';
import { rotationRoutes } from '../features/rotation/routes.ts';
import { rowsRoutes } from '../features/rows/routes.ts';
import { exportSiteRoutes, importSiteRoutes } from '../features/site-file/routes.ts';
import { siteRoutes, sitesRoutes } from '../features/sites/routes.ts';
import { todayRoutes } from '../features/today/routes.ts';
import { visitRoutes } from '../features/visit/routes.ts';
import type { Context, SiteRoutes } from './context.ts';
import { asyncHandler } from './handle.ts';

export const SITE_ROUTES: readonly SiteRoutes[] = [
  siteRoutes,
  historyRoutes,
  rowsRoutes,
  pileRoutes,
  importRoutes,
  containersRoutes,
  cuttingRoutes,
  placementRoutes,
  plansRoutes,
  movesRoutes,
  binsRoutes,
  labelsRoutes,
  numbersRoutes,
  makeoverRoutes,
  todayRoutes,
  rotationRoutes,
  restockRoutes,
  photosRoutes,
  departuresRoutes,
  inventoryRoutes,
  exportSiteRoutes,
];

export function api(context: Context): Router {
  const router = Router();
  router.get(
    '/health',
    asyncHandler(async () => ({ ok: true, instance: context.instance, open: context.open === true })),
  );
  importSiteRoutes(router, context);
  // Whole lists come in at once, and are read aside (readLarge).
  router.use(['/sites/:site/batch', '/sites/:site/import'], raw({ type: 'application/json', limit: '20mb' }));
  router.use(json({ limit: '1mb' }));
  sitesRoutes(router, context);
  visitRoutes(router, context);
  const site = Router({ mergeParams: true });
  for (const routes of SITE_ROUTES) routes(site, context);
  router.use('/sites/:site', site);
  router.use(
    asyncHandler(async (request) => {
      throw new NotFound('address', request.path);
    }),
  );
  return router;
}
