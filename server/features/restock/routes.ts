import { param, scopeOf, type SiteRoutes } from '../../http/context.ts';
import { asyncHandler } from '../../http/handle.ts';
import { firstAidPdf, ordersCsv, ordersPdf } from './service.ts';

export const restockRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/orders.csv',
    asyncHandler(async (request, response) => {
      response
        .type('text/csv')
        .attachment('orders.csv')
        .send(`\ufeff${await ordersCsv(scopeOf(request, context))}`);
    }),
  );
  router.get(
    '/orders.pdf',
    asyncHandler(async (request, response) => {
      response.type('application/pdf').send(await ordersPdf(scopeOf(request, context), context.work));
    }),
  );
  router.get(
    '/rooms/:room/first-aid.pdf',
    asyncHandler(async (request, response) => {
      const pdf = await firstAidPdf(scopeOf(request, context), context.work, param(request, 'room'));
      response.type('application/pdf').send(pdf);
    }),
  );
};
