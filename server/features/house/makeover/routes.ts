import { sessionRequest } from '@stube/contract/makeover/requests';
import { param, scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { sendCalendar } from '../../../http/documents.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { dayPlanIcs } from './days.ts';
import { keepAsItIs, runSession } from './service.ts';

export const makeoverRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/rooms/:room/session',
    asyncHandler((request) =>
      runSession(scopeOf(request, context), param(request, 'room'), read(sessionRequest, request.body).act),
    ),
  );
  router.post(
    '/rooms/:room/as-it-is',
    asyncHandler((request) => keepAsItIs(scopeOf(request, context), param(request, 'room'))),
  );
  router.get(
    '/rooms/:room/days.ics',
    asyncHandler(async (request, response) => {
      const text = await dayPlanIcs(scopeOf(request, context), param(request, 'room'));
      sendCalendar(response, 'makeover', text);
    }),
  );
};
