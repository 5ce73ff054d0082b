import { labelQuery, plotterQuery, printedRequest } from '@stube/contract/labels/requests';
import { cellsOf } from '../../../documents/table.ts';
import { param, scopeOf, type Context, type SiteRoutes } from '../../../http/context.ts';
import { sendShown } from '../../../http/documents.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { binsOfRoom, keyOfRoom, labelsOf, markPrinted, outlinesOf } from './service.ts';
import type { Request } from 'express';

const originOf = (request: Request, { origin }: Context): string =>
  origin ?? `${request.protocol}://${request.get('host')}`;

export const labelsRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/printed',
    asyncHandler((request) => markPrinted(scopeOf(request, context), read(printedRequest, request.body))),
  );
  router.get(
    '/labels.pdf',
    asyncHandler(async (request, response) => {
      const query = read(labelQuery, request.query);
      const document = await labelsOf(scopeOf(request, context), query, originOf(request, context));
      sendShown(response, document.title, 'pdf', await context.work.run('labelsPdf', document));
    }),
  );
  router.get(
    '/labels.svg',
    asyncHandler(async (request, response) => {
      const { height, letters, weld, mirrored, ...query } = read(plotterQuery, request.query);
      const { title, contents } = await labelsOf(scopeOf(request, context), query, originOf(request, context));
      const options = { height, letters, weld, mirrored };
      sendShown(response, title, 'svg', await context.work.run('plotterSvg', { labels: contents, options }));
    }),
  );
  router.get(
    '/rooms/:room/outlines.pdf',
    asyncHandler(async (request, response) => {
      const document = await outlinesOf(scopeOf(request, context), param(request, 'room'));
      sendShown(response, document.title, 'pdf', await context.work.run('outlinesPdf', document));
    }),
  );
  router.get(
    '/rooms/:room/label-list.pdf',
    asyncHandler(async (request, response) => {
      const { room, paper, labels } = await binsOfRoom(scopeOf(request, context), param(request, 'room'));
      const columns = [
        { title: 'code', share: 10, of: ({ code }: (typeof labels)[number]) => code },
        { title: 'says', share: 40, of: ({ word }: (typeof labels)[number]) => word },
        { title: 'written by hand', share: 50, of: () => '' },
      ];
      const title = `${room.name} · labels to write by hand`;
      const under = `${labels.length} labels. Letters as high as the finger is wide are read across a table.`;
      const table = cellsOf(columns, labels);
      sendShown(
        response,
        title,
        'pdf',
        await context.work.run('tablePdf', { title, under, table, boxes: true, paper }),
      );
    }),
  );
  router.get(
    '/rooms/:room/label-key.pdf',
    asyncHandler(async (request, response) => {
      const { room, paper, rows } = await keyOfRoom(scopeOf(request, context), param(request, 'room'));
      const columns = [
        { title: 'code', share: 12, of: ({ code }: (typeof rows)[number]) => code },
        { title: 'the label says', share: 40, of: ({ shown }: (typeof rows)[number]) => shown },
        { title: 'it means', share: 48, of: ({ means }: (typeof rows)[number]) => means },
      ];
      const title = `${room.name} · key to the labels`;
      const under = 'Keep it locked away: it says what visitors are not to read.';
      const table = cellsOf(columns, rows);
      sendShown(
        response,
        title,
        'pdf',
        await context.work.run('tablePdf', { title, under, table, boxes: false, paper }),
      );
    }),
  );
};
