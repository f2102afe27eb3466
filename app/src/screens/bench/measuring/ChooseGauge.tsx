import { endSays } from '../../bikes/thirdBrake';
import type { Measurand } from '@hold-fast/core/measurand/measurand';
import { measurandRule, suits } from '@hold-fast/core/measurand/measurands';
import type { Basis } from '@hold-fast/core/inspection/session';
import type { Job } from '@hold-fast/core/job/job';
import type { Gauge } from '@hold-fast/contract/stores';
import type { End } from '@hold-fast/core/ends';
import { useState } from 'react';
import { useGauges } from '../../../data/queries';
import { today } from '../../../data/today';
import { Choice } from '../../../ui/Choice';
import { Page, Section } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { Empty, Failed, Loading } from '../../../ui/Standing';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { gaugeSays } from '../../gaugeSays';
import { BackToJob } from '../JobFrame';
import { beginSitting, lastGauge } from './begin';
import { measuringWords } from '../../../words/measuring';

const SAYS: Readonly<Record<Basis, string>> = {
  total: measuringWords.chooseGauge.withBackingPlate,
  friction: measuringWords.chooseGauge.frictionOnly,
  travel: measuringWords.chooseGauge.travelFromRest,
  'from-bar': measuringWords.chooseGauge.whatIsLeftToThe,
};

/** Which gauge? Begins a sitting; the gauge used last for such a thing stands first. */
export function ChooseGauge({
  job,
  end,
  part,
  title,
  onBegun,
}: {
  job: Job;
  end: End;
  part: Measurand;
  title: string;
  onBegun: () => void;
}) {
  const gauges = useGauges();
  // Where there is more than one way to take the numbers, the first is the usual.
  const ways = measurandRule(part).bases.flatMap((way) => way ?? []);
  const [basis, setBasis] = useState<Basis | null>(ways[0] ?? null);
  const last = lastGauge(part);
  const day = today();

  const begin = (gauge: Gauge) => {
    beginSitting(job, end, part, gauge, basis);
    onBegun();
  };
  if (gauges.error) return <Failed error={gauges.error} onRetry={() => void gauges.refetch()} />;
  if (!gauges.data) return <Loading />;
  const usable = gauges.data
    .filter(({ kind, retired }) => !retired && suits(kind, part))
    .sort((a, b) => Number(b.id === last) - Number(a.id === last));
  return (
    <Page
      tag={job.tag}
      over={measuringWords.chooseGauge.brake(endSays(job.bike, end), title)}
      title={measuringWords.chooseGauge.whichGauge}
      foot={<BackToJob jobId={job.id} />}
    >
      {ways.length > 0 ? (
        <Section label={measuringWords.chooseGauge.whatYouMeasure}>
          <Choice
            label={measuringWords.chooseGauge.whatYouMeasure}
            options={ways.map((value) => ({ value, says: SAYS[value] }))}
            chosen={basis ? [basis] : []}
            onChoose={setBasis}
          />
        </Section>
      ) : null}
      {usable.map((gauge) => (
        <Row
          key={gauge.id}
          title={gauge.name}
          says={gaugeSays(gauge, day)}
          aside={
            <Words kind="smallReading">{`±${words.format.fixed(gauge.uncertaintyMm, 2)}`}</Words>
          }
          current={gauge.id === last}
          onPress={() => begin(gauge)}
        />
      ))}
      {usable.length === 0 ? (
        <Empty
          title={measuringWords.chooseGauge.noGaugeForThis}
          says={measuringWords.chooseGauge.aLeadCanRegisterOne}
        />
      ) : null}
    </Page>
  );
}
