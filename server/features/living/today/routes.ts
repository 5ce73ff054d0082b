import { scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { sendCalendar } from '../../../http/documents.ts';
import { asyncHandler } from '../../../http/handle.ts';
import { todayIcs } from './calendar.ts';

export const todayRoutes: SiteRoutes = (router, context) => {
  router.get(
    '/today.ics',
    asyncHandler(async (request, response) => {
      sendCalendar(response, 'today', await todayIcs(scopeOf(request, context)));
    }),
  );
};
