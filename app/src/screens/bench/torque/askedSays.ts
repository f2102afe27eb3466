import type { TorqueAsked } from '@hold-fast/core/torque/fasteners';
import { jobWords } from '../../../words/job';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';

/** What is asked for, with where it stands. */
export function askedSays({ window }: Pick<TorqueAsked, 'window'>, source = ''): string {
  const { loNm, hiNm, namedNm, origin, tag } = window;
  const spread =
    namedNm === null ? '' : jobWords.torque.itNamesTheSpreadIs(words.format.nm(namedNm));
  const whose = source
    ? words.quoted(source)
    : `${words.origin[origin]}${tag && namedNm === null ? `, ${words.tag[tag]}` : ''}`;
  return jobWords.torque.askedToNM(loNm, hiNm, whose, spread);
}

export const spreadOf = ({ loNm, hiNm }: { loNm: number; hiNm: number }) =>
  verdictWords.torques(loNm, hiNm);
