import type { WrenchInStore } from '@hold-fast/contract/stores';
import { windowAtWrench, type Crowfoot } from '@hold-fast/core/torque/crowfoot';
import type { TorqueWindow } from '@hold-fast/core/torque/window';
import { clickSetting, wrenchInCalibration } from '@hold-fast/core/torque/wrench';
import { today } from '../../../data/today';
import { Row } from '../../../ui/Row';
import { VerdictMark } from '../../../ui/VerdictMark';
import { Words } from '../../../ui/Words';
import { jobWords } from '../../../words/job';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';

interface Props {
  window: TorqueWindow;
  crowfoot: Crowfoot | null;
  wrenches: readonly WrenchInStore[];
  onPick: (wrench: WrenchInStore, setNm: number) => void;
}

/** Every wrench with what it would be set to, or why it cannot prove this bolt. */
export function WrenchList({ window, crowfoot, wrenches, onPick }: Props) {
  const day = today();
  return wrenches
    .filter(({ retired }) => !retired)
    .map((wrench) => {
      const answer = clickSetting(windowAtWrench(window, crowfoot), wrench);
      const sound = wrenchInCalibration(wrench, day);
      const tolerance = `±${words.format.percent(wrench.tolerance)}${wrench.toleranceAssumed ? jobWords.torque.assumed : ''}`;
      const says =
        answer.code === 'set' && wrench.kind === 'reading'
          ? jobWords.torque.showsEachBoltToProves(
              words.format.nm(answer.loNm),
              words.format.nm(answer.hiNm),
            )
          : verdictWords.setting(answer);
      // A bare number beside a wrench in another unit would be set by that unit.
      const inOther =
        answer.code === 'set' && words.format.torqueBeside(answer.setNm)
          ? ` · ${words.format.torque(answer.setNm)}`
          : '';
      return (
        <Row
          key={wrench.id}
          title={wrench.name}
          says={`${tolerance} · ${says}${inOther}${sound ? '' : jobWords.torque.outOfCalibrationTheTightening}`}
          mark={answer.code === 'set' ? undefined : <VerdictMark word={null} />}
          aside={
            answer.code === 'set' ? (
              <Words kind="reading">{words.format.nm(answer.setNm)}</Words>
            ) : undefined
          }
          disabled={answer.code !== 'set'}
          onPress={() => answer.code === 'set' && onPick(wrench, answer.setNm)}
        />
      );
    });
}
