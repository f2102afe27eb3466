import type { Tightened } from '@hold-fast/core/job/job';
import { windowAtWrench } from '@hold-fast/core/torque/crowfoot';
import type { Figures } from '@hold-fast/core/rules/figures';
import { passShare, type Pass } from '@hold-fast/core/torque/sequence';
import { StyleSheet, View } from 'react-native';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';

interface Props {
  tightened: Tightened;
  pass: Pass;
  figures: Figures;
  /** The wrench shows what it reached, bolt by bolt. */
  reads: boolean;
  bolt: number;
}

/** The number that the wrench is set to, or that this bolt is turned to. */
export function SetTo({ tightened, pass, figures, reads, bolt }: Props) {
  const { wrench, setNm, window, crowfoot } = tightened;
  const share = passShare(pass, figures);
  const atWrench = windowAtWrench(window, crowfoot);
  const beside =
    share === null
      ? null
      : reads
        ? words.format.torqueBeside(atWrench.loNm, atWrench.hiNm)
        : words.format.torqueBeside(setNm * share);
  return (
    <>
      <Words kind="label">
        {share === null
          ? jobWords.torque.byHandNoWrenchYet
          : reads
            ? jobWords.torque.boltTurnItTo(bolt)
            : pass === 'verify'
              ? jobWords.torque.checkEveryBoltAt
              : wrench.kind === 'reading'
                ? jobWords.torque.turnToAbout
                : jobWords.torque.setTheWrenchTo}
      </Words>
      <View style={styles.setting}>
        <Words kind="giant">
          {share === null
            ? words.pass.snug
            : reads
              ? `${words.format.nm(atWrench.loNm)}–${words.format.nm(atWrench.hiNm)}`
              : words.format.nm(setNm * share)}
        </Words>
        {share === null ? null : (
          <Words kind="title" ink="soft">
            {['N·m', beside].filter(Boolean).join(' · ')}
          </Words>
        )}
      </View>
    </>
  );
}

const styles = StyleSheet.create({
  setting: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'baseline', gap: space.s },
});
