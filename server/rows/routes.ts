/** The routes of rows, for every table the model says they are there for. */
import { type TableName, TABLES } from '@stube/core/model';
import { CREATABLE, createSchema, patchSchema, REMOVABLE, removeSchema } from '@stube/contract/rows/schemas';
import { NotFound } from '../db/problems.ts';
import { param, scopeOf, type SiteRoutes } from '../http/context.ts';
import { asyncHandler, read, readLarge } from '../http/handle.ts';
import { writeBatch } from './batch.ts';
import { createRow, patchRow, removeRow } from './service.ts';

function oneOf<T extends TableName>(tables: readonly T[], name: string): T {
  const table = tables.find((known) => known === name);
  if (!table) throw new NotFound('rows of', name);
  return table;
}

export const rowsRoutes: SiteRoutes = (router, context) => {
  router.post(
    '/batch',
    asyncHandler(async (request) =>
      writeBatch(scopeOf(request, context), await readLarge(context.work, 'batch', request.body)),
    ),
  );
  router.post(
    '/rows/:table',
    asyncHandler((request) => {
      const table = oneOf(CREATABLE, param(request, 'table'));
      return createRow(scopeOf(request, context), table, read(createSchema(table), request.body));
    }),
  );
  router.patch(
    '/rows/:table/:id',
    asyncHandler((request) => {
      const table = oneOf(TABLES, param(request, 'table'));
      return patchRow(scopeOf(request, context), table, param(request, 'id'), read(patchSchema(table), request.body));
    }),
  );
  router.delete(
    '/rows/:table/:id',
    asyncHandler((request) => {
      const table = oneOf(REMOVABLE, param(request, 'table'));
      const { version } = read(removeSchema, request.body ?? request.query);
      return removeRow(scopeOf(request, context), table, param(request, 'id'), version);
    }),
  );
};
