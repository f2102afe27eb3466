import { beddedRotor, beddingHeat, coolFor } from '@hold-fast/core/bedding/heat';
import { pullEnergyJ, USUAL_MASS_KG } from '@hold-fast/core/bedding/pulls';
import { ENDS, type End } from '@hold-fast/core/ends';
import type { Job } from '@hold-fast/core/job/job';
import { toldOf } from '@hold-fast/core/job/told';
import { useEffect, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { shopNow } from '../../../shopClock';
import { Note } from '../../../ui/Note';
import { Section } from '../../../ui/Page';
import { space } from '../../../ui/tokens';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { provingWords } from '../../../words/proving';
import { words } from '../../../words/words';

const USUAL_ROTOR_MM = 160;

/** What is known of the brake that is bedded in, and what is assumed of it. */
export function bedded(job: Job, end: End) {
  const { rotor } = job.identified[end]?.sheet.body ?? {};
  const sizeMm = rotor?.sizeMm ?? null;
  return {
    massKg: job.bike.systemMassKg ?? USUAL_MASS_KG,
    sizeMm,
    shownMm: sizeMm ?? USUAL_ROTOR_MM,
    rotor: beddedRotor(sizeMm ?? USUAL_ROTOR_MM, rotor?.newMm ?? null),
    pulls: toldOf(job, 'bedding-pull', end).map(({ at, fromKmh, toKmh }) => ({
      atMs: Date.parse(at),
      fromKmh,
      toKmh,
    })),
  };
}

/** Now by the shop's clock, by which the pulls are written down: the phone's may be a day wrong. */
function useNow(every: number): number {
  const [now, setNow] = useState(() => shopNow().getTime());
  useEffect(() => {
    const timer = setInterval(() => setNow(shopNow().getTime()), every);
    return () => clearInterval(timer);
  }, [every]);
  return now;
}

interface Props {
  job: Job;
  end: End;
  /** The pull that comes next; null while it is not one. */
  next: { fromKmh: number; toKmh: number } | null;
}

/** How hot both ends likely are, how long it has gone on, and whether to let it cool. Each end is bedded in by itself. */
export function BeddingHeat({ job, end, next }: Props) {
  const now = useNow(1000);
  const says = provingWords.bedIn;
  const of = (at: End) => {
    const { rotor, massKg, pulls } = bedded(job, at);
    return beddingHeat(rotor, massKg, pulls, now);
  };
  const { rotor, massKg, pulls } = bedded(job, end);
  const cool = next ? coolFor(rotor, massKg, of(end), next) : 0;
  const began = pulls[0]?.atMs;
  const seconds = began === undefined ? null : Math.max(0, Math.round((now - began) / 1000));
  return (
    <>
      <View style={styles.heat}>
        {ENDS.filter((at) => at === end || bedded(job, at).pulls.length > 0).map((at) => (
          <Reading key={at} label={says.likelyRotorAt(capital(words.end[at]))}>
            {words.format.temperature(of(at).rotorC)}
          </Reading>
        ))}
        <Reading label={says.aPull}>
          {next
            ? says.kj(words.format.fixed(pullEnergyJ(massKg, next.fromKmh, next.toKmh) / 1000, 1))
            : '–'}
        </Reading>
        <Reading label={says.goneOn}>
          {seconds === null
            ? '–'
            : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`}
        </Reading>
        <Reading label={says.letItCool} warm={cool > 0}>
          {cool > 0 ? `${cool} s` : says.noNeed}
        </Reading>
      </View>
      {cool > 0 ? (
        <Section>
          <Note kind="caution">{says.rideOnWithoutBrakingNever}</Note>
        </Section>
      ) : null}
    </>
  );
}

function Reading({
  label,
  warm = false,
  children,
}: {
  label: string;
  warm?: boolean;
  children: ReactNode;
}) {
  return (
    <View style={styles.each}>
      <Words kind="label">{label}</Words>
      <Words kind="reading" ink={warm ? 'rustText' : 'ink'}>
        {children}
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  heat: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.m,
    paddingHorizontal: space.l,
    paddingBottom: space.m,
  },
  each: { flexGrow: 1, flexBasis: 96, minWidth: 0 },
});
