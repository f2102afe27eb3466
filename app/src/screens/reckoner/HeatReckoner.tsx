import { boilsInBrakeC } from '@hold-fast/core/fluid/boiling';
import { boilsAtC, gradesOf } from '@hold-fast/core/fluid/families';
import {
  FADES_FROM_C,
  USUAL_TRACK_MM,
  type HeatAsked,
  type HeatCompound,
} from '@hold-fast/core/heat/descent';
import { evenRoad, readRoad } from '@hold-fast/core/heat/road';
import { InputError } from '@hold-fast/core/inputError';
import { useMemo } from 'react';
import { useHeat } from '../../data/heat';
import { Choice } from '../../ui/Choice';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { numberOf, signedNumberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { HeatAnswer } from './HeatAnswer';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { RoadFields } from './RoadFields';
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
  waterPercent: '',
  ageMonths: '',
};
type Name = keyof typeof NUMBERS;
const NAMES = Object.keys(NUMBERS) as Name[];
const OF_AN_EVEN_ROAD: readonly Name[] = ['gradePercent', 'lengthM'];
const MAY_BE_LEFT_OUT: readonly Name[] = ['boilsC', 'freshC', 'waterPercent', 'ageMonths'];
const FLUIDS = ['keyed', ...gradesOf('glycol')] as const;
const COMPOUNDS = Object.keys(FADES_FROM_C) as HeatCompound[];
const BRAKED = ['dragged', 'pulsed'] as const;
const ROADS = ['even', 'points'] as const;
const USUAL = {
  ...NUMBERS,
  compound: 'organic',
  braked: 'dragged',
  road: 'even',
  points: '',
  fluid: 'keyed',
};
type Faults = Partial<Record<Name | 'points', string>>;

/** How hot a descent gets at both ends, each rotor size beside the others, and what would help. An estimate, and never a promise. */
export function HeatReckoner() {
  const [keyed, key] = useKeyed('heat', USUAL);
  const { asked, faults } = useMemo(() => read(keyed), [keyed]);
  const heat = useHeat(asked);
  const { heat: says } = reckonerWords;
  const errors = { ...faults, ...faultAt(heat.data) };
  const fields = (...names: Name[]) => (
    <KeyedFields names={names} labels={says.of} keyed={keyed} onKey={key} errors={errors} />
  );
  const road = oneOf(ROADS, keyed.road);
  return (
    <ReckonerPage of="heat" sum={asked ? keyed : null}>
      <Halves>
        <>
          {asked ? (
            <HeatAnswer asked={asked} heat={heat} />
          ) : (
            <Section>
              <Note kind="refusal" title={Object.values(faults)[0] ?? says.numbers} />
            </Section>
          )}
          <Section>
            <Words kind="small">{says.howItIsReckoned}</Words>
          </Section>
        </>
        <>
          <Section label={says.hill}>
            <Words kind="label">{says.road}</Words>
            <Choice
              label={says.road}
              options={ROADS.map((value) => ({ value, says: says.roads[value] }))}
              chosen={[road]}
              onChoose={key('road')}
            />
            {road === 'even' ? (
              fields('gradePercent', 'lengthM')
            ) : (
              <RoadFields points={keyed.points} error={errors.points} onPoints={key('points')} />
            )}
            {fields('massKg', 'speedKmh', 'airC', 'sharePercent')}
            <Choice
              label={says.braked}
              options={BRAKED.map((value) => ({ value, says: says.brakes[value] }))}
              chosen={[oneOf(BRAKED, keyed.braked)]}
              onChoose={key('braked')}
            />
          </Section>
          <Section label={says.set}>
            {fields('front', 'rear', 'thickMm')}
            {fields('largestFront', 'largestRear')}
            <Words kind="label">{says.fluid}</Words>
            <Choice
              label={says.fluid}
              options={FLUIDS.map((value) => ({
                value,
                says: value === 'keyed' ? says.byItsBoilingPoint : value,
              }))}
              chosen={[oneOf(FLUIDS, keyed.fluid)]}
              onChoose={key('fluid')}
            />
            {oneOf(FLUIDS, keyed.fluid) === 'keyed'
              ? fields('boilsC', 'freshC')
              : fields('waterPercent', 'ageMonths')}
            {asked && oneOf(FLUIDS, keyed.fluid) !== 'keyed' && asked.descent.boilsC !== null ? (
              <Words kind="small">
                {says.boilsBy(words.format.temperature(asked.descent.boilsC))}
              </Words>
            ) : null}
            <Words kind="label">{says.pads}</Words>
            <Choice
              label={says.pads}
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

/** What is asked, as it is keyed; where it cannot be, what is wrong with which field. */
function read(keyed: typeof USUAL): { asked: HeatAsked | null; faults: Faults } {
  const of = Object.fromEntries(
    NAMES.map((name) => [name, (name === 'airC' ? signedNumberOf : numberOf)(keyed[name])]),
  ) as Record<Name, number | null>;
  const road = oneOf(ROADS, keyed.road);
  const isMissing = (name: Name) =>
    of[name] === null &&
    !(MAY_BE_LEFT_OUT.includes(name) && keyed[name].trim() === '') &&
    !(road === 'points' && OF_AN_EVEN_ROAD.includes(name));
  if (NAMES.some(isMissing)) return { asked: null, faults: {} };
  const number = of as Record<Name, number>;
  const fluid = oneOf(FLUIDS, keyed.fluid);
  const boils =
    fluid === 'keyed'
      ? { now: of.boilsC, fresh: of.freshC }
      : {
          now: boilsInBrakeC(fluid, of.waterPercent, of.ageMonths),
          fresh: boilsAtC('glycol', fluid).dry,
        };
  if (fluid !== 'keyed' && boils.now === null)
    return { asked: null, faults: { waterPercent: reckonerWords.heat.changeItNow } };
  const rotor = (sizeMm: number) => ({
    sizeMm,
    trackMm: USUAL_TRACK_MM,
    thickMm: number.thickMm,
  });
  try {
    return {
      asked: {
        descent: {
          massKg: number.massKg,
          speedKmh: number.speedKmh,
          road:
            road === 'even'
              ? evenRoad(number.gradePercent, number.lengthM)
              : readRoad(keyed.points),
          airC: number.airC,
          frontShare: number.sharePercent / 100,
          rotors: { front: rotor(number.front), rear: rotor(number.rear) },
          braked: oneOf(BRAKED, keyed.braked),
          compound: oneOf(COMPOUNDS, keyed.compound),
          boilsC: boils.now,
        },
        freshBoilsC: boils.fresh,
        largestMm: { front: number.largestFront, rear: number.largestRear },
      },
      faults: {},
    };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const field = road === 'points' ? 'points' : error.field;
    return { asked: null, faults: { [field]: verdictWords.inputError(error.code, error.numbers) } };
  }
}

/** The field that the reckoning found wrong, in words. */
function faultAt(heated: ReturnType<typeof useHeat>['data']): Faults {
  if (!heated || heated.ok) return {};
  const { field, code, numbers } = heated;
  const name = field === 'frontShare' ? 'sharePercent' : field;
  return name in NUMBERS ? { [name]: verdictWords.inputError(code, numbers) } : {};
}
