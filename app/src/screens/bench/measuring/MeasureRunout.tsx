import { Fault } from './Fault';
import type { Job, Measured } from '@hold-fast/core/job/job';
import { decimalsOf } from '@hold-fast/core/gauge/gauge';
import { valuesAt } from '@hold-fast/core/inspection/session';
import type { End } from '@hold-fast/core/ends';
import { clockPosition } from '@hold-fast/core/wear/rotor';
import { router } from 'expo-router';
import { useState } from 'react';
import { RunoutRing } from '../../../instruments/RunoutRing';
import { Button } from '../../../ui/Button';
import { Keypad } from '../../../ui/Keypad';
import { Words } from '../../../ui/Words';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { calledOf, runoutSays } from '../inspect/findings';
import { inInchesFor } from '../inspect/inInchesFor';
import { judgementOf, sittingAt, WithBrake } from '../JobFrame';
import { VerdictPanel } from './VerdictPanel';
import { ChooseGauge } from './ChooseGauge';
import { FeedNote } from './FeedNote';
import { MeasuringPage } from './MeasuringPage';
import { useTaking } from './useTaking';
import { WaysOn } from './goOn';
import { measuringWords } from '../../../words/measuring';
import { atJob } from '../../routes';

const TITLE = measuringWords.measureRunout.runout;

/** One turn of the rotor past a dial indicator, and what its wobble means. */
export function MeasureRunout({ jobId, end }: { jobId: string; end: End }) {
  const [choosing, setChoosing] = useState(false);
  return (
    <WithBrake jobId={jobId} end={end} title={TITLE}>
      {(job) => {
        const measured = sittingAt(job, end, 'runout');
        if (!measured || choosing)
          return (
            <ChooseGauge
              job={job}
              end={end}
              part="runout"
              title={TITLE}
              onBegun={() => setChoosing(false)}
            />
          );
        return <Turn job={job} measured={measured} onGauge={() => setChoosing(true)} />;
      }}
    </WithBrake>
  );
}

function Turn({ job, measured, onGauge }: { job: Job; measured: Measured; onGauge: () => void }) {
  const decimals = decimalsOf(measured.gauge);
  const places = Array.from({ length: measured.pointCount! }, (_, i) => String(i + 1));
  const taking = useTaking({
    job,
    measured,
    places,
    keyingOf: (place) =>
      place === 'radius'
        ? { decimals: 1, fill: 'plain' }
        : { decimals, fill: 'last-digits', signed: true },
  });
  const { place, keyed, choose } = taking;
  const judgement = judgementOf(job, measured);
  const runout = judgement?.ok && judgement.measurand === 'runout' ? judgement.verdict : null;
  const radius = valuesAt(measured.readings, 'radius').at(-1);

  return (
    <MeasuringPage
      job={job}
      measured={measured}
      title={TITLE}
      live={taking.feed.live}
      onGauge={onGauge}
      drawing={(width, bare) => (
        <RunoutRing
          readings={places.map((p) => valuesAt(measured.readings, p).at(-1) ?? null)}
          current={place === null || place === 'radius' ? null : Number(place)}
          onPoint={(point) => choose(String(point))}
          over={
            place === null ? measuringWords.measureRunout.lowToHigh : overOf(place, places.length)
          }
          keyed={place === null ? (runout?.tirMm?.toFixed(decimals) ?? '') : keyed.growing.keyed}
          open={place === null ? '' : keyed.growing.open}
          wrong={keyed.fault !== null}
          bare={bare}
          width={width}
        />
      )}
      number={
        place === null
          ? null
          : { over: overOf(place, places.length), ...keyed.growing, wrong: keyed.fault !== null }
      }
      said={
        <>
          {keyed.fault ? (
            <Fault says={keyed.fault} sayWhy={taking.sayWhy} />
          ) : runout && (place === null || runout.word === 'replace') ? (
            <VerdictPanel
              inches={inInchesFor(judgement)}
              word={runout.word}
              called={calledOf(judgement)}
              reasons={runout.reasons}
              settle={runout.settle}
              says={runoutSays(runout)}
              full={place === null}
            />
          ) : (
            <Words ink="soft">{measuringWords.measureRunout.indicatorOnTheTrackValve}</Words>
          )}
          {place === null && runout?.meaning ? (
            <Words>{verdictWords.meaning(runout.meaning)}</Words>
          ) : null}
          {runout?.morePointsWanted ? (
            <Words ink="fogText">{measuringWords.measureRunout.oneReadingStandsOutTwelve}</Words>
          ) : null}
          <FeedNote notice={taking.feed.notice} />
        </>
      }
      facts={[
        {
          says:
            radius === undefined
              ? measuringWords.measureRunout.radiusNotTaken
              : measuringWords.measureRunout.radius(words.format.fixed(radius, 0)),
          open: radius === undefined,
          onPress: () => choose('radius'),
        },
      ]}
      keypad={(keypadHeight) => (
        <Keypad
          {...(keypadHeight ? { height: keypadHeight } : {})}
          onDigit={taking.type}
          onErase={taking.erase}
          extra={
            place === 'radius'
              ? { says: words.keypad.back, onPress: () => choose(null) }
              : { says: '−', onPress: () => keyed.text === '' && keyed.type('-') }
          }
          side={[{ says: words.keypad.skip, onPress: taking.skip }]}
          next={{ says: words.keypad.next, onPress: taking.enter }}
        />
      )}
      finished={
        <WaysOn
          job={job}
          end={measured.end}
          next={
            <Button
              grow
              says={measuringWords.measureRunout.feelTheGaps}
              onPress={() => router.navigate(atJob(job.id, `${measured.end}/clearance`))}
            />
          }
        />
      }
    />
  );
}

function overOf(place: string, count: number): string {
  if (place === 'radius') return 'radius';
  const clock = Math.round(clockPosition(Number(place), count) * 10) / 10;
  return measuringWords.measureRunout.oclock(clock);
}
