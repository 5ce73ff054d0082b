/** The whole interface of the server under /api. */
import { Router, json, raw } from 'express';
import { batch, importedLines } from '@stube/contract/rows/batch';
import { createSchema, EDITABLE, patchSchema, removeSchema, type EditableTable } from '@stube/contract/rows/entities';
import {
  containRequest,
  labelQuery,
  lineCategory,
  listQuery,
  newLine,
  newSite,
  photoQuery,
  placeRequest,
  printedRequest,
  seenRequest,
  sessionRequest,
  siteExport,
} from '@stube/contract/requests';
import { TABLES, type TableName } from '@stube/core/model/entities';
import type { Db } from '../db/open.ts';
import { historyOfRow, stepHistory } from '../db/journal.ts';
import { labelsPdf } from '../features/labels/document.ts';
import { writeBatch } from '../features/rows/batch.ts';
import { makeBins, recordFull } from '../features/containers/service.ts';
import { exportSite, importSite, inventoryCsv } from '../features/site-file/service.ts';
import { importLines } from '../features/import/service.ts';
import { labelsOf, markPrinted } from '../features/labels/service.ts';
import { dayPlanIcs, listCsv, listPdf } from '../features/departures/service.ts';
import { addPhoto, pictureOf } from '../features/photos/service.ts';
import { addLine, categorise } from '../features/pile/service.ts';
import { placeBins } from '../features/placement/service.ts';
import { NotFound } from '../db/problems.ts';
import { removeRow } from '../features/rows/removal.ts';
import { createRow, patchRow } from '../features/rows/rows.ts';
import { runSession } from '../features/makeover/sessions.ts';
import { createSite, listSites, setRemoved, snapshot } from '../features/sites/service.ts';
import { answer, read } from './handle.ts';

export interface ApiOptions {
  db: Db;
  /** Where people reach the application, for QR codes; from the request where it is not set. */
  origin?: string;
  now?: () => Date;
}

const fileName = (name: string, ending: string): string =>
  `${
    name
      .normalize('NFD')
      .replace(/[^A-Za-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .toLowerCase() || 'site'
  }.${ending}`;

export function api({ db, origin, now = () => new Date() }: ApiOptions): Router {
  const router = Router();
  const whole = json({ limit: '60mb' });
  router.post(
    '/import',
    whole,
    answer(async (request) => ({ siteId: await importSite(db, read(siteExport, request.body)) })),
  );
  /** Whole lists come in at once. */
  router.use('/sites/:site/batch', json({ limit: '20mb' }));
  router.use('/sites/:site/import', json({ limit: '20mb' }));
  router.use(json({ limit: '1mb' }));

  router.get(
    '/health',
    answer(async () => ({ ok: true })),
  );
  router.get(
    '/sites',
    answer(() => listSites(db)),
  );
  router.post(
    '/sites',
    answer((request) => createSite(db, read(newSite, request.body))),
  );
  router.post(
    '/sites/:site/restore',
    answer(async (request) => (await setRemoved(db, String(request.params.site), false), { ok: true })),
  );
  router.delete(
    '/sites/:site',
    answer(async (request) => (await setRemoved(db, String(request.params.site), true), { ok: true })),
  );

  const own = Router({ mergeParams: true });
  const site = (request: { params: object }): string => (request.params as { site: string }).site;
  const param = (request: { params: object }, name: string): string =>
    (request.params as Record<string, string>)[name]!;

  own.get(
    '/',
    answer((request) => snapshot(db, site(request))),
  );
  own.post(
    '/undo',
    answer(async (request) => (await stepHistory(db, site(request), 'undo')) ?? { nothing: true }),
  );
  own.post(
    '/redo',
    answer(async (request) => (await stepHistory(db, site(request), 'redo')) ?? { nothing: true }),
  );
  own.post(
    '/lines',
    answer((request) => addLine(db, site(request), read(newLine, request.body), now())),
  );
  own.post(
    '/lines/:id/category',
    answer((request) => {
      const { starter, version } = read(lineCategory, request.body);
      return categorise(db, site(request), param(request, 'id'), starter, version);
    }),
  );
  own.post(
    '/batch',
    answer((request) => writeBatch(db, site(request), read(batch, request.body), now())),
  );
  own.post(
    '/import',
    answer((request) => importLines(db, site(request), read(importedLines, request.body))),
  );
  own.post(
    '/rooms/:room/session',
    answer((request) =>
      runSession(db, site(request), param(request, 'room'), read(sessionRequest, request.body).act, now()),
    ),
  );
  own.post(
    '/rooms/:room/photos',
    raw({ type: 'image/jpeg', limit: '5mb' }),
    answer((request) =>
      addPhoto(db, site(request), param(request, 'room'), read(photoQuery, request.query), request.body),
    ),
  );
  own.get(
    '/photos/:id.jpg',
    answer(async (request, response) => {
      // A photograph never changes: only its row does.
      response.type('image/jpeg').setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      response.send(await pictureOf(db, site(request), param(request, 'id')));
    }),
  );
  own.get(
    '/rooms/:room/days.ics',
    answer(async (request, response) => {
      const text = await dayPlanIcs(db, site(request), param(request, 'room'), now());
      response.type('text/calendar').attachment('makeover.ics').send(text);
    }),
  );
  own.get(
    '/list.pdf',
    answer(async (request, response) => {
      const { title, pdf } = await listPdf(db, site(request), read(listQuery, request.query));
      response.type('application/pdf').setHeader('Content-Disposition', `inline; filename="${fileName(title, 'pdf')}"`);
      response.send(pdf);
    }),
  );
  own.get(
    '/list.csv',
    answer(async (request, response) => {
      const query = read(listQuery, request.query);
      response
        .type('text/csv')
        .attachment(`${query.of}.csv`)
        .send(`\ufeff${await listCsv(db, site(request), query)}`);
    }),
  );
  own.post(
    '/rooms/:room/contain',
    answer((request) => makeBins(db, site(request), param(request, 'room'), read(containRequest, request.body))),
  );
  own.post(
    '/rooms/:room/place',
    answer((request) => placeBins(db, site(request), param(request, 'room'), read(placeRequest, request.body))),
  );
  own.post(
    '/printed',
    answer((request) => markPrinted(db, site(request), read(printedRequest, request.body).bins)),
  );
  own.post(
    '/bins/:id/seen',
    answer((request) => {
      const { full, version } = read(seenRequest, request.body);
      return recordFull(db, site(request), param(request, 'id'), full, version);
    }),
  );
  own.get(
    '/rows/:id/history',
    answer((request) => historyOfRow(db, site(request), param(request, 'id'))),
  );
  own.get(
    '/labels.pdf',
    answer(async (request, response) => {
      const query = read(labelQuery, request.query);
      const { title, labels } = await labelsOf(
        db,
        site(request),
        query,
        origin ?? `${request.protocol}://${request.get('host')}`,
      );
      response.type('application/pdf').setHeader('Content-Disposition', `inline; filename="${fileName(title, 'pdf')}"`);
      response.send(await labelsPdf(title, labels, query.paper));
    }),
  );
  own.get(
    '/inventory.csv',
    answer(async (request, response) => {
      response
        .type('text/csv')
        .attachment('inventory.csv')
        .send(`\ufeff${await inventoryCsv(db, site(request))}`);
    }),
  );
  own.get(
    '/export',
    answer(async (request, response) => {
      const file = await exportSite(db, site(request), now());
      response.attachment(fileName(file.data.site[0]!.name, 'stube.json')).json(file);
    }),
  );
  own.post(
    '/rows/:table',
    answer((request) => {
      const table = editable(param(request, 'table'));
      return createRow(db, site(request), table, read(createSchema(table), request.body));
    }),
  );
  own.patch(
    '/rows/:table/:id',
    answer((request) => {
      const table = known(param(request, 'table'));
      return patchRow(db, site(request), table, param(request, 'id'), read(patchSchema(table), request.body), now());
    }),
  );
  own.delete(
    '/rows/:table/:id',
    answer((request) => {
      const table = known(param(request, 'table'));
      if (table === 'site' || table === 'compartment') throw new NotFound('such rows to remove:', table);
      return removeRow(
        db,
        site(request),
        table,
        param(request, 'id'),
        read(removeSchema, request.body ?? request.query).version,
      );
    }),
  );
  router.use('/sites/:site', own);
  router.use(
    answer(async (request) => {
      throw new NotFound('address', request.path);
    }),
  );
  return router;
}

function known(table: string): TableName {
  if (!TABLES.includes(table as TableName)) throw new NotFound('table', table);
  return table as TableName;
}

function editable(table: string): EditableTable {
  if (!(table in EDITABLE)) throw new NotFound('rows of', table);
  return table as EditableTable;
}
