// Every colour and size of the app. Colours are custom properties, so that day and bench (dark) change in one place.

const DAY = {
  paper: '#F3F0E8',
  raised: '#FBF9F4',
  ink: '#17212B',
  soft: '#4A5660',
  hairline: '#C9C3B4',
  sunk: '#DAD4C8',
  slate: '#33475B',
  onSlate: '#F3F0E8',
  rail: '#22374C',
  onRail: '#E9E4D8',
  railCurrent: '#33475B',
  brass: '#9A6A12',
  onBrass: '#FFFFFF',
  brassText: '#7C5209',
  tag: '#EFE3C8',
  action: '#17212B',
  onAction: '#F7F4EC',
  kelp: '#1E6A4C',
  ochre: '#A66A00',
  fog: '#41627F',
  rust: '#B3361E',
  onRust: '#FFFFFF',
  kelpText: '#12503A',
  ochreText: '#6B4400',
  fogText: '#2F4A63',
  rustText: '#8C2410',
  shade: 'rgba(23, 33, 43, 0.45)',
} as const;

export type ColorName = keyof typeof DAY;

const BENCH: Record<ColorName, string> = {
  paper: '#10161C',
  raised: '#19222B',
  ink: '#E9E4D8',
  soft: '#A9AFB4',
  hairline: '#38444F',
  sunk: '#2A343E',
  slate: '#8FB0CF',
  onSlate: '#10161C',
  rail: '#0A0F14',
  onRail: '#E9E4D8',
  railCurrent: '#22303D',
  brass: '#E0A93B',
  onBrass: '#10161C',
  brassText: '#E0A93B',
  tag: '#3A2E14',
  action: '#E0A93B',
  onAction: '#10161C',
  kelp: '#6FC7A0',
  ochre: '#E0A93B',
  fog: '#92B4D1',
  rust: '#F0846B',
  onRust: '#10161C',
  kelpText: '#7ED0AC',
  ochreText: '#E6B655',
  fogText: '#A5C2DA',
  rustText: '#F59A84',
  shade: 'rgba(0, 0, 0, 0.6)',
};

export const PALETTES = { day: DAY, bench: BENCH } as const;

const kebab = (name: string) => name.replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`);

/** A colour to use in a style: it follows the theme by itself. */
export const color = Object.fromEntries(
  Object.keys(DAY).map((name) => [name, `var(--${kebab(name)})`]),
) as Record<ColorName, string>;

const properties = (palette: Record<ColorName, string>) =>
  Object.entries(palette)
    .map(([name, value]) => `--${kebab(name)}:${value}`)
    .join(';');

/** The id of the element that a page brings it along in. */
export const THEME_ID = 'theme';

/** The style sheet that gives the custom properties their values, by the device's choice or by the mechanic's. */
export function themeCss(): string {
  return [
    `:root,[data-theme=day]{color-scheme:light;${properties(DAY)}}`,
    `@media (prefers-color-scheme:dark){:root:not([data-theme=day]){color-scheme:dark;${properties(BENCH)}}}`,
    `[data-theme=bench]{color-scheme:dark;${properties(BENCH)}}`,
    'body{background:var(--paper)}',
    // What stands painted until the app is there.
    '.painted{position:fixed;inset:0;z-index:1;display:flex;background:var(--paper)}',
    '[data-faces] .painted [dir=auto]{visibility:hidden}',
    ':focus-visible{outline:3px solid var(--brass);outline-offset:2px}',
    // The name of a screen takes the focus when it comes up, and is no control.
    'h1:focus-visible{outline:none}',
    // A field that is wrong comes into sight with what is said of it.
    'input,textarea{scroll-margin-block:64px}',
    '@media (prefers-reduced-motion:reduce){*{transition:none!important;animation:none!important}}',
    // On paper, always by day: what was read and written, whole, with no places and no keys round it.
    `@media print{:root:root:root{color-scheme:light;${properties(DAY)}}}`,
    '@media print{#keypad,[role=navigation],[role=complementary],[data-foot],[data-screen]{display:none!important}}',
    '@media print{html,body,#root,#root div{overflow:visible!important;height:auto!important;max-height:none!important;flex-basis:auto!important}}',
    '@media print{@page{size:A4;margin:15mm}}',
    // A6 by ISO 216: CSS has no name for it.
    '@media print{@page label{size:105mm 148mm;margin:5mm}body:has([data-label]){page:label}}',
    '@media print{:root:has([data-label]) [data-top]{display:none!important}}',
  ].join('\n');
}

export const font = {
  text: 'Barlow, sans-serif',
  head: '"Barlow Condensed", sans-serif',
  reading: '"IBM Plex Mono", monospace',
} as const;

/** Spacing by 4. */
export const space = { hair: 2, xs: 4, s: 8, m: 12, l: 16, xl: 24, xxl: 32 } as const;

export const size = {
  radius: 4,
  line: 1,
  heavyLine: 4,
  touch: 56,
  smallTouch: 44,
  mark: 26,
  smallMark: 20,
  rail: 104,
  list: 404,
  /** A drawing beside the numbers it is made of. */
  figure: 320,
  sheet: 760,
  dialog: 420,
  /** A label of A6 at the screen’s 96 px an inch, less its margins, and the square code on it. */
  label: 360,
  code: 200,
  /** The least a field is wide beside a key. */
  field: 136,
  bar: 64,
  key: 62,
  /** A key on a phone whose browser leaves less than a whole screen, and on a small phone. */
  lowKey: 54,
  smallKey: 48,
  /** Heights from which a phone has room for a drawing with its number in it, and for a drawing at all. */
  tall: 760,
  small: 600,
  /** From this width on, the parts stand beside each other. */
  wide: 1000,
} as const;

export const type = {
  tiny: 12,
  small: 14,
  body: 16,
  large: 18,
  title: 22,
  tight: 24,
  head: 28,
  reading: 26,
  step: 40,
  huge: 52,
  giant: 68,
} as const;
