import { scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { asyncHandler, readLarge } from '../../../http/handle.ts';
import { importLines } from './service.ts';

export const importRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/import',
    asyncHandler(async (request) =>
      importLines(scopeOf(request, context), await readLarge(context.work, 'import', request.body)),
    ),
  );
};
