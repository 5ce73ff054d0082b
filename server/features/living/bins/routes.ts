import { observedRequest, seenRequest } from '@stube/contract/bins/requests';
import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { observe, recordFull } from './service.ts';

export const binsRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/bins/:id/seen',
    asyncHandler((request) => {
      const { full, version } = read(seenRequest, request.body);
      return recordFull(scopeOf(request, context), param(request, 'id'), full, version);
    }),
  );
  router.post(
    '/bins/:id/observed',
    asyncHandler((request) =>
      observe(scopeOf(request, context), param(request, 'id'), read(observedRequest, request.body)),
    ),
  );
};
