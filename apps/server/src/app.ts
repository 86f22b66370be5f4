import { API, SERVED_SINCE } from '@proper-swing/contract';
import compression from 'compression';
import express, { type Express, type RequestHandler } from 'express';
import { rateLimit } from 'express-rate-limit';
import helmet from 'helmet';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Logger } from 'pino';
import type { DataSource } from 'typeorm';
import { engineThreads, type EngineThreads } from './engineRuns/engineThreads';
import { requestLog } from './http/log';
import { onlyOwnNames } from './http/ownNames';
import { answerProblems, problem } from './http/problem';
import { committing } from './record/committing';
import { viewsOf } from './record/views';
import { recordStore } from './record/recordStore';
import { apiRouter } from './routes/apiRouter';

export const VERSION = '0.1.0';

export interface AppParts {
  store: DataSource;
  logger: Logger;
  /** Folder of the built app; without it only the API answers. */
  webRoot?: string;
  /** Names this server goes by beside the machine's own. */
  names?: readonly string[];
  /** What computes; threads of its own unless given. */
  engine?: EngineThreads;
  /** Requests to the API that one client may make in a minute. */
  requestsAMinute?: number;
}

/** Far more than a device that was away all day has to send, far less than would keep others waiting. */
const USUAL_REQUESTS_A_MINUTE = 3000;

const OWN = ["'self'"];

/**
 * What a page of the app may load: what ships with it. The one liberty is for style sheets written into the page, which
 * react-native-web makes while it runs and cannot mark with a nonce; styles of single elements are set by script and need none.
 */
const POLICY = {
  'default-src': OWN,
  'script-src': OWN,
  'script-src-attr': ["'none'"],
  'style-src': [...OWN, "'unsafe-inline'"],
  'style-src-attr': ["'none'"],
  'font-src': OWN,
  'img-src': [...OWN, 'data:'],
  'connect-src': OWN,
  'worker-src': OWN,
  'manifest-src': OWN,
  'object-src': ["'none'"],
  'base-uri': OWN,
  'form-action': OWN,
  'frame-ancestors': ["'none'"],
};

const tooMany: RequestHandler = (_request, _response, next) =>
  next(
    problem(429, 'Too many requests', 'This device asks more often than the server answers. What waits is kept: try again in a minute.'),
  );

/** The whole server but its port: API, built app and errors. */
export function createApp({
  store,
  logger,
  webRoot,
  names,
  engine = engineThreads(),
  requestsAMinute = USUAL_REQUESTS_A_MINUTE,
}: AppParts): Express {
  const app = express();
  app.disable('x-powered-by');
  // Answers of the API are not kept by browsers; files have their own.
  app.disable('etag');
  app.use(requestLog(logger, API));
  app.use(
    helmet({
      // Served in plain http on a loopback or a workshop's own network.
      hsts: false,
      contentSecurityPolicy: {
        useDefaults: false,
        directives: POLICY,
      },
    }),
  );
  app.use(onlyOwnNames(names));
  app.use(compression());
  app.use(API, rateLimit({ limit: requestsAMinute, standardHeaders: 'draft-8', legacyHeaders: false, handler: tooMany }));
  const servedSince = new Date().toISOString();
  app.use(API, (_request, response, next) => {
    response.setHeader('Cache-Control', 'no-store');
    response.setHeader(SERVED_SINCE, servedSince);
    next();
  });

  const writes = committing(store);
  app.use(API, apiRouter(recordStore(store, writes), viewsOf(store), { version: VERSION, fault: writes.fault, engine }));
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
