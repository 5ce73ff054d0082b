import { containRequest, shoppingQuery } from '@stube/contract/containers/requests';
import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { sendShown, sendTable } from '../../../http/documents.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
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
      sendShown(response, title, 'pdf', pdf);
    }),
  );
  router.get(
    '/shopping.csv',
    asyncHandler(async (request, response) => {
      const query = read(shoppingQuery, request.query);
      sendTable(response, 'shopping', await shoppingCsv(scopeOf(request, context), query));
    }),
  );
};
