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

module.exports = withNativeWind(config, { input: './global.css', inlineRem: 16 });
