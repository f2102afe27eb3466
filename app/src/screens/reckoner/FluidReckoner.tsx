import { boilingPointC, WET_PERCENT } from '@hold-fast/core/fluid/boiling';
import { boilsAtC, gradesOf } from '@hold-fast/core/fluid/families';
import {
  fillsFor,
  USUAL_BORE_MM,
  USUAL_KIT_ML,
  USUAL_SYRINGE,
  volumesOf,
} from '@hold-fast/core/fluid/volumes';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Section } from '../../ui/Page';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { numberOf } from '../../ui/numberOf';
import { reckonerWords } from '../../words/reckoner';
import { words } from '../../words/words';

const GRADES = gradesOf('glycol');

/** How much fluid a hose takes, and what water in glycol does to its boiling point. */
export function FluidReckoner() {
  const [bore, setBore] = useState(String(USUAL_BORE_MM));
  const [length, setLength] = useState('1700');
  const [kit, setKit] = useState(String(USUAL_KIT_ML));
  const [grade, setGrade] = useState<(typeof GRADES)[number]>('DOT 4');
  const [water, setWater] = useState('2');
  const [boreMm, lengthMm, kitMl, percent] = [bore, length, kit, water].map(numberOf);
  const volumes = boreMm && lengthMm && kitMl ? volumesOf({ boreMm, kitMl }, lengthMm) : null;
  const boils = percent === null || percent === undefined ? null : boilingPointC(grade, percent);
  return (
    <>
      <Section label={reckonerWords.fluidReckoner.fluidForAFlush}>
        <View style={styles.beside}>
          <View style={styles.half}>
            <Field
              label={reckonerWords.fluidReckoner.boreMm}
              value={bore}
              inputMode="decimal"
              onChangeText={setBore}
            />
          </View>
          <View style={styles.half}>
            <Field
              label={reckonerWords.fluidReckoner.hoseMm}
              value={length}
              inputMode="decimal"
              onChangeText={setLength}
            />
          </View>
          <View style={styles.half}>
            <Field
              label={reckonerWords.fluidReckoner.caliperAndLeverMl}
              value={kit}
              inputMode="decimal"
              onChangeText={setKit}
            />
          </View>
        </View>
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
          onChoose={setGrade}
        />
        <Field
          label={reckonerWords.fluidReckoner.water}
          value={water}
          inputMode="decimal"
          onChangeText={setWater}
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
    </>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  half: { flexGrow: 1, flexBasis: 110 },
});
