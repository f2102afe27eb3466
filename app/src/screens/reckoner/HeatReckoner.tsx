import { ENDS, type End } from '@hold-fast/core/ends';
import { FADES_FROM_C, USUAL_TRACK_MM, type HeatCompound } from '@hold-fast/core/heat/descent';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { useHeat } from '../../data/heat';
import { HillHeat } from '../../instruments/HillHeat';
import { Choice } from '../../ui/Choice';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { numberOf, signedNumberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { Loading } from '../../ui/Standing';
import { size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { reckonerWords } from '../../words/reckoner';
import { words } from '../../words/words';
import type { HeatAsked, Heating } from '../../workers/heat.worker';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { oneOf, useKeyed } from './useKeyed';

const NUMBERS = {
  massKg: '95',
  gradePercent: '9',
  lengthM: '4000',
  speedKmh: '25',
  airC: '18',
  sharePercent: '65',
  front: '180',
  rear: '160',
  largestFront: '203',
  largestRear: '180',
  thickMm: '1.7',
  boilsC: '190',
  freshC: '230',
};
type Name = keyof typeof NUMBERS;
const NAMES = Object.keys(NUMBERS) as Name[];
const COMPOUNDS = Object.keys(FADES_FROM_C) as HeatCompound[];
const BRAKED = ['dragged', 'pulsed'] as const;
const USUAL = { ...NUMBERS, compound: 'organic', braked: 'dragged' };

/** How hot a descent gets at both ends, each rotor size beside the others, and what would help. An estimate, and never a promise. */
export function HeatReckoner() {
  const [keyed, key] = useKeyed('heat', USUAL);
  const asked = useMemo(() => read(keyed), [keyed]);
  const { data } = useHeat(asked);
  const { heat } = reckonerWords;
  const at = faultAt(data);
  const fields = (...names: Name[]) => (
    <KeyedFields names={names} labels={heat.of} keyed={keyed} onKey={key} errors={at} />
  );
  return (
    <ReckonerPage of="heat">
      <Halves>
        <>
          {asked === null ? (
            <Section>
              <Note kind="refusal" title={heat.numbers} />
            </Section>
          ) : data ? (
            <Answer asked={asked} heating={data} />
          ) : (
            <Loading />
          )}
          <Section>
            <Words kind="small">{heat.howItIsReckoned}</Words>
          </Section>
        </>
        <>
          <Section label={heat.hill}>
            {fields('massKg', 'gradePercent', 'lengthM')}
            {fields('speedKmh', 'airC', 'sharePercent')}
            <Choice
              label={heat.braked}
              options={BRAKED.map((value) => ({ value, says: heat.brakes[value] }))}
              chosen={[oneOf(BRAKED, keyed.braked)]}
              onChoose={key('braked')}
            />
          </Section>
          <Section label={heat.set}>
            {fields('front', 'rear', 'thickMm')}
            {fields('largestFront', 'largestRear')}
            {fields('boilsC', 'freshC')}
            <Words kind="label">{heat.pads}</Words>
            <Choice
              label={heat.pads}
              options={COMPOUNDS.map((value) => ({ value, says: words.compound[value] }))}
              chosen={[oneOf(COMPOUNDS, keyed.compound)]}
              onChoose={key('compound')}
            />
          </Section>
        </>
      </Halves>
    </ReckonerPage>
  );
}

function Answer({ asked, heating }: { asked: HeatAsked; heating: Heating }) {
  const { heat: says } = reckonerWords;
  if (!heating.ok)
    return (
      <Section>
        <Note kind="refusal" title={words.inputError(heating.code, heating.numbers)} />
      </Section>
    );
  const { heat, sizes, helps } = heating;
  const [best] = helps;
  const degrees = (value: number) => words.format.temperature(value);
  return (
    <>
      <Section label={says.peaks}>
        <HillHeat
          heat={heat}
          fadesFromC={FADES_FROM_C[asked.descent.compound]}
          gradePercent={asked.descent.gradePercent}
          width={size.figure}
        />
        {ENDS.map((end) => (
          <EndSays key={end} end={end} heating={heating} />
        ))}
      </Section>
      <Section label={says.sizes}>
        {sizes.map(({ end, sizeMm, rotorC, toFadeC }) => (
          <View key={`${end} ${sizeMm}`} style={styles.size} testID={`size-${end}-${sizeMm}`}>
            <Words
              kind={asked.descent.rotors[end].sizeMm === sizeMm ? 'strong' : 'body'}
              style={styles.says}
            >
              {says.sizeAt(capital(words.end[end]), sizeMm)}
            </Words>
            <Words kind="smallReading">{degrees(rotorC)}</Words>
            <Words ink={toFadeC < 0 ? 'rustText' : 'soft'}>
              {toFadeC < 0 ? says.fades : says.holds}
            </Words>
          </View>
        ))}
      </Section>
      <Section label={says.helpsMost}>
        {best ? (
          helps.map(({ change, gainC }) => (
            <Words key={JSON.stringify(change)} kind={change === best.change ? 'strong' : 'body'}>
              {says.gains(says.change(change), words.format.fixed(gainC, 0))}
            </Words>
          ))
        ) : (
          <Words>{says.nothingHelps}</Words>
        )}
      </Section>
    </>
  );
}

function EndSays({ end, heating }: { end: End; heating: Extract<Heating, { ok: true }> }) {
  const { heat: says } = reckonerWords;
  const { peak, toFadeC, toBoilC } = heating.heat[end];
  const degrees = (value: number) => words.format.temperature(value);
  const faults = [
    ...(toFadeC < 0 ? [says.pastFade] : []),
    ...(toBoilC !== null && toBoilC < 0 ? [says.boils] : []),
  ];
  return (
    <Note
      kind={faults.length > 0 ? 'refusal' : 'plain'}
      title={says.end(capital(words.end[end]), degrees(peak.rotorC))}
    >
      {[says.besides(degrees(peak.padC), degrees(peak.fluidC)), ...faults].join(' ')}
    </Note>
  );
}

function read(keyed: typeof USUAL): HeatAsked | null {
  const of = Object.fromEntries(
    NAMES.map((name) => [name, (name === 'airC' ? signedNumberOf : numberOf)(keyed[name])]),
  ) as Record<Name, number | null>;
  const blank = (name: 'boilsC' | 'freshC') => keyed[name].trim() === '';
  if (
    NAMES.some(
      (name) => of[name] === null && !((name === 'boilsC' || name === 'freshC') && blank(name)),
    )
  )
    return null;
  const number = of as Record<Name, number>;
  const rotor = (sizeMm: number) => ({
    sizeMm,
    trackMm: USUAL_TRACK_MM,
    thickMm: number.thickMm,
  });
  return {
    descent: {
      massKg: number.massKg,
      gradePercent: number.gradePercent,
      lengthM: number.lengthM,
      speedKmh: number.speedKmh,
      airC: number.airC,
      frontShare: number.sharePercent / 100,
      rotors: { front: rotor(number.front), rear: rotor(number.rear) },
      braked: oneOf(BRAKED, keyed.braked),
      compound: oneOf(COMPOUNDS, keyed.compound),
      boilsC: of.boilsC,
    },
    freshBoilsC: of.freshC,
    largestMm: { front: number.largestFront, rear: number.largestRear },
  };
}

/** The field that core found wrong, in words. */
function faultAt(heating: Heating | undefined): Partial<Record<Name, string>> {
  if (!heating || heating.ok) return {};
  const { field, code, numbers } = heating;
  const name = field === 'frontShare' ? 'sharePercent' : field;
  return name in NUMBERS ? { [name]: words.inputError(code, numbers) } : {};
}

const styles = StyleSheet.create({
  size: { flexDirection: 'row', alignItems: 'baseline', gap: space.m },
  says: { flex: 1, minWidth: 0 },
});
