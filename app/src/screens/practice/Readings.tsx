import { CORNERS, type Corner } from '@hold-fast/core/clearance/corners';
import { DRESS_ABOVE_DEGREES } from '@hold-fast/core/face/mountFace';
import { decimalsOf } from '@hold-fast/core/gauge/gauge';
import type { Measurand } from '@hold-fast/core/measurand/measurand';
import type { Seen } from '@hold-fast/core/practice/look';
import { PRACTICE_SHEET } from '@hold-fast/core/practice/sheet';
import { FIGURES } from '@hold-fast/core/rules/figures';
import { USUAL_RUNOUT_BANDS } from '@hold-fast/core/runout/runout';
import { PAD_PLACES } from '@hold-fast/core/wear/pads';
import { StyleSheet, View } from 'react-native';
import { GapFigure } from '../../instruments/GapFigure';
import { LeverScale } from '../../instruments/LeverScale';
import { PadBlock } from '../../instruments/PadBlock';
import { RotorDial } from '../../instruments/RotorDial';
import { RunoutRing } from '../../instruments/RunoutRing';
import { Words } from '../../ui/Words';
import { space } from '../../ui/tokens';
import { practiceWords } from '../../words/practice';
import { words } from '../../words/words';

/** What a drawing already says in numbers is not said again. */
const isListed = ({ place }: { place: string }) =>
  !(PAD_PLACES as readonly string[]).includes(place);

type Measured = NonNullable<Seen['measured']>;

const WIDTH = 260;

/** Numbers as they were read, drawn by the same instruments as at a bike in hand, with what they are judged by. */
export function Readings({ measured }: { measured: Measured }) {
  const { measurand, session } = measured;
  const decimals = decimalsOf(session.gauge);
  const limit = limitSays(measurand);
  return (
    <>
      <Drawn measured={measured} />
      <Words kind="label">{practiceWords.readings[measurand]}</Words>
      <View style={styles.readings} testID={`readings-${measurand}`}>
        {session.readings.filter(isListed).map(({ place, valueMm }) => (
          <View key={place} style={styles.reading}>
            <Words kind="small" ink="soft">
              {words.place(place)}
            </Words>
            <Words kind="smallReading">{words.format.fixed(valueMm, decimals)}</Words>
          </View>
        ))}
      </View>
      {limit ? <Words ink="soft">{limit}</Words> : null}
    </>
  );
}

/** What these numbers are judged by; nothing where the rules weigh several at once. */
function limitSays(measurand: Measurand): string | null {
  const { limits } = practiceWords;
  const mm = (value: number | null) => words.format.fixed(value ?? 0, 2);
  const { rotor, pads } = PRACTICE_SHEET;
  switch (measurand) {
    case 'rotor':
      return limits.rotor(mm(rotor.limit!.limitMm), mm(rotor.newMm));
    case 'pads':
      return limits.pads(
        mm(pads.newTotalMm),
        mm(pads.plateMm),
        mm(FIGURES['pads-total-limit'].usual),
        mm(FIGURES['pads-friction-limit'].usual),
      );
    case 'runout': {
      const { goodMm, watchMm, trueMm } = USUAL_RUNOUT_BANDS;
      return limits.runout(mm(goodMm), mm(watchMm), mm(trueMm));
    }
    case 'mount-face':
      return limits.face(words.format.fixed(DRESS_ABOVE_DEGREES, 1));
    case 'clearance':
    case 'lever':
      return null;
  }
}

function Drawn({ measured: { measurand, session } }: { measured: Measured }) {
  const at = Object.fromEntries(session.readings.map(({ place, valueMm }) => [place, valueMm]));
  const turn = Array.from({ length: session.pointCount ?? 0 }, (_, i) => at[String(i + 1)] ?? null);
  switch (measurand) {
    case 'rotor':
      return (
        <RotorDial
          points={turn.map((thicknessMm, i) => ({ point: i + 1, thicknessMm, word: null }))}
          limitMm={PRACTICE_SHEET.rotor.limit!.limitMm}
          newMm={PRACTICE_SHEET.rotor.newMm}
          decimals={decimalsOf(session.gauge)}
          current={null}
          thinnest={null}
          over=""
          keyed=""
          open=""
          bare
          width={WIDTH}
        />
      );
    case 'runout':
      return (
        <RunoutRing readings={turn} current={null} over="" keyed="" open="" bare width={WIDTH} />
      );
    case 'pads':
      return (
        <PadBlock
          values={at}
          fullMm={PRACTICE_SHEET.pads.newTotalMm!}
          current={null}
          thinnest={null}
          keyed=""
          open=""
          width={WIDTH}
        />
      );
    case 'clearance':
      return (
        <GapFigure
          gapsMm={
            Object.fromEntries(CORNERS.map((corner) => [corner, at[corner]!])) as Record<
              Corner,
              number
            >
          }
          smallest={null}
          current={null}
          width={WIDTH}
        />
      );
    case 'lever': {
      const { reach, zero: _zero, ...travelMm } = at;
      return <LeverScale reachMm={reach ?? null} travelMm={travelMm} width={WIDTH} />;
    }
    case 'mount-face':
      return null;
  }
}

const styles = StyleSheet.create({
  readings: { flexDirection: 'row', flexWrap: 'wrap', gap: space.s },
  reading: { minWidth: 72 },
});
