import { DRESS_ABOVE_DEGREES, mountAngle, padEdgeShift } from '@hold-fast/core/face/mountFace';
import { InputError } from '@hold-fast/core/inputError';
import { StyleSheet, View } from 'react-native';
import { FACE_CAUSES, faceWay } from '@hold-fast/core/face/faceWay';
import { MATERIALS } from '@hold-fast/core/kit/bike';
import { FaceFigure } from '../../instruments/FaceFigure';
import { Choice } from '../../ui/Choice';
import { Note } from '../../ui/Note';
import { numberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { size } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { words } from '../../words/words';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { oneOf, useKeyed } from './useKeyed';

const NUMBERS = { gap: '0.25', spacing: '74.2', padOffset: '' };
const USUAL = { ...NUMBERS, material: 'unknown', cause: 'unknown' };
type Name = keyof typeof NUMBERS;
const NAMES = Object.keys(NUMBERS) as Name[];
const OF = ['unknown', ...MATERIALS] as const;

const LABEL: Record<Name, string> = {
  gap: reckonerWords.face.gapMm,
  spacing: reckonerWords.face.spacingMm,
  padOffset: reckonerWords.face.padOffsetMm,
};

/** How far a mount face stands out of square, by a feeler under the loose lug. It judges no bike: a reading does. */
export function FaceReckoner() {
  const [keyed, key] = useKeyed('face', USUAL);
  const reckoned = reckon(keyed);
  const of = oneOf(OF, keyed.material);
  const cause = oneOf(FACE_CAUSES, keyed.cause);
  const way = reckoned.ok ? faceWay(reckoned.degrees, of === 'unknown' ? null : of, cause) : null;
  const most = words.format.fixed(DRESS_ABOVE_DEGREES, 1);
  return (
    <ReckonerPage of="face" sum={reckoned.ok ? keyed : null}>
      {reckoned.ok ? (
        <Section label={reckonerWords.face.standsOut}>
          <View style={styles.number} testID="angle">
            <Words kind="giant">{words.format.fixed(reckoned.degrees, 3)}</Words>
            <Words kind="title" ink="soft">
              {reckonerWords.face.degrees}
            </Words>
          </View>
          <FaceFigure angleDegrees={reckoned.degrees} gapMm={reckoned.gapMm} width={size.figure} />
          {reckoned.padEdgeMm === null ? null : (
            <Words>{reckonerWords.face.padEdge(words.format.fixed(reckoned.padEdgeMm, 3))}</Words>
          )}
          {way && way.code !== 'leave' ? (
            <Note
              kind={way.code === 'dress' ? 'caution' : 'refusal'}
              title={reckonerWords.face.over(most)}
            >
              {way.code === 'stop'
                ? reckonerWords.face.stop[way.because]
                : reckonerWords.face.way[way.code]}
            </Note>
          ) : (
            <Words>{reckonerWords.face.inside(most)}</Words>
          )}
        </Section>
      ) : (
        <Section>
          <Note kind="refusal" title={reckoned.says} />
        </Section>
      )}
      <Section>
        <KeyedFields names={NAMES} labels={LABEL} keyed={keyed} onKey={key} />
        <Words kind="label">{reckonerWords.face.material}</Words>
        <Choice
          label={reckonerWords.face.material}
          options={OF.map((value) => ({
            value,
            says: value === 'unknown' ? reckonerWords.face.notKnown : words.material[value],
          }))}
          chosen={[of]}
          onChoose={key('material')}
        />
        <Words kind="label">{reckonerWords.face.cause}</Words>
        <Choice
          label={reckonerWords.face.cause}
          options={FACE_CAUSES.map((value) => ({ value, says: reckonerWords.face.causes[value] }))}
          chosen={[cause]}
          onChoose={key('cause')}
        />
      </Section>
      <Section>
        <Words kind="small">{reckonerWords.face.howItIsDone}</Words>
      </Section>
    </ReckonerPage>
  );
}

type Reckoned =
  | { ok: true; degrees: number; gapMm: number; padEdgeMm: number | null }
  | { ok: false; says: string };

function reckon({ gap, spacing, padOffset }: typeof NUMBERS): Reckoned {
  const [gapMm, spacingMm, offsetMm] = [gap, spacing, padOffset].map(numberOf);
  const unread = offsetMm === null && padOffset.trim() !== '';
  if (gapMm == null || spacingMm == null || unread)
    return { ok: false, says: reckonerWords.face.numbers };
  try {
    const degrees = mountAngle(gapMm, spacingMm);
    return {
      ok: true,
      degrees,
      gapMm,
      padEdgeMm: offsetMm == null ? null : padEdgeShift(degrees, offsetMm),
    };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, says: reckonerWords.face.numbers };
  }
}

const styles = StyleSheet.create({
  number: { flexDirection: 'row', alignItems: 'baseline' },
});
