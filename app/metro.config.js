const http = require('node:http');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const { withNativeWind } = require('nativewind/metro');

const config = getDefaultConfig(__dirname);

/** In development the API is the server of `npm run dev`. */
config.server.enhanceMiddleware = (metro) => (request, response, next) => {
  if (!request.url.startsWith('/api/')) return metro(request, response, next);
  const options = {
    host: '127.0.0.1',
    port: process.env.PORT ?? 4700,
    path: request.url,
    method: request.method,
    headers: request.headers,
  };
  const forward = http.request(options, (answer) => {
    response.writeHead(answer.statusCode, answer.headers);
    answer.pipe(response);
  });
  forward.on('error', () => response.writeHead(502).end());
  return request.pipe(forward);
};

const WORDS = '@cardinex/words/';
const language = process.env.CARDINEX_LANGUAGE ?? 'en';

config.resolver.resolveRequest = (context, name, platform) => {
  // Zod brings its own messages in fifty languages, a fifteenth of the first load. Ours are in words/.
  if (/^\.\.\/locales\/index\.c?js$/.test(name) && /[\\/]zod[\\/]/.test(context.originModulePath)) {
    return { type: 'empty' };
  }
  // A module of words is asked for by its path; which language says it is settled here.
  const said = name.startsWith(WORDS)
    ? path.resolve(__dirname, '../words', language, name.slice(WORDS.length))
    : name;
  return context.resolveRequest(context, said, platform);
};

module.exports = withNativeWind(config, { input: './global.css', inlineRem: 16 });
