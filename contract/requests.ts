/** Requests that do more than write one row. */
import Joi from 'joi';
import { LISTS, type ListKey } from '@stube/core/pile/departures';
import type { ClueKind } from '@stube/core/pile/read-line';
import { PHOTO_KINDS, TABLES, type Photo, type SiteData } from '@stube/core/model/entities';
import { FIELDS, rowId, rowSchema } from './rows/entities.ts';

export interface NewSite {
  name: string;
  system: 'metric' | 'imperial';
  currency: string;
}
export const newSite: Joi.ObjectSchema<NewSite> = Joi.object({
  name: FIELDS.site.name!.required(),
  system: FIELDS.site.system!.default('metric'),
  currency: FIELDS.site.currency!.default('EUR'),
});

/** A line of the pile as typed; a category or a library entry may be chosen in place of the proposed one. */
export interface NewLine {
  roomId: string;
  text: string;
  categoryId?: string | null;
  starter?: string;
  decision?: string;
  /** Clues that were guessed wrongly. */
  ignore?: ClueKind[];
  /** ISO date where the person is. */
  today?: string;
}
export const newLine: Joi.ObjectSchema<NewLine> = Joi.object({
  roomId: rowId.required(),
  text: Joi.string().trim().min(1).max(200).required(),
  categoryId: rowId.allow(null),
  starter: FIELDS.category.starter!,
  decision: FIELDS.line.decision!,
  ignore: Joi.array()
    .items(Joi.valid('amount', 'size', 'decision', 'condition', 'day', 'set', 'note'))
    .max(7),
  today: FIELDS.line.due!,
});

export interface LineCategory {
  version: number;
  starter: string;
}
/** Gives a line a category of the library, which is taken into the site when it is not there yet. */
export const lineCategory: Joi.ObjectSchema<LineCategory> = Joi.object({
  version: Joi.number().integer().required(),
  starter: Joi.string().max(60).required(),
});

export interface ContainRequest {
  choices?: { categoryId: string; containerTypeId: string; count: number }[];
}
export const containRequest: Joi.ObjectSchema<ContainRequest> = Joi.object({
  choices: Joi.array()
    .max(2000)
    .items(
      Joi.object({
        categoryId: rowId.required(),
        containerTypeId: rowId.required(),
        count: Joi.number().integer().min(0).max(200).required(),
      }),
    )
    .unique('categoryId'),
});

export interface PlaceRequest {
  placed?: { binId: string; compartmentId: string | null }[];
  pin?: boolean;
}
export const placeRequest: Joi.ObjectSchema<PlaceRequest> = Joi.object({
  placed: Joi.array()
    .max(10000)
    .items(Joi.object({ binId: rowId.required(), compartmentId: rowId.allow(null).required() }))
    .unique('binId'),
  pin: Joi.boolean(),
});

export interface PrintedRequest {
  bins: string[];
}
export const printedRequest: Joi.ObjectSchema<PrintedRequest> = Joi.object({
  bins: Joi.array().items(rowId).min(1).max(10000).required(),
});

export interface SeenRequest {
  version: number;
  full: number;
}
export const seenRequest: Joi.ObjectSchema<SeenRequest> = Joi.object({
  version: Joi.number().integer().required(),
  full: Joi.number().min(0).max(1.5).required(),
});

export interface SessionRequest {
  act: 'start' | 'pause' | 'resume' | 'end';
}
export const sessionRequest: Joi.ObjectSchema<SessionRequest> = Joi.object({
  act: Joi.valid('start', 'pause', 'resume', 'end').required(),
});

/** Says what the picture in the body shows. */
export type PhotoQuery = Pick<Photo, 'kind' | 'takenOn' | 'width' | 'height' | 'note' | 'lineId'>;
export const photoQuery: Joi.ObjectSchema<PhotoQuery> = Joi.object({
  kind: Joi.valid(...PHOTO_KINDS).required(),
  takenOn: FIELDS.photo.takenOn!.required(),
  width: FIELDS.photo.width!.required(),
  height: FIELDS.photo.height!.required(),
  note: Joi.string().trim().max(200).allow('').default(''),
  lineId: rowId.default(null),
});

export interface ListQuery {
  of: ListKey;
  room?: string;
}
export const listQuery: Joi.ObjectSchema<ListQuery> = Joi.object({
  of: Joi.valid(...Object.keys(LISTS)).required(),
  room: rowId,
});

export interface LabelQuery {
  paper: 'A4' | 'Letter';
  room?: string;
  which: 'all' | 'changed';
  bin?: string;
}
export const labelQuery: Joi.ObjectSchema<LabelQuery> = Joi.object({
  paper: Joi.valid('A4', 'Letter').default('A4'),
  room: rowId,
  which: Joi.valid('all', 'changed').default('all'),
  bin: rowId,
});

export const EXPORT_FORMAT = 'stube-site';
export const EXPORT_VERSION = 2;

export interface SiteExport {
  format: typeof EXPORT_FORMAT;
  version: number;
  exportedAt: string;
  data: SiteData;
  /** The photographs, JPEG in base64, by the id of their row. */
  pictures: Record<string, string>;
}

const MAX_ROWS = 200_000;
/** Tables that files of version 1 do not have. */
const LATER: readonly string[] = ['session', 'deferral', 'photo'];
/** One site in one file. Every row is checked before anything is written. */
export const siteExport: Joi.ObjectSchema<SiteExport> = Joi.object({
  format: Joi.valid(EXPORT_FORMAT).required(),
  version: Joi.valid(1, EXPORT_VERSION)
    .required()
    .messages({ 'any.only': `only versions 1 and ${EXPORT_VERSION} of the file are understood` }),
  exportedAt: Joi.string().max(40).required(),
  data: Joi.object(
    Object.fromEntries(
      TABLES.map((table) => [
        table,
        (LATER.includes(table)
          ? Joi.array().max(MAX_ROWS).default([])
          : (table === 'site' ? Joi.array().length(1) : Joi.array().max(MAX_ROWS)).required()
        ).items(rowSchema(table)),
      ]),
    ),
  ).required(),
  pictures: Joi.object().pattern(rowId, Joi.string().base64().max(8_000_000)).default({}),
});
