import { API } from '@proper-swing/contract';
import compression from 'compression';
import express, { type Express } from 'express';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import type { DataSource } from 'typeorm';
import { answerProblems, problem } from './http/problem';
import { committing } from './record/committing';
import { callViews } from './record/callViews';
import { recordStore } from './record/recordStore';
import { apiRouter } from './routes/apiRouter';

export const VERSION = '0.1.0';

/** Far more than a walk-round or an engine request needs. */
const LARGEST_BODY = '256kb';

export interface AppParts {
  store: DataSource;
  logger: Logger;
  /** Folder of the built app; without it only the API answers. */
  webRoot?: string;
}

/** The whole server but its port: API, built app and errors. */
export function createApp({ store, logger, webRoot }: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(pinoHttp({ logger, autoLogging: { ignore: ({ url }) => !(url ?? '').startsWith(API) } }));
  app.use(
    helmet({
      // Served in plain http on a loopback or a workshop's own network.
      hsts: false,
      contentSecurityPolicy: {
        directives: { 'upgrade-insecure-requests': null, 'worker-src': ["'self'"], 'img-src': ["'self'", 'data:'] },
      },
    }),
  );
  app.use(compression());
  app.use(API, express.json({ limit: LARGEST_BODY }));
  app.use(API, (_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });

  const writes = committing(store);
  app.use(API, apiRouter(recordStore(store, writes), callViews(store), { version: VERSION, fault: writes.fault }));
  app.use(API, (request) => {
    throw problem(404, 'No such address', `${request.method} ${request.originalUrl} is not part of this API.`);
  });
  if (webRoot !== undefined) serveWeb(app, webRoot);
  app.use(answerProblems);
  return app;
}

/** Files with a hash in their name never change; everything else is asked for again each time. */
const HASHED = /[.-][0-9a-f]{16,}\./;

function serveWeb(app: Express, webRoot: string): void {
  const index = join(webRoot, 'index.html');
  if (!existsSync(index)) throw new Error(`The built app is missing: ${index}. Run npm run build.`);
  app.use(
    express.static(webRoot, {
      setHeaders: (response, path) => {
        response.setHeader('Cache-Control', HASHED.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache');
      },
    }),
  );
  app.get('/{*path}', (request, response) => {
    const looksLikeFile = /\.[a-z0-9]+$/i.test(request.path);
    if (looksLikeFile) throw problem(404, 'No such file', `${request.path} is not part of the app.`);
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(index);
  });
}
