import type { Job, Measured } from '@hold-fast/contract/jobs';
import { nextStep } from '@hold-fast/core/procedure/nextStep';
import { ENDS, PARTS, type End, type Part } from '@hold-fast/core/procedure/signOff';
import { nextTurn, PASSES } from '@hold-fast/core/torque/sequence';
import { decimalsOf } from '@hold-fast/core/gauge/gauge';
import type { RotorVerdict } from '@hold-fast/core/wear/rotor';
import type { Word } from '@hold-fast/core/wear/verdict';
import { router } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { WearRule } from '../../instruments/WearRule';
import { Button, Buttons } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Row } from '../../ui/Row';
import { space } from '../../ui/tokens';
import { useWide } from '../../ui/useWide';
import { VerdictMark, WORD_INK } from '../../ui/VerdictMark';
import { Words } from '../../ui/Words';
import { exactDay, near } from '../../words/days';
import { words } from '../../words/words';
import { judgementOf, standingAt, WithJob } from './JobFrame';
import { padsSay, rotorSays } from './findings';

const RULE_WIDTH = 316;

/** A job: what was asked, what was found at each end, what was done, and what comes next. */
export function JobSheet({ jobId }: { jobId: string }) {
  return <WithJob jobId={jobId}>{(job) => <Sheet job={job} />}</WithJob>;
}

function Sheet({ job }: { job: Job }) {
  const wide = useWide();
  const go = (to: string) => () => router.navigate(`/bench/${job.id}/${to}` as '/bench');
  const next = nextOf(job);
  const nextWords = next.end ? `${words.step[next.step]}, ${words.end[next.end]}` : 'Sign off';
  const carryOn = go(
    next.end ? `${next.end}/${next.step === 'rotor-bolts' ? 'bolts' : next.step}` : 'sign-off',
  );

  return (
    <Page
      tag={job.tag}
      over={job.customer.name}
      title={job.bike.name}
      aside={
        <Button
          kind="quiet"
          says="Bike"
          onPress={() => router.navigate(`/bikes/${job.bike.id}`)}
          label="The bike’s page"
        />
      }
      foot={
        job.sealed ? undefined : (
          <Buttons>
            {next.end ? <Button kind="plain" says="Sign off" onPress={go('sign-off')} /> : null}
            <Button
              grow
              says={next.end ? `Carry on: ${nextWords}` : 'Sign off'}
              onPress={carryOn}
            />
          </Buttons>
        )
      }
    >
      {job.sealed ? (
        <Note title={`Sealed as record ${job.sealed.number}`}>
          {`Signed off by ${job.sealed.by}, ${exactDay(job.sealed.at)}. Seal ${job.sealed.seal.slice(0, 16)}…`}
        </Note>
      ) : null}
      <Section
        label="Asked for"
        aside={job.sealed ? undefined : <Button kind="quiet" says="Change" onPress={go('edit')} />}
      >
        <Words kind="strong">{job.complaint}</Words>
        {job.symptoms.length > 0 ? (
          <Words ink="soft">
            {job.symptoms.map((symptom) => words.symptom[symptom]).join(' · ')}
          </Words>
        ) : null}
        <Words ink="soft">{factsOf(job)}</Words>
      </Section>
      <View style={wide && styles.beside}>
        {ENDS.map((end) => (
          <EndOfJob key={end} job={job} end={end} go={go} half={wide} />
        ))}
      </View>
    </Page>
  );
}

function EndOfJob({
  job,
  end,
  go,
  half,
}: {
  job: Job;
  end: End;
  go: (to: string) => () => void;
  half: boolean;
}) {
  const identified = job.identified[end];
  const open = !job.sealed;
  const press = (to: string) => (open ? { onPress: go(`${end}/${to}`) } : {});
  const limit = identified?.limit;
  const bolts = job.tightened.filter((tightened) => tightened.end === end).at(-1);
  const fills = job.filled.filter((fill) => fill.end === end);
  const fluidAsked = identified?.sheet.body.fluid;

  return (
    <View style={half && styles.half}>
      <Words kind="label" level={2} style={styles.end}>
        {`${words.end[end]}`}
      </Words>
      <Row
        title={identified ? identified.sheet.body.title : 'Brake'}
        word={identified ? undefined : { says: 'not identified', ink: 'soft' }}
        says={
          identified && limit
            ? `${identified.sheet.body.source} · rotor limit ${limit.limitMm.toFixed(2)}, ${words.origin[limit.origin]}`
            : 'Pick its spec sheet: it gives the limit, torques and fluid.'
        }
        {...press('identify')}
      />
      {PARTS.map((part) => (
        <PartRow key={part} job={job} end={end} part={part} drawn={half} {...press(part)} />
      ))}
      <Row
        mark={
          <VerdictMark
            word={
              bolts
                ? bolts.flaws.length === 0 && nextTurn(bolts.boltCount, bolts.marks).done
                  ? 'holds'
                  : 'unproven'
                : null
            }
          />
        }
        title={identified?.sheet.body.rotor.hold === 'lockring' ? 'Rotor lockring' : 'Rotor bolts'}
        word={boltsWord(bolts)}
        says={boltsSay(bolts)}
        aside={bolts ? <Words kind="reading">{words.format.nm(bolts.setNm)}</Words> : undefined}
        {...press('bolts')}
      />
      <Row
        mark={<VerdictMark word={fills.length > 0 ? 'holds' : null} />}
        title="Fluid"
        word={fills.length > 0 ? undefined : { says: 'none used', ink: 'soft' }}
        says={
          fills.length > 0
            ? fills
                .map((fill) => `${fill.ml} mL ${fill.fluid}, ${fill.label}, lot ${fill.lot}`)
                .join('; ')
            : fluidAsked
              ? `Sheet asks ${fluidAsked.fluid.family === 'mineral' ? fluidAsked.fluid.blend : fluidAsked.fluid.grade}`
              : 'The sheet asks for none'
        }
        {...(fluidAsked ? press('fluid') : {})}
      />
      {job.fitted
        .filter((fitted) => fitted.end === end)
        .map((fitted) => (
          <Row
            key={fitted.id}
            title={`New ${words.part[fitted.part]} fitted`}
            says={`${fitted.description}, ${fitted.by} ${near(fitted.at)}`}
          />
        ))}
    </View>
  );
}

function PartRow({
  drawn,
  job,
  end,
  part,
  onPress,
}: {
  job: Job;
  end: End;
  part: Part;
  /** With its wear rule, where there is room. */
  drawn: boolean;
  onPress?: () => void;
}) {
  const identified = job.identified[end];
  const measured = standingAt(job, end, part);
  const found = measured && identified ? foundAt(measured, job) : null;
  const decision = measured?.verdict
    ? job.decided.filter(({ verdictId }) => verdictId === measured.verdict!.id).at(-1)
    : null;
  const decided = decision
    ? ` ${decision.decision === 'accepted-unproven' ? 'Accepted' : 'Customer refuses'}, ${decision.by}: “${decision.words}”`
    : '';
  const rotor = found?.rotor;
  return (
    <Row
      mark={<VerdictMark word={found?.word ?? null} />}
      title={capital(words.part[part])}
      figure={
        drawn && rotor?.thinnest ? (
          <WearRule
            newMm={rotor.newMm}
            limitMm={rotor.limit.limitMm}
            origin={rotor.limit.origin}
            leastMm={rotor.thinnest.thicknessMm}
            doubtMm={rotor.thinnest.doubtMm}
            word={rotor.word}
            upperBound={rotor.upperBounds}
            width={RULE_WIDTH}
          />
        ) : undefined
      }
      word={
        found
          ? { says: words.word[found.word], ink: WORD_INK[found.word] }
          : { says: 'not inspected', ink: 'soft' }
      }
      says={found ? found.says + decided : undefined}
      aside={found?.reading ? <Words kind="reading">{found.reading}</Words> : undefined}
      {...(onPress ? { onPress } : {})}
      testID={`${end}-${part}`}
    />
  );
}

function foundAt(
  measured: Measured,
  job: Job,
): { word: Word; says: string; reading: string | null; rotor?: RotorVerdict } | null {
  const judgement = judgementOf(measured, job.identified[measured.end]!);
  if (!judgement) return null;
  if (!judgement.ok)
    return {
      word: 'unproven',
      says: words.inputError(judgement.code, judgement.numbers),
      reading: null,
    };
  const decimals = decimalsOf(measured.gauge);
  if (judgement.part === 'rotor') {
    const { rotor } = judgement;
    const settle =
      rotor.word === 'unproven' ? ` Unproven: ${rotor.reasons.map(words.reason).join('; ')}.` : '';
    return {
      word: rotor.word,
      says: rotorSays(rotor, decimals) + settle,
      reading: rotor.thinnest?.thicknessMm.toFixed(decimals) ?? null,
      rotor,
    };
  }
  const signs = judgement.pads.pattern.signs.map((sign) => ` ${words.padSign(sign)}`).join('');
  return {
    word: judgement.pads.word,
    says: padsSay(judgement.pads) + signs,
    reading: judgement.pads.thinnest?.measuredMm.toFixed(decimals) ?? null,
  };
}

type Bolts = Job['tightened'][number] | undefined;

function boltsWord(bolts: Bolts) {
  if (!bolts) return { says: 'not done', ink: 'soft' } as const;
  const done = nextTurn(bolts.boltCount, bolts.marks).done;
  if (!done) return { says: 'begun', ink: 'ochreText' } as const;
  return bolts.flaws.length === 0
    ? ({ says: 'proven', ink: 'kelpText' } as const)
    : ({ says: 'unproven', ink: 'fogText' } as const);
}

function boltsSay(bolts: Bolts): string | undefined {
  if (!bolts) return undefined;
  const turn = nextTurn(bolts.boltCount, bolts.marks);
  const wrench = `${bolts.wrench.name}, asked ${words.format.nm(bolts.window.loNm)} to ${words.format.nm(bolts.window.hiNm)}, ${words.thread[bolts.treatment].toLowerCase()}`;
  if (!turn.done)
    return `${wrench}. Pass ${PASSES.indexOf(turn.pass) + 1} of ${PASSES.length} is open.`;
  const flaws = bolts.flaws.map((flaw) => words.flaw[flaw]).join('; ');
  return flaws ? `${wrench}. Unproven: ${flaws}.` : `${wrench}.`;
}

function nextOf(job: Job) {
  const progress = (end: End) => {
    const bolts = job.tightened.filter((tightened) => tightened.end === end).at(-1);
    return {
      identified: job.identified[end] !== null,
      rotor: hasReadings(standingAt(job, end, 'rotor')),
      pads: hasReadings(standingAt(job, end, 'pads')),
      boltsOpen: bolts !== undefined && !nextTurn(bolts.boltCount, bolts.marks).done,
    };
  };
  return nextStep({ front: progress('front'), rear: progress('rear') });
}

function hasReadings(measured: Measured | null): boolean {
  return (
    measured !== null && measured.readings.some(({ place }) => place !== 'zero' && place !== 'lip')
  );
}

function factsOf(job: Job): string {
  const { bike } = job;
  return [
    job.frontLever ? `${job.frontLever} lever works the front` : 'lever side not confirmed',
    bike.motor ? 'has a motor' : null,
    bike.systemMassKg ? `${bike.systemMassKg} kg laden` : null,
    bike.terrain,
    bike.wet ? 'ridden in the wet' : null,
    bike.kmPerWeek ? `${bike.kmPerWeek} km a week` : null,
    job.odometerKm === null ? null : `${job.odometerKm.toLocaleString('en')} km ridden`,
    job.sealed ? null : `promised ${near(job.promisedAt)}`,
  ]
    .filter(Boolean)
    .join(' · ');
}

function capital(text: string): string {
  return text[0]!.toUpperCase() + text.slice(1);
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', flexWrap: 'wrap' },
  half: { flex: 1, minWidth: 330 },
  end: { paddingHorizontal: space.l, paddingTop: space.m },
});
