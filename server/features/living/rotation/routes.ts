import { rotateRequest } from '@stube/contract/rotation/requests';
import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { planRotation } from './service.ts';

export const rotationRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/rooms/:room/rotation',
    asyncHandler((request) =>
      planRotation(
        scopeOf(request, context),
        context.work,
        param(request, 'room'),
        read(rotateRequest, request.body).first,
      ),
    ),
  );
};
