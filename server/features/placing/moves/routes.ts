import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { sendShown } from '../../../http/documents.ts';
import { asyncHandler } from '../../../http/handle.ts';
import { movesPdf } from './service.ts';

export const movesRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/rooms/:room/moves.pdf',
    asyncHandler(async (request, response) => {
      const { title, pdf } = await movesPdf(scopeOf(request, context), param(request, 'room'), context.work);
      sendShown(response, title, 'pdf', pdf);
    }),
  );
};
