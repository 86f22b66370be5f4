import { pino } from 'pino';
import { createApp } from './app';
import { openStore } from './record/openStore';
import type { AddressInfo } from 'node:net';

/** Starts the server from the environment: PORT, HOST, DATABASE, WEB_ROOT, LOG_LEVEL. */
async function main(): Promise<void> {
  const { PORT = '4310', HOST = '127.0.0.1', DATABASE = 'data/proper-swing.sqlite', WEB_ROOT, LOG_LEVEL = 'info' } = process.env;
  const logger = pino({ level: LOG_LEVEL });
  const store = await openStore(DATABASE);
  const app = createApp({ store, logger, ...(WEB_ROOT !== undefined && { webRoot: WEB_ROOT }) });

  const server = app.listen(Number(PORT), HOST, (error?: Error) => {
    if (error) {
      logger.fatal({ err: error }, `cannot listen on port ${PORT}`);
      process.exit(1);
    }
    const { port } = server.address() as AddressInfo;
    process.stdout.write(`Proper Swing is at http://${HOST === '0.0.0.0' ? 'localhost' : HOST}:${port}\n`);
  });

  const stop = (signal: string) => {
    logger.info({ signal }, 'stopping');
    server.close(() => {
      store
        .destroy()
        .then(() => process.exit(0))
        .catch(() => process.exit(1));
    });
    server.closeIdleConnections();
  };
  process.once('SIGTERM', stop);
  process.once('SIGINT', stop);
}

await main();
