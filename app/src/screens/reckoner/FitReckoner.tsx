import type { End } from '@hold-fast/core/ends';
import { ENDS } from '@hold-fast/core/ends';
import { InputError } from '@hold-fast/core/inputError';
import {
  fitOf,
  gainOf,
  MOUNTS,
  type Fit,
  type FitAsked,
  type Mount,
} from '@hold-fast/core/mount/fit';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { MountStack } from '../../instruments/MountStack';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { numberOf } from '../../ui/numberOf';
import { Page, Section } from '../../ui/Page';
import { size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { reckonerWords } from '../../words/reckoner';
import { words } from '../../words/words';

const SIZES = { native: '160', smallest: '', largest: '203', rotor: '203' };
type Size = keyof typeof SIZES;

/** Whether a rotor fits a fork or a frame, and what goes between; nothing over what its maker allows. */
export function FitReckoner() {
  const [sizes, setSizes] = useState(SIZES);
  const [end, setEnd] = useState<End>('front');
  const [mount, setMount] = useState<Mount>('post');
  const [pistons, setPistons] = useState<number>(2);
  const [rotorHold, setRotorHold] = useState<FitAsked['hub']>('six-bolt');
  const [hub, setHub] = useState<FitAsked['hub']>('six-bolt');
  const [twoPiece, setTwoPiece] = useState(false);
  const reckoned = reckon(sizes, (of) => ({
    end,
    mount,
    nativeMm: of.native!,
    smallestMm: of.smallest,
    largestMm: of.largest,
    caliper: { face: mount === 'flat' ? 'flat' : 'post', pistons },
    hub,
    rotor: {
      sizeMm: of.rotor!,
      hold: rotorHold,
      construction: twoPiece ? 'two-piece' : 'one-piece',
    },
  }));
  const field = (name: Size) => (
    <View style={styles.half} key={name}>
      <Field
        label={reckonerWords.fit.of[name]}
        value={sizes[name]}
        inputMode="decimal"
        onChangeText={(text) => setSizes({ ...sizes, [name]: text })}
      />
    </View>
  );
  const holds = (['six-bolt', 'lockring'] as const).map((value) => ({
    value,
    says: reckonerWords.fit.hold[value],
  }));
  return (
    <Page
      over={reckonerWords.reckoner.reckoner}
      title={reckonerWords.fit.doesItFit}
      aside={
        <Button
          kind="quiet"
          says={reckonerWords.hose.allOfThem}
          onPress={() => router.navigate('/reckoner')}
        />
      }
    >
      <Halves>
        <Answer reckoned={reckoned} />
        <>
          <Section label={reckonerWords.fit.forkOrFrame}>
            <Choice
              label={reckonerWords.fit.whichEnd}
              options={ENDS.map((value) => ({ value, says: capital(words.end[value]) }))}
              chosen={[end]}
              onChoose={setEnd}
            />
            <Choice
              label={reckonerWords.fit.mount}
              options={MOUNTS.map((value) => ({ value, says: words.mount[value] }))}
              chosen={[mount]}
              onChoose={setMount}
            />
            <View style={styles.beside}>
              {(['native', 'smallest', 'largest'] as const).map(field)}
            </View>
            <Words kind="label">{reckonerWords.fit.hub}</Words>
            <Choice
              label={reckonerWords.fit.hub}
              options={holds}
              chosen={[hub]}
              onChoose={setHub}
            />
          </Section>
          <Section label={reckonerWords.fit.theRotor}>
            {field('rotor')}
            <Choice
              label={reckonerWords.fit.heldBy}
              options={holds}
              chosen={[rotorHold]}
              onChoose={setRotorHold}
            />
            <Choice
              label={reckonerWords.fit.made}
              options={[false, true].map((value) => ({
                value,
                says: value ? reckonerWords.fit.twoPieces : reckonerWords.fit.onePiece,
              }))}
              chosen={[twoPiece]}
              onChoose={setTwoPiece}
            />
            <Words kind="label">{reckonerWords.fit.pistons}</Words>
            <Choice
              label={reckonerWords.fit.pistons}
              options={[2, 4].map((value) => ({ value, says: String(value) }))}
              chosen={[pistons]}
              onChoose={setPistons}
            />
          </Section>
        </>
      </Halves>
    </Page>
  );
}

type Reckoned = { ok: true; asked: FitAsked; fit: Fit } | { ok: false; says: string };

function reckon(
  sizes: typeof SIZES,
  asks: (of: Record<Size, number | null>) => FitAsked,
): Reckoned {
  const of = Object.fromEntries(
    Object.entries(sizes).map(([name, text]) => [name, numberOf(text)]),
  ) as Record<Size, number | null>;
  const missing = of.native === null || of.rotor === null;
  const wrong = (['smallest', 'largest'] as const).some(
    (name) => sizes[name].trim() !== '' && of[name] === null,
  );
  if (missing || wrong) return { ok: false, says: reckonerWords.fit.sizesAreNumbers };
  try {
    const asked = asks(of);
    return { ok: true, asked, fit: fitOf(asked) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return { ok: false, says: words.inputError(error.code, error.numbers) };
  }
}

function Answer({ reckoned }: { reckoned: Reckoned }) {
  if (!reckoned.ok)
    return (
      <Section>
        <Note kind="refusal" title={reckoned.says} />
      </Section>
    );
  const { asked, fit } = reckoned;
  if (!fit.fits)
    return (
      <Section>
        <Note kind="refusal" title={reckonerWords.fit.itDoesNot}>
          {reckonerWords.fit.because(fit.because)}
        </Note>
      </Section>
    );
  const mm = (value: number) => words.format.fixed(value, 1);
  return (
    <>
      <Section label={reckonerWords.fit.itFits}>
        <Words kind="title">{reckonerWords.fit.stack(fit.stack)}</Words>
        <MountStack asked={asked} fit={fit} width={size.figure} />
        <Words>
          {reckonerWords.fit.outward(
            mm(fit.outwardMm),
            words.format.percent(gainOf(asked.nativeMm, asked.rotor.sizeMm)),
          )}
        </Words>
        {fit.flags.map((flag) => (
          <Note key={flag} kind="caution" title={reckonerWords.fit.flag[flag]} />
        ))}
      </Section>
      <Section>
        <Words kind="small">{reckonerWords.fit.afterwards}</Words>
      </Section>
    </>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'flex-end', gap: space.m },
  half: { flexGrow: 1, flexBasis: 100 },
});
