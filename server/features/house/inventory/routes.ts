import { scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { sendTable } from '../../../http/documents.ts';
import { asyncHandler } from '../../../http/handle.ts';
import { inventoryCsv } from './service.ts';

export const inventoryRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/inventory.csv',
    asyncHandler(async (request, response) => {
      sendTable(response, 'inventory', await inventoryCsv(scopeOf(request, context)));
    }),
  );
};
