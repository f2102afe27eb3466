import { useSyncExternalStore } from 'react';
import { Listeners } from '../listeners';
import { onDevice } from '../remembered';
import { THEME_ID, themeCss } from './tokens';

export type Theme = 'auto' | 'day' | 'bench';
const KEY = 'hold-fast.theme';
const listeners = new Listeners();

function chosen(): Theme {
  const kept = onDevice.getItem(KEY);
  return kept === 'day' || kept === 'bench' ? kept : 'auto';
}

function show(theme: Theme): void {
  if (theme === 'auto') delete document.documentElement.dataset.theme;
  else document.documentElement.dataset.theme = theme;
}

/** Puts the style sheet of the tokens into a page that does not bring it along, which the exported one does; before the first screen. */
export function installTheme(): void {
  if (typeof document === 'undefined' || document.getElementById(THEME_ID)) return;
  const style = document.createElement('style');
  style.textContent = themeCss();
  document.head.append(style);
  show(chosen());
}

export function chooseTheme(theme: Theme): void {
  onDevice.setItem(KEY, theme);
  show(theme);
  listeners.tell();
}

export function useTheme(): Theme {
  return useSyncExternalStore(listeners.add, chosen, () => 'auto');
}
