const http = require('node:http');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');

const config = getDefaultConfig(__dirname);
const resolve = config.resolver.resolveRequest;

// Of Zod the app wants that a schema checks what comes, and the words it says in one language; of uuid the ids that
// sort by time; of the router, that an address has its screen: its map of all addresses, tabs, drawers, headers and previews are never
// shown; of what draws, that the browser reads a transform and hears a press itself; of dates, that they are written and not read. What
// else they bring is an eighth of the first screen, and nothing here calls it. While developing it stays: the router shows its own pages then.
const englishOnly = path.join(__dirname, 'src/words/zodLocales.js');
const pressedByTheBrowser = path.join(__dirname, 'src/instruments/pressedByTheBrowser.js');
const isExported = process.env.NODE_ENV === 'production';
const SPARED = [
  [/[\\/]zod[\\/]v4[\\/]/, /[/](compile|json-schema-processors|from-json-schema)\.js$/],
  [
    /[\\/]expo-router[\\/]build[\\/]/,
    /[/](views[/](Sitemap|ErrorBoundary|Toast)|layouts[/](Tabs|experimental-stack)|stack-utils|standard-navigation|preview[/]HrefPreview|native-tabs[/]NativeTabTrigger|react-navigation[/](bottom-tabs|native-stack|elements))$/,
  ],
  [
    /[\\/]expo-router[\\/]build[\\/]react-navigation[\\/]/,
    /[/](StaticNavigation|createStaticNavigation|TabRouter|DrawerRouter|ServerContainer|useScrollToTop|Link)$/,
  ],
  [/[\\/]expo-router[\\/]build[\\/]exports\.js$/, /[/]useScrollToTop$/],
  [
    /[\\/]@tanstack[\\/]query-core[\\/].*[\\/]index\.js$/,
    /[/](queriesObserver|hydration|streamedQuery)\.js$/,
  ],
  [
    /[\\/]@tanstack[\\/]react-query[\\/].*[\\/]index\.js$/,
    /[/](HydrationBoundary|useQueries|useSuspense\w*|usePrefetch\w*|useMutationState|useIsFetching)\.js$/,
  ],
  [/[\\/]date-fns[\\/]locale[\\/]/, /[/]_lib[/](match|formatDistance|formatRelative)\.js$/],
  [
    /[\\/]react-native-web[\\/]dist[\\/]index\.js$/,
    /[/](Animated|Button|CheckBox|Clipboard|FlatList|ImageBackground|KeyboardAvoidingView|LayoutAnimation|PanResponder|Picker|ProgressBar|SectionList|Share|Switch|Touchable\w*|VirtualizedList)$/,
  ],
  [/[\\/]react-native-screens[\\/]lib[\\/]module[\\/]index\.js$/, /^\.[/]components[/]/],
  [/[\\/]react-native-svg[\\/]lib[\\/]module[\\/]/, /[/](xml|transform|transformToRn)$/],
  [/[\\/]uuid[\\/]dist[\\/]index\.js$/, /[/](v1|v3|v4|v5|v6|v1ToV6|v6ToV1)\.js$/],
];
// Whoever asks for Zod gets it ready for this page, in the app's words.
const zod = path.join(__dirname, 'src/words/zod.ts');
config.resolver.resolveRequest = (context, name, platform) => {
  const next = resolve ?? context.resolveRequest;
  const from = context.originModulePath;
  if (name === 'zod' && from !== zod) return { type: 'sourceFile', filePath: zod };
  if (/[\\/]zod[\\/]v4[\\/]/.test(from) && /locales\/index\.(c?js)$/.test(name))
    return { type: 'sourceFile', filePath: englishOnly };
  if (/[/]SvgTouchableMixin$/.test(name))
    return { type: 'sourceFile', filePath: pressedByTheBrowser };
  if (isExported && SPARED.some(([module, part]) => module.test(from) && part.test(name)))
    return { type: 'empty' };
  return next(context, name, platform);
};

config.transformerPath = require.resolve('./transformWorker');
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
