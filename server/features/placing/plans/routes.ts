import { planRequest } from '@stube/contract/plans/requests';
import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { takePlan } from './service.ts';

export const plansRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/rooms/:room/plan',
    asyncHandler((request) =>
      takePlan(scopeOf(request, context), param(request, 'room'), read(planRequest, request.body)),
    ),
  );
};
