import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { sendShown, sendTable } from '../../../http/documents.ts';
import { asyncHandler } from '../../../http/handle.ts';
import { firstAidPdf, ordersCsv, ordersPdf } from './service.ts';

export const restockRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/orders.csv',
    asyncHandler(async (request, response) => {
      sendTable(response, 'orders', await ordersCsv(scopeOf(request, context)));
    }),
  );
  router.get(
    '/orders.pdf',
    asyncHandler(async (request, response) => {
      const { title, pdf } = await ordersPdf(scopeOf(request, context), context.work);
      sendShown(response, title, 'pdf', pdf);
    }),
  );
  router.get(
    '/rooms/:room/first-aid.pdf',
    asyncHandler(async (request, response) => {
      const { title, pdf } = await firstAidPdf(scopeOf(request, context), context.work, param(request, 'room'));
      sendShown(response, title, 'pdf', pdf);
    }),
  );
};
