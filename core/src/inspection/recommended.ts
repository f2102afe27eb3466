import type { LeverVerdict } from '../lever/lever';
import type { RunoutVerdict } from '../runout/runout';
import type { Judgement } from './judge';
import type { Work } from './work';

/** The work a judgement calls for; none when nothing is wrong or nothing is known. */
export function recommendedBy(judgement: Judgement | null): Work[] {
  if (!judgement?.ok) return [];
  switch (judgement.part) {
    case 'rotor':
      return judgement.word === 'replace' ? ['replace-rotor'] : [];
    case 'pads': {
      const { signs } = judgement.pads.pattern;
      return [
        ...(judgement.word === 'replace' ? (['replace-pads'] as const) : []),
        ...(signs.some(({ code }) => code === 'one-side-ahead')
          ? (['service-pistons'] as const)
          : []),
        ...(signs.some(({ code }) => code === 'tapered') ? (['square-caliper'] as const) : []),
      ];
    }
    case 'runout':
      return forRunout(judgement.runout);
    case 'clearance':
      switch (judgement.clearance.cure) {
        case 'centre':
          return ['centre-caliper'];
        case 'square':
          return ['square-caliper'];
        case 'neither':
          return ['true-rotor', 'reset-pads'];
        default:
          return [];
      }
    case 'lever':
      return forLever(judgement.lever);
    case 'mount-face':
      return judgement.word === 'watch' ? ['dress-mount'] : [];
  }
}

/** A rotor that sits tilted is cleaned and refitted before anything is bent or replaced: dirt under it comes first [P]. */
function forRunout({ band, meaning }: RunoutVerdict): Work[] {
  if (band === null || band === 'good') return [];
  if (meaning?.code === 'tilted') return ['refit-rotor'];
  if (band === 'replace') return ['replace-rotor'];
  return band === 'true' ? ['true-rotor'] : [];
}

function forLever({ signs, air }: LeverVerdict): Work[] {
  return signs.flatMap(({ code }): Work[] => {
    switch (code) {
      case 'sinks':
        return ['reseal'];
      case 'soft':
        return [air?.readOut === 'full-bleed' ? 'full-bleed' : 'lever-top-up'];
      case 'firms-when-pumped':
        return ['lever-top-up'];
      case 'long-and-firm':
      case 'to-the-bar':
        return ['reset-pads'];
    }
  });
}
