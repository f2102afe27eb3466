import type { Tag } from '../source';

interface FigureRule {
  /** Until the shop lays down another, and where that is from. */
  usual: number;
  tag: Tag;
  /** What a shop may lay down, both included: outside of it a slip is likelier than a school. */
  least: number;
  most: number;
  unit: 'mm' | 'mL' | 'share' | 'min' | 'days';
}

/** Every number of the trade that the handbooks leave to the shop. A stamp and a maker's sheet come before each [P]. */
export const FIGURES = {
  /** The commonest least thickness of a rotor; whether it is worn at it or below it is not said. */
  'rotor-limit': { usual: 1.5, tag: 'P', least: 1.3, most: 2.5, unit: 'mm' },
  /** Pads with their plate, and their friction alone: worn below. */
  'pads-total-limit': { usual: 3, tag: 'P', least: 2.5, most: 4, unit: 'mm' },
  'pads-friction-limit': { usual: 1.5, tag: 'P', least: 0.5, most: 2.5, unit: 'mm' },
  /** Of what the friction was when new: worn from this share on. */
  'pads-worn-share': { usual: 0.75, tag: 'P', least: 0.5, most: 0.8, unit: 'share' },
  /** Trapped air under which a lever is sound, and up to which a top-up helps. */
  'air-sound': { usual: 0.05, tag: 'D', least: 0.01, most: 0.1, unit: 'mL' },
  'air-top-up': { usual: 0.2, tag: 'D', least: 0.05, most: 0.5, unit: 'mL' },
  /** Of the full setting, what every bolt is taken to in the second pass. */
  'half-pass': { usual: 0.5, tag: 'D', least: 0.3, most: 0.8, unit: 'share' },
  /** Pads of a bike that is used hard are looked at again sooner. */
  'pads-used-hard': { usual: 30, tag: 'P', least: 7, most: 365, unit: 'days' },
  /** When fluid, cables and newly tightened bolts are looked at again. */
  'due-bleed-glycol': { usual: 365, tag: 'P', least: 30, most: 1500, unit: 'days' },
  'due-bleed-mineral': { usual: 730, tag: 'D', least: 30, most: 1500, unit: 'days' },
  'due-cable': { usual: 365, tag: 'D', least: 30, most: 1500, unit: 'days' },
  /** After the first ride of new work. */
  'due-bolts': { usual: 7, tag: 'P', least: 1, most: 90, unit: 'days' },
  /** Change-overs at the bench: the bike moved, to a ride and back, another tool, the other end, gloves and wash. */
  'change-place': { usual: 1, tag: 'D', least: 0, most: 15, unit: 'min' },
  'change-ride': { usual: 2, tag: 'D', least: 0, most: 30, unit: 'min' },
  'change-tool': { usual: 0.2, tag: 'D', least: 0, most: 5, unit: 'min' },
  'change-end': { usual: 0.3, tag: 'D', least: 0, most: 5, unit: 'min' },
  /** Setting up the bleed kit of another family of fluid, cleaned and filled. */
  'change-kit': { usual: 8, tag: 'D', least: 0, most: 60, unit: 'min' },
  'change-wash': { usual: 1, tag: 'D', least: 0, most: 10, unit: 'min' },
} as const satisfies Record<string, FigureRule>;

export type FigureId = keyof typeof FIGURES;
export const FIGURE_IDS = Object.keys(FIGURES) as FigureId[];

const RULES: Readonly<Record<FigureId, FigureRule>> = FIGURES;
export const figureRule = (id: FigureId): FigureRule => RULES[id];

/** The figures a shop has laid down in place of the usual ones. */
export type Figures = Readonly<Partial<Record<FigureId, number>>>;

/** A figure in force: the shop's own [D], else the usual one with its tag. */
export function figure(laid: Figures, id: FigureId): { value: number; tag: Tag } {
  const own = laid[id];
  const { usual, tag } = figureRule(id);
  return own === undefined ? { value: usual, tag } : { value: own, tag: 'D' };
}

/** A figure that cannot stand as laid down: outside of what it may be, or the bands of trapped air overlap; null for none. */
export function figuresFault(
  laid: Figures,
): { id: FigureId; code: 'outside' | 'bands-overlap' } | null {
  for (const id of FIGURE_IDS) {
    const own = laid[id];
    const { least, most } = figureRule(id);
    if (own !== undefined && !(own >= least && own <= most)) return { id, code: 'outside' };
  }
  return figure(laid, 'air-sound').value < figure(laid, 'air-top-up').value
    ? null
    : { id: 'air-top-up', code: 'bands-overlap' };
}
