import { containRequest } from '@stube/contract/containers/requests';
import { param, scopeOf, type SiteRoutes } from '../../http/context.ts';
import { asyncHandler, read } from '../../http/handle.ts';
import { makeBins } from './service.ts';

export const containersRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/rooms/:room/contain',
    asyncHandler((request) =>
      makeBins(scopeOf(request, context), param(request, 'room'), read(containRequest, request.body)),
    ),
  );
};
