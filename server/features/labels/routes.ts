import { labelQuery, printedRequest } from '@stube/contract/labels/requests';
import { fileName, scopeOf, type SiteRoutes } from '../../http/context.ts';
import { asyncHandler, read } from '../../http/handle.ts';
import { labelsOf, markPrinted } from './service.ts';

export const labelsRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/printed',
    asyncHandler((request) => markPrinted(scopeOf(request, context), read(printedRequest, request.body).bins)),
  );
  router.get(
    '/labels.pdf',
    asyncHandler(async (request, response) => {
      const query = read(labelQuery, request.query);
      const origin = context.origin ?? `${request.protocol}://${request.get('host')}`;
      const { title, labels, paper } = await labelsOf(scopeOf(request, context), query, origin);
      const pdf = await context.work.run('labelsPdf', { title, labels, paper });
      response.type('application/pdf').setHeader('Content-Disposition', `inline; filename="${fileName(title, 'pdf')}"`);
      response.send(Buffer.from(pdf));
    }),
  );
};
