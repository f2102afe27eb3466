import { learn } from './src/words/language';
import { inForce, isPseudo } from './src/words/manner';

declare global {
  // Written into the page when the app is exported (scripts/web.ts): where that is which later parts of the app share.
  var laterShared: string | undefined;
  var __loadBundleAsync: ((file: string) => Promise<void>) | undefined;
}

/** Brings what later parts share with whichever of them comes first, and not before the first screen. */
function shareLater(): void {
  const { laterShared, __loadBundleAsync: load } = globalThis;
  if (!laterShared || !load) return;
  globalThis.__loadBundleAsync = async (file) => {
    await Promise.all([load(laterShared), load(file)]);
  };
}

function begin(): void {
  /* eslint-disable @typescript-eslint/no-require-imports */
  // First, so that what loads a part of the app later stands ready before anything asks for it.
  const { registerRootComponent } = require('expo') as typeof import('expo');
  shareLater();
  const show = () => {
    const { createElement } = require('react') as typeof import('react');
    const { ExpoRoot } = require('expo-router') as typeof import('expo-router');
    const { ctx } = require('expo-router/_ctx') as typeof import('expo-router/_ctx');
    // In one go: the router’s own entry renders the first screen in slices, with a pause after each.
    registerRootComponent(() => createElement(ExpoRoot, { context: ctx }));
  };
  const { language } = inForce.manner;
  if (typeof document !== 'undefined') document.documentElement.lang = language;
  // The words are learned before the first screen is made: no screen changes its language while it is shown.
  if (isPseudo) void learn('pseudo').then(show);
  else if (language === 'en') show();
  else void learn(language).then(show, show);
}

// Once nothing else is on the stack: for what a browser tries at a start and fails at, it would read the whole program again to say where.
queueMicrotask(begin);
