const { getDefaultConfig } = require('expo/metro-config');
const { request } = require('node:http');
const { insteadOf } = require('./router/unused.cjs');

const config = getDefaultConfig(__dirname);
const API_PORT = Number(process.env.PORT ?? 4310);

/** In development the API is another process: what is under /api goes there, so that the app needs to know one address only. */
config.server.enhanceMiddleware = (metro) => (incoming, outgoing, next) => {
  if (!incoming.url?.startsWith('/api/')) return metro(incoming, outgoing, next);
  const passed = request(
    { port: API_PORT, host: '127.0.0.1', path: incoming.url, method: incoming.method, headers: incoming.headers },
    (answer) => {
      outgoing.writeHead(answer.statusCode ?? 502, answer.headers);
      answer.pipe(outgoing);
    },
  );
  passed.on('error', () => outgoing.writeHead(503).end());
  return incoming.pipe(passed);
};

// Letters: as browsers take them, and as the writer of PDFs does, which knows no WOFF2 outlines.
config.resolver.assetExts.push('woff2', 'woff');

config.resolver.resolveRequest = (context, asked, platform) =>
  insteadOf(context.originModulePath, asked) ?? context.resolveRequest(context, asked, platform);

module.exports = config;
