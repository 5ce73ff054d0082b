import { placeRequest } from '@stube/contract/placement/requests';
import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { placeBins } from './service.ts';

export const placementRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/rooms/:room/place',
    asyncHandler((request) =>
      placeBins(scopeOf(request, context), param(request, 'room'), read(placeRequest, request.body), context.work),
    ),
  );
};
