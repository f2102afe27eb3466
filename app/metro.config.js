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

module.exports = config;
