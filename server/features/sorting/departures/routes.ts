import { listQuery } from '@stube/contract/departures/requests';
import { scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { sendShown, sendTable } from '../../../http/documents.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { giveWayOut } from './place.ts';
import { listCsv, listPdf } from './service.ts';

export const departuresRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/list.pdf',
    asyncHandler(async (request, response) => {
      const { title, pdf } = await listPdf(scopeOf(request, context), read(listQuery, request.query), context.work);
      sendShown(response, title, 'pdf', pdf);
    }),
  );
  router.post(
    '/departures/place',
    asyncHandler((request) => giveWayOut(scopeOf(request, context))),
  );
  router.get(
    '/list.csv',
    asyncHandler(async (request, response) => {
      const query = read(listQuery, request.query);
      sendTable(response, query.of, await listCsv(scopeOf(request, context), query));
    }),
  );
};
