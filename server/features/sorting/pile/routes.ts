import { lineCategory, newLine } from '@stube/contract/pile/requests';
import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { addLine, categorise } from './service.ts';

export const pileRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/lines',
    asyncHandler((request) => addLine(scopeOf(request, context), read(newLine, request.body))),
  );
  router.post(
    '/lines/:id/category',
    asyncHandler((request) => {
      const { starter, version } = read(lineCategory, request.body);
      return categorise(scopeOf(request, context), param(request, 'id'), starter, version);
    }),
  );
};
