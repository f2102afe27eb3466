import { millimetres } from '../units/length';
import type { PlaceThickness } from './verdict';

/** Difference above which wear counts as uneven, mm [D]; what it means is common practice [P]. */
const UNEVEN_WEAR_MM = 0.3;

export type PadSign =
  /** Inner and outer means differ: a sticking piston or an off-centre caliper. */
  | { code: 'one-side-ahead'; thinner: 'inner' | 'outer'; differenceMm: number }
  /** Ends of one pad differ: the caliper sits skewed or its mount is not square. */
  | {
      code: 'tapered';
      pad: 'inner' | 'outer';
      thinner: 'leading' | 'trailing';
      differenceMm: number;
    };

export interface PadPattern {
  /** True once all four numbers are there to compare. */
  complete: boolean;
  signs: PadSign[];
}

/** What the four numbers of a pair say besides thickness. Differences are strictly above {@link UNEVEN_WEAR_MM}. */
export function padPattern(measured: readonly PlaceThickness[]): PadPattern {
  const at = (place: string) => measured.find((m) => m.place === place)?.thicknessUm;
  const ends = (['inner', 'outer'] as const).map((pad) => ({
    pad,
    leading: at(`${pad}-leading`),
    trailing: at(`${pad}-trailing`),
  }));
  const [inner, outer] = ends.map(({ leading, trailing }) =>
    leading === undefined || trailing === undefined ? undefined : (leading + trailing) / 2,
  );
  const signs: PadSign[] = [];
  if (inner !== undefined && outer !== undefined && isUneven(inner - outer))
    signs.push({
      code: 'one-side-ahead',
      thinner: inner < outer ? 'inner' : 'outer',
      differenceMm: millimetres(Math.abs(inner - outer)),
    });
  for (const { pad, leading, trailing } of ends)
    if (leading !== undefined && trailing !== undefined && isUneven(leading - trailing))
      signs.push({
        code: 'tapered',
        pad,
        thinner: leading < trailing ? 'leading' : 'trailing',
        differenceMm: millimetres(Math.abs(leading - trailing)),
      });
  return { complete: inner !== undefined && outer !== undefined, signs };
}

function isUneven(differenceUm: number): boolean {
  return Math.abs(differenceUm) > UNEVEN_WEAR_MM * 1000;
}
