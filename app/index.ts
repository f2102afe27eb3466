import { learn } from './src/words/learn';
import { inForce, isPseudo } from './src/words/manner';

declare global {
  // Written into the page when the app is exported (scripts/web.ts): where that is which later parts of the app share.
  var laterShared: string | undefined;
  var __loadBundleAsync: ((file: string) => Promise<void>) | undefined;
}

/**
 * Brings what later parts share with whichever of them comes first, and not before the first screen. Both come at once and are run in
 * turn: a part that is asked for while it stands there without what it shares would have failed once and for all.
 */
function shareLater(): void {
  const { laterShared, __loadBundleAsync: load } = globalThis;
  if (!laterShared || !load) return;
  globalThis.__loadBundleAsync = async (file) => {
    document.head.append(
      Object.assign(document.createElement('link'), { rel: 'preload', as: 'script', href: file }),
    );
    await load(laterShared);
    await load(file);
  };
}

/** Lets go of the thread between two parts of the start: whoever touches what stands painted is not kept waiting. */
const breathe = () =>
  new Promise<void>((goOn) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      goOn();
    };
    port2.postMessage(null);
  });

async function begin(): Promise<void> {
  /* oxlint-disable typescript/no-require-imports */
  // With nothing else on the stack: for what a browser tries at a start and fails at, it would read the whole program again to say where.
  await breathe();
  // First, so that what loads a part of the app later stands ready before anything asks for it.
  const { registerRootComponent } = require('expo') as typeof import('expo');
  shareLater();
  await breathe();
  const { createElement, startTransition } = require('react') as typeof import('react');
  require('react-dom/client');
  await breathe();
  const { ExpoRoot } = require('expo-router') as typeof import('expo-router');
  const { ctx } = require('expo-router/_ctx') as typeof import('expo-router/_ctx');
  const { language } = inForce.manner;
  document.documentElement.lang = language;
  // The words are learned before the first screen is made: no screen changes its language while it is shown.
  if (isPseudo) await learn('pseudo');
  else if (language !== 'en') await learn(language).catch(() => undefined);
  const show = () => registerRootComponent(() => createElement(ExpoRoot, { context: ctx }));
  // From the network the first screen is made in slices, and from the device, which has it all, in one go.
  if (navigator.serviceWorker?.controller) show();
  else startTransition(show);
}

void begin();
