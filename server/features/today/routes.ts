import { scopeOf, type SiteRoutes } from '../../http/context.ts';
import { asyncHandler } from '../../http/handle.ts';
import { todayIcs } from './calendar.ts';

export const todayRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/today.ics',
    asyncHandler(async (request, response) => {
      response
        .type('text/calendar')
        .attachment('today.ics')
        .send(await todayIcs(scopeOf(request, context)));
    }),
  );
};
