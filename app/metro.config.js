const http = require('node:http');
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

// Zod brings its own messages in fifty languages, a fifteenth of the first load. Ours are in words/.
config.resolver.resolveRequest = (context, name, platform) =>
  /^\.\.\/locales\/index\.c?js$/.test(name) && /[\\/]zod[\\/]/.test(context.originModulePath)
    ? { type: 'empty' }
    : context.resolveRequest(context, name, platform);

module.exports = withNativeWind(config, { input: './global.css', inlineRem: 16 });
