import { pinoHttp } from 'pino-http';
import type { Logger } from 'pino';

/** What lets somebody in is not written down. */
const SECRETS = ['req.headers.authorization', 'req.headers.cookie', 'req.headers["proxy-authorization"]', 'res.headers["set-cookie"]'];

/** Logs what the API was asked and answered. */
export function requestLog(logger: Logger, api: string) {
  return pinoHttp({
    logger,
    redact: { paths: SECRETS, remove: true },
    autoLogging: { ignore: ({ url }) => !(url ?? '').startsWith(api) },
  });
}
