import { dropRequest } from '@stube/contract/history/requests';
import { dropHistory, historyOfRow, historySize } from '../../../db/history.ts';
import { stepHistory } from '../../../db/undo.ts';
import { param, scopeOf, whoAsks, type SiteRoutes } from '../../../http/context.ts';
import { asyncHandler, read } from '../../../http/handle.ts';

export const historyRoutes: SiteRoutes = (router, context) => {
  for (const direction of ['undo', 'redo'] as const)
    router.post(
      `/${direction}`,
      asyncHandler(async (request) => (await stepHistory(scopeOf(request, context), direction)) ?? { nothing: true }),
    );
  router.get(
    '/history',
    asyncHandler((request) => historySize(context.db, param(request, 'site'))),
  );
  router.post(
    '/history/drop',
    asyncHandler((request) => dropHistory(context.db, param(request, 'site'), read(dropRequest, request.body).before)),
  );
  router.get(
    '/rows/:id/history',
    asyncHandler((request) => historyOfRow(context.db, param(request, 'site'), param(request, 'id'), whoAsks(request))),
  );
};
