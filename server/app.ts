/** The application as Express knows it: headers, limits, the interface, and the built screens. */
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import express, { type Express } from 'express';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import { api, type ApiOptions } from './routes/api.ts';
import { problems } from './routes/handle.ts';

export interface AppOptions extends ApiOptions {
  /** Folder of the built screens; none in tests of the interface. */
  screens?: string;
  log?: (error: unknown) => void;
}

/** Enough for a person who drags, too little for a loop gone wild. */
const REQUESTS_A_MINUTE = 3000;

export function createApp({ screens, log = () => {}, ...options }: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
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
  app.use(rateLimit({ windowMs: 60_000, limit: REQUESTS_A_MINUTE, standardHeaders: true, legacyHeaders: false }));
  // A page of another origin must not write here through this browser.
  app.use((request, response, next) => {
    const from = request.get('origin');
    if (from && request.method !== 'GET' && URL.canParse(from) && new URL(from).host !== request.get('host'))
      return void response.status(403).json({ message: 'Not from another page.', fields: [] });
    next();
  });
  app.use(
    '/api',
    (_request, response, next) => {
      response.setHeader('Cache-Control', 'no-store');
      next();
    },
    api(options),
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
  app.use(problems(log));
  return app;
}
