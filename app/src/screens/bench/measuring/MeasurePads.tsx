import type { Identified, Job, Measured } from '@hold-fast/contract/jobs';
import { decimalsOf } from '@hold-fast/core/gauge/gauge';
import type { End } from '@hold-fast/core/procedure/signOff';
import { PAD_PLACES, type PadPlace } from '@hold-fast/core/wear/pads';
import { valuesAt } from '@hold-fast/core/wear/session';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { PadBlock } from '../../../instruments/PadBlock';
import { Button, Buttons } from '../../../ui/Button';
import { Keypad } from '../../../ui/Keypad';
import { Page } from '../../../ui/Page';
import { space } from '../../../ui/tokens';
import { useKeys } from '../../../ui/useKeys';
import { useColumn, useWide } from '../../../ui/useWide';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { judgementOf, sittingAt, WithBrake } from '../JobFrame';
import { padsSay } from '../findings';
import { Schools } from '../Schools';
import { VerdictPanel } from '../VerdictPanel';
import { ChooseGauge } from './ChooseGauge';
import { Facts, GaugeAside, type Fact } from './Facts';
import { takeReading } from './takeReading';
import { useKeyed } from './useKeyed';
import { ZeroCheck } from './ZeroCheck';

const TITLE = 'Measure the pads';
/** Thickness a pad is drawn full at when the sheet does not say what is new, mm. */
const ASSUMED_NEW_MM = 4;

/** The four numbers of a pair, judged by every school side by side. */
export function MeasurePads({ jobId, end }: { jobId: string; end: End }) {
  const [asking, setAsking] = useState<'gauge' | 'zero' | null>(null);
  const [zeroPassed, setZeroPassed] = useState(false);
  return (
    <WithBrake jobId={jobId} end={end} title={TITLE}>
      {(job, identified) => {
        const measured = sittingAt(job, end, 'pads');
        if (!measured || asking === 'gauge')
          return (
            <ChooseGauge
              job={job}
              end={end}
              part="pads"
              title={TITLE}
              onBegun={() => {
                setAsking(null);
                setZeroPassed(false);
              }}
            />
          );
        const unchecked = valuesAt(measured.readings, 'zero').length === 0 && !zeroPassed;
        const untouched = measured.readings.length === 0;
        if (asking === 'zero' || (unchecked && untouched))
          return (
            <ZeroCheck
              job={job}
              measured={measured}
              title={TITLE}
              onDone={() => {
                setAsking(null);
                setZeroPassed(true);
              }}
            />
          );
        return (
          <FourNumbers job={job} identified={identified} measured={measured} ask={setAsking} />
        );
      }}
    </WithBrake>
  );
}

interface Props {
  job: Job;
  identified: Identified;
  measured: Measured;
  ask: (question: 'gauge' | 'zero') => void;
}

function FourNumbers({ job, identified, measured, ask }: Props) {
  const decimals = decimalsOf(measured.gauge);
  const spec = identified.sheet.body.pads;
  const [selected, setSelected] = useState<PadPlace | null>(null);
  const firstOpen = PAD_PLACES.find((p) => valuesAt(measured.readings, p).length === 0) ?? null;
  const place = selected ?? firstOpen;
  const keyed = useKeyed(`${measured.id}.${place}`, { decimals });
  const judgement = judgementOf(measured, identified);
  const pads = judgement?.ok && judgement.part === 'pads' ? judgement.pads : null;

  const choose = (next: PadPlace | null) => {
    keyed.clear();
    setSelected(next);
  };
  const enter = () => {
    if (place !== null && takeReading({ job, identified, measured, place, again: false, keyed }))
      choose(null);
  };
  const turn = (by: number) => {
    const from = place === null ? 0 : PAD_PLACES.indexOf(place);
    choose(PAD_PLACES[(from + by + PAD_PLACES.length) % PAD_PLACES.length]!);
  };
  useKeys(
    {
      Enter: enter,
      Backspace: keyed.erase,
      ArrowRight: () => turn(1),
      ArrowLeft: () => turn(-1),
      Escape: () => choose(null),
    },
    place === null ? undefined : keyed.type,
  );

  const wide = useWide();
  const column = useColumn();
  const zero = valuesAt(measured.readings, 'zero').at(-1);
  const facts: Fact[] = [
    {
      says: measured.basis === 'total' ? 'With backing plate' : 'Friction only',
      onPress: () => ask('gauge'),
    },
    {
      says: zero === undefined ? 'Zero: not checked' : `Zero ${zero.toFixed(decimals)}`,
      open: zero === undefined,
      onPress: () => ask('zero'),
    },
  ];
  const newTotalMm = spec.newTotalMm ?? ASSUMED_NEW_MM;

  return (
    <Page
      fixed
      tag={job.tag}
      over={`${measured.end} brake`}
      title={TITLE}
      aside={<GaugeAside measured={measured} onPress={() => ask('gauge')} />}
    >
      <View style={[styles.work, wide && styles.beside]}>
        <View style={[styles.drawing, wide && styles.half]}>
          <PadBlock
            values={Object.fromEntries(
              PAD_PLACES.flatMap((p) => {
                const value = valuesAt(measured.readings, p).at(-1);
                return value === undefined ? [] : [[p, value]];
              }),
            )}
            fullMm={measured.basis === 'total' ? newTotalMm : newTotalMm - (spec.plateMm ?? 0)}
            current={place}
            thinnest={pads?.thinnest?.place ?? null}
            onPlace={choose}
            keyed={keyed.growing.keyed}
            open={keyed.growing.open}
            wrong={keyed.fault !== null}
            width={column}
          />
          {wide && pads ? (
            <View style={styles.verdict}>
              <Schools pads={pads} />
            </View>
          ) : null}
        </View>
        <View style={[styles.judged, wide && styles.half]}>
          <View style={styles.verdict}>
            {keyed.fault ? (
              <Words kind="strong" ink="rustText" role="alert">
                {keyed.fault}
              </Words>
            ) : pads ? (
              <VerdictPanel
                word={pads.word}
                reasons={pads.schools.find(({ school }) => school === pads.decidedBy)!.reasons}
                settle={pads.schools.find(({ school }) => school === pads.decidedBy)!.settle}
                says={padsSay(pads)}
                full={wide || place === null}
              />
            ) : judgement && !judgement.ok ? (
              <Words ink="rustText" role="alert">
                {words.inputError(judgement.code, judgement.numbers)}
              </Words>
            ) : (
              <Words ink="soft">
                {measured.basis === 'total'
                  ? 'Pad and plate together, at each end of each pad. 34 is 3.40.'
                  : 'Friction material alone, at each end of each pad. 16 is 1.60.'}
              </Words>
            )}
            {pads && !wide && (place === null || pads.pattern.signs.length > 0) ? (
              <Schools pads={pads} />
            ) : null}
          </View>
          <View style={styles.room} />
          <Facts facts={facts} />
          {place === null ? (
            <View style={styles.finished}>
              {pads?.word === 'replace' ? (
                <Button
                  kind="plain"
                  says="Record new pads"
                  onPress={() => router.navigate(`/bench/${job.id}/${measured.end}/fit-pads`)}
                />
              ) : null}
              <Buttons>
                <Button
                  grow
                  says="Back to the job"
                  onPress={() => router.navigate(`/bench/${job.id}`)}
                />
              </Buttons>
            </View>
          ) : (
            <Keypad
              onDigit={keyed.type}
              onErase={keyed.erase}
              extra={{ says: 'back', onPress: () => choose(null), disabled: selected === null }}
              next={{ says: 'next', onPress: enter }}
            />
          )}
        </View>
      </View>
    </Page>
  );
}

const styles = StyleSheet.create({
  work: { flex: 1, minHeight: 0 },
  beside: { flexDirection: 'row' },
  half: { flex: 1, justifyContent: 'center' },
  drawing: { paddingTop: space.xs, gap: space.m },
  judged: { flex: 1, minHeight: 0 },
  verdict: { paddingHorizontal: space.l, paddingVertical: space.xs, gap: space.s },
  room: { flex: 1 },
  finished: { padding: space.l, gap: space.s },
});
