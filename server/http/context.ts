/** What routes are made with, and what each request tells of who asks. */
import type { Request, Router } from 'express';
import type { Db } from '../db/store.ts';
import { NotFound } from '../db/problems.ts';
import { NOBODY, type Scope } from '../db/scope.ts';
import type { Work } from '../threads/pool.ts';

export interface Context {
  db: Db;
  work: Work;
  /** Where people reach the application, for QR codes; from the request where it is not set. */
  origin?: string;
  now: () => Date;
  /** Whether others than this machine can reach it. */
  open?: boolean;
  /** Tells this run of the server from every other. */
  instance?: string;
  /** The site file of the made-up house. */
  madeUpHouse?: string;
}

/** The routes of one feature on one site: `router` stands under /api/sites/:site, whose id was checked. */
export type SiteRoutes = (router: Router, context: Context) => void;

const ID = /^[A-Za-z0-9_-]{1,40}$/;

/** A part of the address. @throws NotFound when it is no id, so that nothing else reaches the database */
export function param(request: Request, name: string): string {
  const value = String(request.params[name] ?? '');
  if (!ID.test(value)) throw new NotFound('address', value);
  return value;
}

/** The device that asks, as long as there are no accounts. */
export function whoAsks(request: Request): string {
  const device = request.get('x-stube-device') ?? '';
  return ID.test(device) ? device : NOBODY;
}

export const scopeOf = (request: Request, { db, now }: Context): Scope => ({
  db,
  siteId: param(request, 'site'),
  who: whoAsks(request),
  now: now(),
});
