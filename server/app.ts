/** The application as Express knows it: headers, limits, the interface, and the built screens. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import compression from 'compression';
import express, { type Express } from 'express';
import { ipKeyGenerator, rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import { api } from './http/api.ts';
import type { Context } from './http/context.ts';
import { guard, isOpenToOthers } from './http/guard.ts';
import { errorHandler } from './http/handle.ts';

export interface AppOptions extends Omit<Context, 'now' | 'open'> {
  now?: () => Date;
  /** Where it listens, as told by HOST. */
  host?: string;
  /** Folder of the built screens; none in tests of the interface. */
  screens?: string;
  log?: (error: unknown) => void;
  /** Requests of one address in a minute. */
  requestsAMinute?: number;
}

/** Enough for a person who drags, too little for a loop gone wild. */
const REQUESTS_A_MINUTE = 3000;
/** Answers from so many bytes on are compressed, quickly rather than well. */
const COMPRESSED_FROM = 2048;
const COMPRESSION_LEVEL = 4;

export function createApp({
  screens,
  log = () => {},
  host = '127.0.0.1',
  requestsAMinute = REQUESTS_A_MINUTE,
  ...options
}: AppOptions): Express {
  const context: Context = { now: () => new Date(), open: isOpenToOthers(host), ...options };
  const app = express();
  app.disable('x-powered-by');
  app.use(guard(host, options.origin));
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          styleSrc: ["'self'", "'unsafe-inline'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'", 'blob:'],
          objectSrc: ["'none'"],
          frameAncestors: ["'none'"],
          upgradeInsecureRequests: null,
        },
      },
      // Served over plain HTTP on this machine or the house's own network.
      strictTransportSecurity: false,
    }),
  );
  app.use(
    rateLimit({
      windowMs: 60_000,
      limit: requestsAMinute,
      // Reading and writing are counted apart: a loop that writes keeps nobody at that address from looking.
      keyGenerator: ({ ip = '', method }) => `${ipKeyGenerator(ip)} ${method === 'GET' ? 'reads' : 'writes'}`,
      standardHeaders: true,
      legacyHeaders: false,
      handler: (_request, response) =>
        void response.status(429).json({ message: 'Too many requests: wait a moment and try again.', fields: [] }),
    }),
  );
  app.use(compression({ threshold: COMPRESSED_FROM, level: COMPRESSION_LEVEL }));
  app.use(
    '/api',
    (_request, response, next) => {
      response.setHeader('Cache-Control', 'no-store');
      next();
    },
    api(context),
  );
  if (screens && existsSync(screens)) {
    app.use('/assets', express.static(join(screens, 'assets'), { immutable: true, maxAge: '1y' }));
    app.use(express.static(screens, { index: false }));
    app.use((request, response, next) => {
      if (request.method !== 'GET' || request.path.startsWith('/assets/')) return next();
      response.setHeader('Cache-Control', 'no-cache');
      response.sendFile(join(screens, 'index.html'));
    });
  }
  app.use(errorHandler(log));
  return app;
}
