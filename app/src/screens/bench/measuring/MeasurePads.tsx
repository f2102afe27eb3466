import { Fault } from './Fault';
import type { Identified, Job, Measured } from '@hold-fast/core/job/job';
import { decimalsOf } from '@hold-fast/core/gauge/gauge';
import type { End } from '@hold-fast/core/ends';
import { PAD_PLACES, type PadPlace } from '@hold-fast/core/wear/pads';
import { valuesAt } from '@hold-fast/core/inspection/session';
import { router } from 'expo-router';
import { useState } from 'react';
import { PadBlock } from '../../../instruments/PadBlock';
import { Button } from '../../../ui/Button';
import { Keypad } from '../../../ui/Keypad';
import { useWide } from '../../../ui/useWide';
import { Words } from '../../../ui/Words';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { judgementOf, sittingAt, WithBrake } from '../JobFrame';
import { calledOf, padsSay } from '../inspect/findings';
import { inInchesFor } from '../inspect/inInchesFor';
import { Schools } from './Schools';
import { VerdictPanel } from './VerdictPanel';
import { ChooseGauge } from './ChooseGauge';
import type { Fact } from './Facts';
import { FeedNote } from './FeedNote';
import { NextEnd, WaysOn } from './goOn';
import { MeasuringPage } from './MeasuringPage';
import { useTaking } from './useTaking';
import { ZeroCheck } from './ZeroCheck';
import { measuringWords } from '../../../words/measuring';
import { atJob } from '../../routes';

const TITLE = measuringWords.measurePads.measureThePads;
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
  const taking = useTaking({ job, measured, places: PAD_PLACES, keyingOf: () => ({ decimals }) });
  const { keyed, choose } = taking;
  const place = taking.place as PadPlace | null;
  const judgement = judgementOf(job, measured);
  const pads = judgement?.ok && judgement.measurand === 'pads' ? judgement.verdict : null;

  const zero = valuesAt(measured.readings, 'zero').at(-1);
  const facts: Fact[] = [
    {
      says:
        measured.basis === 'total'
          ? measuringWords.measurePads.withBackingPlate
          : measuringWords.measurePads.frictionOnly,
      onPress: () => ask('gauge'),
    },
    {
      says:
        zero === undefined
          ? measuringWords.measurePads.zeroNotChecked
          : measuringWords.measurePads.zero(words.format.fixed(zero, decimals)),
      open: zero === undefined,
      onPress: () => ask('zero'),
    },
  ];
  const newTotalMm = spec.newTotalMm ?? ASSUMED_NEW_MM;
  const wide = useWide();

  const decisive = pads?.schools.find(({ school }) => school === pads.decidedBy);
  return (
    <MeasuringPage
      job={job}
      measured={measured}
      title={TITLE}
      live={taking.feed.live}
      onGauge={() => ask('gauge')}
      drawing={(width) => (
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
          width={width}
        />
      )}
      number={
        place && { over: words.padPlace[place], ...keyed.growing, wrong: keyed.fault !== null }
      }
      said={
        <>
          {keyed.fault ? (
            <Fault says={keyed.fault} sayWhy={taking.sayWhy} />
          ) : pads && decisive ? (
            <VerdictPanel
              inches={inInchesFor(judgement)}
              word={pads.word}
              called={calledOf(judgement)}
              reasons={decisive.reasons}
              settle={decisive.settle}
              says={padsSay(pads)}
              full={wide || place === null}
            />
          ) : judgement && !judgement.ok ? (
            <Words ink="rustText" role="alert">
              {verdictWords.inputError(judgement.code, judgement.numbers)}
            </Words>
          ) : (
            <Words ink="soft">
              {measured.basis === 'total'
                ? measuringWords.measurePads.padAndPlateTogetherAt
                : measuringWords.measurePads.frictionMaterialAloneAtEach}
            </Words>
          )}
          <FeedNote notice={taking.feed.notice} />
          {pads && (wide || place === null || pads.pattern.signs.length > 0) ? (
            <Schools pads={pads} />
          ) : null}
        </>
      }
      facts={facts}
      keypad={(keypadHeight) => (
        <Keypad
          {...(keypadHeight ? { height: keypadHeight } : {})}
          onDigit={taking.type}
          onErase={taking.erase}
          extra={{
            says: words.keypad.back,
            onPress: () => choose(null),
            disabled: taking.selected === null,
          }}
          next={{ says: words.keypad.next, onPress: taking.enter }}
        />
      )}
      finished={
        <WaysOn
          job={job}
          end={measured.end}
          renew={
            pads?.word === 'replace' ? (
              <Button
                kind="plain"
                says={measuringWords.measurePads.recordNewPads}
                onPress={() => router.navigate(atJob(job.id, `${measured.end}/fit-pads`))}
              />
            ) : null
          }
          next={<NextEnd job={job} measured={measured} />}
        />
      }
    />
  );
}
