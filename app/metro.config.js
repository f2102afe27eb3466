const http = require('node:http');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
const resolve = config.resolver.resolveRequest;
const englishOnly = path.join(__dirname, 'src/words/zodLocales.js');

// Zod brings words for forty languages; the app says what is wrong in its own, so one is enough.
config.resolver.resolveRequest = (context, name, platform) => {
  const next = resolve ?? context.resolveRequest;
  const asksForLocales =
    /locales\/index\.(c?js)$/.test(name) && /[\\/]zod[\\/]v4[\\/]/.test(context.originModulePath);
  if (asksForLocales) return { type: 'sourceFile', filePath: englishOnly };
  return next(context, name, platform);
};

// A module runs when it is first used and not when the app starts: a phone has the Bench up sooner.
config.transformer.getTransformOptions = async () => ({ transform: { inlineRequires: true } });

// While developing, Metro serves the app, and a shop that runs beside it (./start) answers what the app asks.
const shop = new URL(process.env.SHOP ?? 'http://localhost:4150');
config.server.enhanceMiddleware = (metro) => (request, response, next) => {
  if (!request.url.startsWith('/api/')) return metro(request, response, next);
  const { url, method, headers } = request;
  const asked = http.request(shop, { path: url, method, headers }, (answer) => {
    response.writeHead(answer.statusCode, answer.headers);
    answer.pipe(response);
  });
  asked.on('error', () => response.writeHead(502).end(`No shop at ${shop.origin}: run ./start`));
  request.pipe(asked);
};

module.exports = config;
