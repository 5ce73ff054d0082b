/** The whole interface of the server under /api, feature by feature. */
import { json, raw, Router } from 'express';
import { NotFound } from '../db/problems.ts';
import { binsRoutes } from '../features/living/bins/routes.ts';
import { containersRoutes } from '../features/containing/containers/routes.ts';
import { cuttingRoutes } from '../features/measuring/cutting/routes.ts';
import { departuresRoutes } from '../features/sorting/departures/routes.ts';
import { historyRoutes } from '../features/house/history/routes.ts';
import { importRoutes } from '../features/sorting/import/routes.ts';
import { inventoryRoutes } from '../features/house/inventory/routes.ts';
import { labelsRoutes } from '../features/labelling/labels/routes.ts';
import { numbersRoutes } from '../features/labelling/numbers/routes.ts';
import { makeoverRoutes } from '../features/house/makeover/routes.ts';
import { movesRoutes } from '../features/placing/moves/routes.ts';
import { photosRoutes } from '../features/house/photos/routes.ts';
import { pileRoutes } from '../features/sorting/pile/routes.ts';
import { placementRoutes } from '../features/placing/placement/routes.ts';
import { plansRoutes } from '../features/placing/plans/routes.ts';
import { restockRoutes } from '../features/living/restock/routes.ts';
import { rotationRoutes } from '../features/living/rotation/routes.ts';
import { rowsRoutes } from '../rows/routes.ts';
import { exportSiteRoutes, importSiteRoutes } from '../features/house/site-file/routes.ts';
import { siteRoutes, sitesRoutes } from '../features/house/sites/routes.ts';
import { todayRoutes } from '../features/living/today/routes.ts';
import { visitRoutes } from '../features/house/visit/routes.ts';
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
