import { importedLines } from '@stube/contract/import/requests';
import { scopeOf, type SiteRoutes } from '../../http/context.ts';
import { asyncHandler, read } from '../../http/handle.ts';
import { importLines } from './service.ts';

export const importRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/import',
    asyncHandler((request) => importLines(scopeOf(request, context), read(importedLines, request.body))),
  );
};
