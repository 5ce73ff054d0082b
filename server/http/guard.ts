/**
 * Keeps pages of elsewhere out. There is no log-in: who can send a request can do everything, so a browser that was led to
 * another page, or to a name that was made to point here, must not be able to.
 */
import type { RequestHandler, Response } from 'express';

const LOOPBACK = ['localhost', '127.0.0.1', '[::1]'];
const ADDRESS = /^(\d{1,3}(\.\d{1,3}){3}|\[[0-9a-f:.]+\])$/i;

/**
 * The names under which the server may be asked. A name that is looked up could be made to point here by anybody; an
 * address could not, so where it listens to the whole network any address will do.
 * @param listens as told by HOST
 * @param origin as told by STUBE_ORIGIN
 */
export function isKnownHost(host: string | undefined, listens: string, origin?: string): boolean {
  if (!host || !URL.canParse(`http://${host}`)) return false;
  const name = new URL(`http://${host}`).hostname;
  if (LOOPBACK.includes(name) || name === listens || name === `[${listens}]`) return true;
  if (origin && URL.canParse(origin) && new URL(origin).hostname === name) return true;
  return (listens === '0.0.0.0' || listens === '::') && ADDRESS.test(name);
}

/** Whether others than this machine can reach the server. @param listens as told by HOST */
export const isOpenToOthers = (listens: string): boolean =>
  !LOOPBACK.includes(listens) && listens !== '::1' && !listens.startsWith('127.');

const forbid = (response: Response, message: string) => void response.status(403).json({ message, fields: [] });

export const guard =
  (listens: string, origin?: string): RequestHandler =>
  (request, response, next) => {
    const host = request.get('host');
    if (!isKnownHost(host, listens, origin))
      return forbid(response, 'Stube is not reached under that name. Set HOST or STUBE_ORIGIN to it.');
    const from = request.get('origin');
    // `null` is what a page gives that hides where it comes from.
    const foreign = from !== undefined && !(URL.canParse(from) && new URL(from).host === host);
    const site = request.get('sec-fetch-site');
    const elsewhere = site === 'cross-site' || site === 'same-site';
    if ((foreign && request.method !== 'GET') || (elsewhere && request.path.startsWith('/api')))
      return forbid(response, 'Not from another page.');
    next();
  };
