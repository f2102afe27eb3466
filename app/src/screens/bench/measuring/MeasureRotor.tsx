import type { Judgement } from '@hold-fast/core/inspection/judge';
import { rotorLimit, rotorNewMm } from '@hold-fast/core/inspection/standard';
import { Fault } from './Fault';
import type { Job, Measured } from '@hold-fast/core/job/job';
import { decimalsOf } from '@hold-fast/core/gauge/gauge';
import type { End } from '@hold-fast/core/ends';
import { standardOf } from '@hold-fast/core/inspection/inspectEnd';
import { isRidgeFelt, valuesAt } from '@hold-fast/core/inspection/session';
import { router } from 'expo-router';
import { useState } from 'react';
import { RotorDial } from '../../../instruments/RotorDial';
import { WearRule } from '../../../instruments/WearRule';
import { Button } from '../../../ui/Button';
import { Keypad } from '../../../ui/Keypad';
import { Words } from '../../../ui/Words';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { judgementOf, sittingAt, WithBrake } from '../JobFrame';
import { calledOf, rotorSays } from '../inspect/findings';
import { inInchesFor } from '../inspect/inInchesFor';
import { VerdictPanel } from './VerdictPanel';
import { ChooseGauge } from './ChooseGauge';
import type { Fact } from './Facts';
import { RidgeCheck } from './RidgeCheck';
import { FeedNote } from './FeedNote';
import { goOnWith, WaysOn } from './goOn';
import { MeasuringPage } from './MeasuringPage';
import { useTaking } from './useTaking';
import { ZeroCheck } from './ZeroCheck';
import { measuringWords } from '../../../words/measuring';
import { atJob } from '../../routes';

const TITLE = measuringWords.measureRotor.measureTheRotor;

/** Thickness round the rotor, point by point, judged as it goes. */
export function MeasureRotor({ jobId, end }: { jobId: string; end: End }) {
  const [asking, setAsking] = useState<'gauge' | 'zero' | 'ridge' | null>(null);
  const [passed, setPassed] = useState<{ zero?: boolean; ridge?: boolean }>({});
  return (
    <WithBrake jobId={jobId} end={end} title={TITLE}>
      {(job) => {
        const measured = sittingAt(job, end, 'rotor');
        if (!measured || asking === 'gauge')
          return (
            <ChooseGauge
              job={job}
              end={end}
              part="rotor"
              title={TITLE}
              onBegun={() => {
                setAsking(null);
                setPassed({});
              }}
            />
          );
        const open = {
          zero: valuesAt(measured.readings, 'zero').length === 0 && !passed.zero,
          ridge: !measured.looks.some(({ subject }) => subject === 'ridge') && !passed.ridge,
        };
        const untouched = valuesAt(measured.readings, '1').length === 0;
        const done = (question: 'zero' | 'ridge') => () => {
          setAsking(null);
          setPassed({ ...passed, [question]: true });
        };
        if (asking === 'zero' || (open.zero && untouched))
          return <ZeroCheck job={job} measured={measured} title={TITLE} onDone={done('zero')} />;
        if (asking === 'ridge' || (open.ridge && untouched))
          return <RidgeCheck job={job} measured={measured} title={TITLE} onDone={done('ridge')} />;
        return <Points job={job} measured={measured} ask={setAsking} />;
      }}
    </WithBrake>
  );
}

interface PointsProps {
  job: Job;
  measured: Measured;
  ask: (question: 'gauge' | 'zero' | 'ridge') => void;
}

function Points({ job, measured, ask }: PointsProps) {
  const pointCount = measured.pointCount!;
  const decimals = decimalsOf(measured.gauge);
  const standard = standardOf(job, measured.end)!;
  const limit = rotorLimit(standard);
  const newMm = rotorNewMm(standard);
  const places = [...Array.from({ length: pointCount }, (_, i) => String(i + 1))];
  const [why, setWhy] = useState(false);
  const taking = useTaking({
    job,
    measured,
    places,
    keyingOf: () => ({ decimals, impliesOne: true }),
  });
  const { place, firstOpen, again, keyed, choose, lastTaken } = taking;
  const judgement = judgementOf(job, measured);
  const rotor = judgement?.ok && judgement.measurand === 'rotor' ? judgement.verdict : null;

  const earlierHere = place === null ? [] : valuesAt(measured.readings, place);
  const lip = valuesAt(measured.readings, 'lip').at(-1);
  const ridge = measured.looks.some(({ subject }) => subject === 'ridge');
  const zero = valuesAt(measured.readings, 'zero').at(-1);

  const facts: Fact[] = [
    {
      says:
        zero === undefined
          ? measuringWords.measureRotor.zeroNotChecked
          : measuringWords.measureRotor.zero(words.format.fixed(zero, decimals)),
      open: zero === undefined,
      onPress: () => ask('zero'),
    },
    {
      says: isRidgeFelt(measured.looks)
        ? measuringWords.measureRotor.ridgeFelt
        : ridge
          ? measuringWords.measureRotor.noRidge
          : measuringWords.measureRotor.ridgeNotLooked,
      open: !ridge,
      onPress: () => ask('ridge'),
    },
    {
      says:
        lip === undefined
          ? measuringWords.measureRotor.measureTheLip
          : measuringWords.measureRotor.lip(words.format.fixed(lip, decimals)),
      open: lip === undefined && newMm === null,
      onPress: () => choose('lip'),
    },
  ];

  const number = place === null ? null : { over: overOf(place, earlierHere.length, again) };
  return (
    <MeasuringPage
      job={job}
      measured={measured}
      title={TITLE}
      live={taking.feed.live}
      onGauge={() => ask('gauge')}
      drawing={(width, bare) => (
        <RotorDial
          points={places.map((p) => {
            const drawn = rotor?.points.find(({ point }) => point === Number(p));
            return {
              point: Number(p),
              thicknessMm: drawn?.thicknessMm ?? null,
              word: drawn?.word ?? null,
            };
          })}
          limitMm={limit.limitMm}
          newMm={rotor?.newMm ?? newMm}
          decimals={decimals}
          current={place === null || place === 'lip' ? null : Number(place)}
          thinnest={rotor?.thinnest?.point ?? null}
          onPoint={(point) => choose(String(point))}
          over={number?.over ?? measuringWords.measureRotor.thinnest}
          keyed={
            place === null
              ? (rotor?.thinnest?.thicknessMm.toFixed(decimals) ?? '')
              : keyed.growing.keyed
          }
          open={place === null ? '' : keyed.growing.open}
          wrong={keyed.fault !== null}
          bare={bare}
          width={width}
        />
      )}
      rule={(width) => (
        <WearRule
          newMm={rotor?.newMm ?? newMm}
          limitMm={limit.limitMm}
          origin={limit.origin}
          leastMm={rotor?.thinnest?.thicknessMm ?? null}
          doubtMm={rotor?.thinnest?.doubtMm ?? 0}
          word={rotor?.word ?? null}
          upperBound={rotor?.upperBounds ?? false}
          width={width}
        />
      )}
      number={number && { ...number, ...keyed.growing, wrong: keyed.fault !== null }}
      said={
        <>
          {keyed.fault ? (
            <Fault says={keyed.fault} sayWhy={taking.sayWhy} />
          ) : rotor ? (
            <VerdictPanel
              inches={inInchesFor(judgement)}
              word={rotor.word}
              called={calledOf(judgement)}
              reasons={rotor.reasons}
              settle={rotor.settle}
              says={rotorSays(rotor, decimals)}
              full={why || firstOpen === null}
            />
          ) : (
            <Unjudged judgement={judgement} />
          )}
          <FeedNote notice={taking.feed.notice} />
        </>
      }
      facts={facts}
      keypad={(keypadHeight) => (
        <Keypad
          {...(keypadHeight ? { height: keypadHeight } : {})}
          onDigit={taking.type}
          onErase={taking.erase}
          extra={
            place !== null && firstOpen === place
              ? { says: words.keypad.skip, onPress: taking.skip }
              : { says: words.keypad.back, onPress: () => choose(null) }
          }
          side={[
            {
              says: words.keypad.again,
              on: again,
              disabled: !lastTaken,
              onPress: () => (again ? choose(null) : choose(lastTaken!.place, true)),
            },
            { says: words.keypad.why, on: why, disabled: !rotor, onPress: () => setWhy(!why) },
          ]}
          next={{ says: words.keypad.next, onPress: taking.enter }}
        />
      )}
      finished={<RotorWays job={job} measured={measured} worn={rotor?.word === 'replace'} />}
    />
  );
}

/** What contradicts what was read, or how to begin. */
function Unjudged({ judgement }: { judgement: Judgement | null }) {
  return judgement && !judgement.ok ? (
    <Words ink="rustText" role="alert">
      {verdictWords.inputError(judgement.code, judgement.numbers)}
    </Words>
  ) : (
    <Words ink="soft">{measuringWords.measureRotor.valveAtTheTopClockwise}</Words>
  );
}

/** Where the rotor’s sitting leads. */
function RotorWays({ job, measured, worn }: { job: Job; measured: Measured; worn: boolean }) {
  return (
    <WaysOn
      job={job}
      end={measured.end}
      renew={
        worn ? (
          <Button
            kind="plain"
            says={measuringWords.measureRotor.recordANewRotor}
            onPress={() => router.navigate(atJob(job.id, `${measured.end}/fit-rotor`))}
          />
        ) : null
      }
      next={
        <Button
          grow
          says={measuringWords.measureRotor.measureThePads}
          onPress={() => goOnWith(job, measured, 'pads')}
        />
      }
    />
  );
}

function overOf(place: string, earlier: number, again: boolean): string {
  if (place === 'lip') return words.place(place);
  if (again) return measuringWords.measureRotor.pointAgain(place);
  return earlier > 0
    ? measuringWords.measureRotor.correct(place)
    : measuringWords.measureRotor.point(place);
}
