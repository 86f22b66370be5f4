import type { RequestHandler } from 'express';
import { isIP } from 'node:net';
import { hostname } from 'node:os';
import { problem } from './problem';

/**
 * Answers only what is asked of this server by a name of its own, and by pages of its own. A web page anywhere may let its own name
 * lead to a workshop's machine and then ask it as if it were its own server; an address in figures cannot be turned so.
 *
 * @param further names beside the machine's own, without a port
 * @returns refuses another Host with 421, another Origin with 403
 */
export function onlyOwnNames(further: readonly string[] = []): RequestHandler {
  const machine = hostname().toLowerCase();
  const own = new Set(['localhost', machine, `${machine}.local`, ...further.map((name) => name.toLowerCase())]);
  const isOwn = (address: string) => {
    const name = nameOf(address);
    return name !== undefined && (own.has(name) || isIP(name) !== 0);
  };
  return ({ headers: { host = '', origin } }, _response, next) => {
    if (!isOwn(`http://${host}`)) {
      throw problem(421, 'Another name', `This server does not go by ${host}. Name it in ALLOWED_HOSTS if it should.`);
    }
    if (origin !== undefined && !isOwn(origin)) {
      throw problem(403, 'Another page', `Pages of ${origin} may not ask this server. Name it in ALLOWED_HOSTS if they should.`);
    }
    next();
  };
}

function nameOf(address: string): string | undefined {
  try {
    return new URL(address).hostname.replace(/^\[(.*)\]$/, '$1').toLowerCase();
  } catch {
    return undefined;
  }
}
