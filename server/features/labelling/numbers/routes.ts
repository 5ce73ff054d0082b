import { closeGapsRequest, numberRequest } from '@stube/contract/numbers/requests';
import { cellsOf, tableCsv } from '../../../documents/table.ts';
import { scopeOf, type SiteRoutes } from '../../../http/context.ts';
import { sendShown, sendTable } from '../../../http/documents.ts';
import { asyncHandler, read } from '../../../http/handle.ts';
import { closeNumberGaps, giveNumbers, INDEX_COLUMNS, numberIndex } from './service.ts';

export const numbersRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/numbers',
    asyncHandler((request) => giveNumbers(scopeOf(request, context), read(numberRequest, request.body))),
  );
  router.post(
    '/numbers/close',
    asyncHandler((request) => closeNumberGaps(scopeOf(request, context), read(closeGapsRequest, request.body).series)),
  );
  router.get(
    '/numbers.csv',
    asyncHandler(async (request, response) => {
      const { title, rows } = await numberIndex(scopeOf(request, context));
      sendTable(response, title, tableCsv(INDEX_COLUMNS, rows));
    }),
  );
  router.get(
    '/numbers.pdf',
    asyncHandler(async (request, response) => {
      const { title, rows, paper } = await numberIndex(scopeOf(request, context));
      const under = `${rows.length} numbered sets, by number. The number is on the set; the bin says where it lies.`;
      const table = cellsOf(INDEX_COLUMNS, rows);
      const pdf = await context.work.run('tablePdf', { title, under, table, boxes: false, paper });
      sendShown(response, title, 'pdf', pdf);
    }),
  );
};
