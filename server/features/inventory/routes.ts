import { scopeOf, type SiteRoutes } from '../../http/context.ts';
import { asyncHandler } from '../../http/handle.ts';
import { inventoryCsv } from './service.ts';

export const inventoryRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/inventory.csv',
    asyncHandler(async (request, response) => {
      response
        .type('text/csv')
        .attachment('inventory.csv')
        .send(`\ufeff${await inventoryCsv(scopeOf(request, context))}`);
    }),
  );
};
