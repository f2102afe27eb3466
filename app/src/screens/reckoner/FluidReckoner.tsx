import { BOILING_C, boilingPointC, WET_PERCENT } from '@hold-fast/core/fluid/boiling';
import { GLYCOL_GRADES } from '@hold-fast/core/fluid/families';
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

/** How much fluid a hose takes, and what water in glycol does to its boiling point. */
export function FluidReckoner() {
  const [bore, setBore] = useState(String(USUAL_BORE_MM));
  const [length, setLength] = useState('1700');
  const [kit, setKit] = useState(String(USUAL_KIT_ML));
  const [grade, setGrade] = useState<(typeof GLYCOL_GRADES)[number]>('DOT 4');
  const [water, setWater] = useState('2');
  const [boreMm, lengthMm, kitMl, percent] = [bore, length, kit, water].map(numberOf);
  const volumes = boreMm && lengthMm && kitMl ? volumesOf({ boreMm, kitMl }, lengthMm) : null;
  const boils = percent === null || percent === undefined ? null : boilingPointC(grade, percent);
  return (
    <>
      <Section label="Fluid for a flush">
        <View style={styles.beside}>
          <View style={styles.half}>
            <Field label="Bore, mm" value={bore} inputMode="decimal" onChangeText={setBore} />
          </View>
          <View style={styles.half}>
            <Field label="Hose, mm" value={length} inputMode="decimal" onChangeText={setLength} />
          </View>
          <View style={styles.half}>
            <Field
              label="Caliper and lever, mL"
              value={kit}
              inputMode="decimal"
              onChangeText={setKit}
            />
          </View>
        </View>
        <Words testID="flush">
          {volumes
            ? `Hose ${volumes.hoseMl.toFixed(2)} mL, system ${volumes.systemMl.toFixed(1)} mL. A flush is three times that: ${Math.ceil(volumes.flushMl)} mL, ${fillsFor(volumes.flushMl)} fills of a ${USUAL_SYRINGE.capacityMl} mL syringe to two thirds.`
            : 'Numbers above zero.'}
        </Words>
      </Section>
      <Section label="Boiling point by water">
        <Choice
          label="Fluid"
          options={GLYCOL_GRADES.map((value) => ({ value, says: value }))}
          chosen={[grade]}
          onChoose={setGrade}
        />
        <Field label="Water, %" value={water} inputMode="decimal" onChangeText={setWater} />
        <Words testID="boils">
          {percent === null || percent === undefined
            ? 'A percentage, by the tester.'
            : boils === null
              ? `Above ${WET_PERCENT} %: no number. Change it now.`
              : `About ${Math.round(boils)} °C, an estimate: ${BOILING_C[grade].dry} dry, ${BOILING_C[grade].wet} at ${WET_PERCENT} %, published minima.`}
        </Words>
      </Section>
    </>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', flexWrap: 'wrap', gap: space.m },
  half: { flexGrow: 1, flexBasis: 110 },
});
