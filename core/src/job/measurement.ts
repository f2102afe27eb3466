import type { Sitting } from '../inspection/inspected';
import type { Measurand } from '../measurand/measurand';
import { measurandRule, suits } from '../measurand/measurands';
import type { End } from '../ends';
import type { Gauge } from '../gauge/gauge';
import type { Basis } from '../inspection/session';
import { dayIn } from './day';
import { fault, type EntryBase, type Kind } from './entry';

/** One sitting with one gauge at one thing to measure. */
export interface MeasurementEntry extends EntryBase {
  kind: 'measurement';
  end: End;
  part: Measurand;
  gaugeId: string;
  basis: Basis | null;
  /** Points round the rotor; null for what has named places. */
  pointCount: number | null;
}

export interface KnownGauge extends Gauge {
  name: string;
  retired: boolean;
}

/** What of a registered gauge a sitting rests on. */
export const gaugeAsKnown = (gauge: KnownGauge): KnownGauge => ({
  name: gauge.name,
  kind: gauge.kind,
  resolutionMm: gauge.resolutionMm,
  uncertaintyMm: gauge.uncertaintyMm,
  anvils: gauge.anvils,
  calibrationDueOn: gauge.calibrationDueOn,
  retired: gauge.retired,
});

declare module './job' {
  interface Facts {
    measured: (Sitting & By & { gaugeId: string; gaugeName: string })[];
  }
}

export const measurement: Kind<MeasurementEntry, { gauge: KnownGauge }> = {
  kind: 'measurement',
  whose: 'bench',
  registers: [],
  fault: (_job, { part, pointCount, basis }, { gauge }) => {
    if (gauge.retired) return fault('invalid-input', 'gaugeId', 'retired');
    if (!suits(gauge.kind, part)) return fault('invalid-input', 'gaugeId', 'unsuited');
    if (measurandRule(part).round !== (pointCount !== null))
      return fault('invalid-input', 'pointCount', 'wrong-part');
    if (!measurandRule(part).bases.includes(basis))
      return fault('invalid-input', 'basis', 'wrong-part');
    return null;
  },
  add: (facts, { id, at, end, part, gaugeId, basis, pointCount }, { gauge }, { seq, by }) => {
    const { name: gaugeName, retired: _retired, ...held } = gauge;
    return {
      ...facts,
      measured: [
        ...facts.measured,
        {
          id,
          seq,
          end,
          part,
          gaugeId,
          gaugeName,
          gauge: held,
          basis,
          pointCount,
          measuredOn: dayIn(facts.rules.timeZone, at),
          readings: [],
          looks: [],
          at,
          by,
        },
      ],
    };
  },
};
