import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { sendShown, sendTable } from '../../../http/documents.ts';
import { asyncHandler } from '../../../http/handle.ts';
import { cutCsv, cutDocument } from './service.ts';

export const cuttingRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/rooms/:room/cut-list.pdf',
    asyncHandler(async (request, response) => {
      const document = await cutDocument(scopeOf(request, context), param(request, 'room'), context.work);
      sendShown(response, document.title, 'pdf', await context.work.run('cutPdf', document));
    }),
  );
  router.get(
    '/rooms/:room/cut-list.csv',
    asyncHandler(async (request, response) => {
      const document = await cutDocument(scopeOf(request, context), param(request, 'room'), context.work);
      sendTable(response, document.title, cutCsv(document));
    }),
  );
};
