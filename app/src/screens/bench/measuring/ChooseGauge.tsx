import type { Gauge } from '@hold-fast/contract/stores';
import type { Job } from '@hold-fast/contract/jobs';
import { inCalibration } from '@hold-fast/core/gauge/gauge';
import type { End, Part } from '@hold-fast/core/procedure/signOff';
import { ROTOR_POINTS } from '@hold-fast/core/wear/rotor';
import { useState } from 'react';
import { useGauges } from '../../../data/queries';
import { append, entryOf } from '../../../data/writes';
import { Choice } from '../../../ui/Choice';
import { Page, Section } from '../../../ui/Page';
import { Row } from '../../../ui/Row';
import { Failed, Loading } from '../../../ui/Standing';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { BackToJob } from '../JobFrame';

const LAST_GAUGE = 'hold-fast.gauge';

/** Which gauge? Begins a sitting at a part; the gauge used last stands first. */
export function ChooseGauge({
  job,
  end,
  part,
  title,
  onBegun,
}: {
  job: Job;
  end: End;
  part: Part;
  title: string;
  onBegun: () => void;
}) {
  const gauges = useGauges();
  const [basis, setBasis] = useState<'total' | 'friction'>('total');
  const last = localStorage.getItem(LAST_GAUGE);
  const today = new Date().toISOString().slice(0, 10);

  const begin = (gauge: Gauge) => {
    localStorage.setItem(LAST_GAUGE, gauge.id);
    const rotor = part === 'rotor';
    append(
      job.id,
      entryOf<'measurement'>({
        kind: 'measurement',
        end,
        part,
        gaugeId: gauge.id,
        basis: rotor ? null : basis,
        pointCount: rotor ? ROTOR_POINTS.usual : null,
      }),
      { gauge },
    );
    onBegun();
  };
  if (gauges.error) return <Failed error={gauges.error} onRetry={() => void gauges.refetch()} />;
  if (!gauges.data) return <Loading />;
  const usable = gauges.data
    .filter(({ kind }) => kind !== 'dial-indicator')
    .sort((a, b) => Number(b.id === last) - Number(a.id === last));
  return (
    <Page
      tag={job.tag}
      over={`${end} brake · ${title}`}
      title="Which gauge?"
      foot={<BackToJob jobId={job.id} />}
    >
      {part === 'pads' && (
        <Section label="What you measure">
          <Choice
            label="What you measure"
            options={[
              { value: 'total', says: 'With backing plate' },
              { value: 'friction', says: 'Friction only' },
            ]}
            chosen={[basis]}
            onChoose={setBasis}
          />
        </Section>
      )}
      {usable.map((gauge) => (
        <Row
          key={gauge.id}
          title={gauge.name}
          says={gaugeSays(gauge, today)}
          aside={<Words kind="smallReading">{`±${gauge.uncertaintyMm.toFixed(2)}`}</Words>}
          current={gauge.id === last}
          onPress={() => begin(gauge)}
        />
      ))}
    </Page>
  );
}

function gaugeSays(gauge: Gauge, today: string): string {
  const kind = `${words.gaugeKind[gauge.kind]}, ${gauge.anvils === 'point' ? 'point anvils' : 'flat jaws'}`;
  const doubt = gauge.uncertaintyAssumed ? 'doubt assumed' : 'doubt by certificate';
  const calibration = inCalibration(gauge.calibrationDueOn, today)
    ? `calibrated to ${gauge.calibrationDueOn}`
    : 'out of calibration: may condemn, not pass';
  return `${kind} · ${doubt} · ${calibration}`;
}
