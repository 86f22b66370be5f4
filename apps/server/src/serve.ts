import { pino } from 'pino';
import type { AddressInfo } from 'node:net';
import { createApp } from './app';
import { engineThreads } from './engineRuns/engineThreads';
import { checkDatabase, DatabaseFault, faultOf, holdDatabase, keepPrivate } from './record/databaseFile';
import { openStore } from './record/openStore';

/** A request that takes longer to arrive is given up, ms. */
const REQUEST_MS = 30_000;
/** Told to stop, what is under way has so long, ms. */
const LAST_REQUESTS_MS = 3000;
const STOPPED_AFTER_MS = 4500;

/** Starts the server from the environment: PORT, HOST, DATABASE, WEB_ROOT, LOG_LEVEL, ALLOWED_HOSTS, REQUESTS_A_MINUTE. */
async function main(): Promise<void> {
  const { PORT = '4310', HOST = '127.0.0.1', DATABASE = 'data/proper-swing.sqlite', WEB_ROOT, LOG_LEVEL = 'info' } = process.env;
  const { ALLOWED_HOSTS = '', REQUESTS_A_MINUTE } = process.env;
  process.umask(0o077);
  const logger = pino({ level: LOG_LEVEL });
  const store = await openedStore(DATABASE);
  const engine = engineThreads();
  const app = createApp({
    store,
    engine,
    logger,
    names: ALLOWED_HOSTS.split(/[\s,]+/).filter((name) => name !== ''),
    ...(WEB_ROOT !== undefined && { webRoot: WEB_ROOT }),
    ...(REQUESTS_A_MINUTE !== undefined && { requestsAMinute: Number(REQUESTS_A_MINUTE) }),
  });
  if (HOST === '0.0.0.0') logger.warn('HOST=0.0.0.0: everybody on every network of this machine can read and write the record');

  const server = app.listen(Number(PORT), HOST, (error?: Error) => {
    if (error) {
      logger.fatal({ err: error }, `cannot listen on port ${PORT}`);
      process.exit(1);
    }
    const { port } = server.address() as AddressInfo;
    void engine.prepare();
    process.stdout.write(`Proper Swing is at http://${HOST === '0.0.0.0' ? 'localhost' : HOST}:${port}\n`);
  });
  server.requestTimeout = REQUEST_MS;
  server.headersTimeout = REQUEST_MS / 2;

  const stop = (signal: string) => {
    logger.info({ signal }, 'stopping');
    server.close(() => {
      store
        .destroy()
        .then(() => process.exit(0))
        .catch(() => process.exit(1));
    });
    server.closeIdleConnections();
    setTimeout(() => server.closeAllConnections(), LAST_REQUESTS_MS).unref();
    setTimeout(() => process.exit(0), STOPPED_AFTER_MS).unref();
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
}

async function openedStore(file: string) {
  try {
    holdDatabase(file);
    await checkDatabase(file);
    const store = await openStore(file);
    keepPrivate(file);
    return store;
  } catch (error) {
    throw faultOf(error, file);
  }
}

try {
  await main();
} catch (error) {
  if (!(error instanceof DatabaseFault)) throw error;
  process.stderr.write(`${error.message}\n`);
  process.exit(1);
}
