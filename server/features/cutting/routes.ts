import { fileName, param, scopeOf, type SiteRoutes } from '../../http/context.ts';
import { asyncHandler } from '../../http/handle.ts';
import { cutCsv, cutDocument } from './service.ts';

export const cuttingRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/rooms/:room/cut-list.pdf',
    asyncHandler(async (request, response) => {
      const document = await cutDocument(scopeOf(request, context), param(request, 'room'), context.work);
      const pdf = await context.work.run('cutPdf', document);
      response
        .type('application/pdf')
        .setHeader('Content-Disposition', `inline; filename="${fileName(document.title, 'pdf')}"`);
      response.send(Buffer.from(pdf));
    }),
  );
  router.get(
    '/rooms/:room/cut-list.csv',
    asyncHandler(async (request, response) => {
      const document = await cutDocument(scopeOf(request, context), param(request, 'room'), context.work);
      response
        .type('text/csv')
        .attachment(fileName(document.title, 'csv'))
        .send(`\ufeff${cutCsv(document)}`);
    }),
  );
};
