import { containRequest, shoppingQuery } from '@stube/contract/containers/requests';
import { fileName, param, scopeOf, type SiteRoutes } from '../../http/context.ts';
import { asyncHandler, read } from '../../http/handle.ts';
import { makeBins } from './service.ts';
import { shoppingCsv, shoppingPdf } from './shopping.ts';

export const containersRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/rooms/:room/contain',
    asyncHandler((request) =>
      makeBins(scopeOf(request, context), param(request, 'room'), read(containRequest, request.body)),
    ),
  );
  router.get(
    '/shopping.pdf',
    asyncHandler(async (request, response) => {
      const query = read(shoppingQuery, request.query);
      const { title, pdf } = await shoppingPdf(scopeOf(request, context), query, context.work);
      response.type('application/pdf').setHeader('Content-Disposition', `inline; filename="${fileName(title, 'pdf')}"`);
      response.send(Buffer.from(pdf));
    }),
  );
  router.get(
    '/shopping.csv',
    asyncHandler(async (request, response) => {
      const query = read(shoppingQuery, request.query);
      response
        .type('text/csv')
        .attachment('shopping.csv')
        .send(`\ufeff${await shoppingCsv(scopeOf(request, context), query)}`);
    }),
  );
};
