import { boilingPointC, WET_PERCENT } from '@hold-fast/core/fluid/boiling';
import { boilsAtC, gradesOf } from '@hold-fast/core/fluid/families';
import {
  fillsFor,
  USUAL_BORE_MM,
  USUAL_KIT_ML,
  USUAL_SYRINGE,
  volumesOf,
} from '@hold-fast/core/fluid/volumes';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { numberOf } from '../../ui/numberOf';
import { reckonerWords } from '../../words/reckoner';
import { words } from '../../words/words';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { oneOf, useKeyed } from './useKeyed';

const GRADES = gradesOf('glycol');
const USUAL = {
  bore: String(USUAL_BORE_MM),
  length: '1700',
  kit: String(USUAL_KIT_ML),
  grade: 'DOT 4',
  water: '2',
};

/** How much fluid a hose takes, and what water in glycol does to its boiling point. */
export function FluidReckoner() {
  const [keyed, key] = useKeyed('fluid', USUAL);
  const { bore, length, kit, water } = keyed;
  const grade = oneOf(GRADES, keyed.grade);
  const [boreMm, lengthMm, kitMl, percent] = [bore, length, kit, water].map(numberOf);
  const volumes = boreMm && lengthMm && kitMl ? volumesOf({ boreMm, kitMl }, lengthMm) : null;
  const boils = percent === null || percent === undefined ? null : boilingPointC(grade, percent);
  return (
    <ReckonerPage of="fluid" sum={volumes ? keyed : null}>
      <Section label={reckonerWords.fluidReckoner.fluidForAFlush}>
        <KeyedFields
          names={['bore', 'length', 'kit']}
          labels={{
            bore: reckonerWords.fluidReckoner.boreMm,
            length: reckonerWords.fluidReckoner.hoseMm,
            kit: reckonerWords.fluidReckoner.caliperAndLeverMl,
          }}
          keyed={keyed}
          onKey={key}
        />
        <Words testID="flush">
          {volumes
            ? reckonerWords.fluidReckoner.hoseMlSystemMlA(
                words.format.fixed(volumes.hoseMl, 2),
                words.format.fixed(volumes.systemMl, 1),
                Math.ceil(volumes.flushMl),
                fillsFor(volumes.flushMl),
                USUAL_SYRINGE.capacityMl,
              )
            : reckonerWords.fluidReckoner.numbersAboveZero}
        </Words>
      </Section>
      <Section label={reckonerWords.fluidReckoner.boilingPointByWater}>
        <Choice
          label={reckonerWords.fluidReckoner.fluid}
          options={GRADES.map((value) => ({ value, says: value }))}
          chosen={[grade]}
          onChoose={key('grade')}
        />
        <Field
          label={reckonerWords.fluidReckoner.water}
          value={water}
          inputMode="decimal"
          onChangeText={key('water')}
        />
        <Words testID="boils">
          {percent === null || percent === undefined
            ? reckonerWords.fluidReckoner.aPercentageByTheTester
            : boils === null
              ? reckonerWords.fluidReckoner.aboveNoNumberChangeIt(WET_PERCENT)
              : reckonerWords.fluidReckoner.aboutCAnEstimateDry(
                  words.format.temperature(boils),
                  words.format.temperature(boilsAtC('glycol', grade).dry),
                  words.format.temperature(boilsAtC('glycol', grade).wet),
                  WET_PERCENT,
                )}
        </Words>
      </Section>
    </ReckonerPage>
  );
}
