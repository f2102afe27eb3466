import { endSays } from '../../bikes/thirdBrake';
import type { WrenchInStore } from '@hold-fast/contract/stores';
import type { End } from '@hold-fast/core/ends';
import type { Identified, Job } from '@hold-fast/core/job/job';
import {
  askedFor,
  wrenchAsKnown,
  type ReadWindow as ReadTorque,
} from '@hold-fast/core/job/tightening';
import { clampLoadOf } from '@hold-fast/core/torque/clampLoad';
import {
  askedOf,
  FASTENER_IDS,
  fastenerRule,
  type FastenerId,
} from '@hold-fast/core/torque/fasteners';
import type { ThreadTreatment } from '@hold-fast/core/torque/thread';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useWrenches } from '../../../data/queries';
import { useIsLead } from '../../../data/session';
import { useTake } from '../../../data/jobWrites';
import { Button } from '../../../ui/Button';
import { Choice } from '../../../ui/Choice';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { Failed, Loading } from '../../../ui/Standing';
import { useWide } from '../../../ui/useWide';
import { capital } from '../../../words/capital';
import { jobWords } from '../../../words/job';
import { words } from '../../../words/words';
import { CrowfootFields, type Reach } from './CrowfootFields';
import { BackToJob } from '../JobFrame';
import { AskedSection } from './AskedSection';
import { ThreadSection } from './ThreadSection';
import { WrenchList } from './WrenchList';
import { SumsHere } from '../../reckoner/SumsHere';
import { atJob } from '../../routes';

const to = (job: Job, end: End, fastener: FastenerId) =>
  router.navigate(atJob(job.id, `${end}/bolts?fastener=${fastener}`));

interface PrepareProps {
  job: Job;
  end: End;
  fastener: FastenerId;
  identified: Identified;
  onBegun: () => void;
}

/** What is asked, what is on the thread, and which wrench it is done with. */
export function Prepare({ job, end, fastener, identified, onBegun }: PrepareProps) {
  const wide = useWide();
  const wrenches = useWrenches();
  const row = askedOf(fastener, identified.sheet.body.torque);
  const usual = fastenerRule(fastener);
  // What went on is asked: it is proof of its own, and what the sheet asks for is not what somebody did.
  const [treatment, setTreatment] = useState<ThreadTreatment | null>(null);
  const [read, setRead] = useState<ReadTorque | null>(null);
  const [reach, setReach] = useState<Reach>('straight');
  const crowfoot = reach === 'straight' || reach === 'unmeasured' ? null : reach;
  const [others, setOthers] = useState(false);
  const { take, refused } = useTake<'tightening'>(job);
  const isLead = useIsLead();
  if (wrenches.error)
    return <Failed error={wrenches.error} onRetry={() => void wrenches.refetch()} />;
  if (!wrenches.data) return <Loading />;

  const asked = askedFor(job, { end, fastener, asked: read }, isLead);
  const window = 'refusal' in asked ? null : asked.window;
  const middle = window && (window.namedNm ?? (window.loNm + window.hiNm) / 2);
  const asks = row?.thread ?? usual.thread;
  const load =
    middle === null || treatment === null ? null : clampLoadOf(fastener, middle, treatment, asks);
  const begin = (wrench: WrenchInStore, setNm: number) => {
    if ('refusal' in asked || treatment === null) return;
    const fresh = { end, fastener, wrenchId: wrench.id, setNm, treatment, asked: read, crowfoot };
    const known = { ...asked, wrench: wrenchAsKnown(wrench), retired: wrench.retired };
    if (take({ kind: 'tightening', ...fresh }, known)) onBegun();
  };
  return (
    <Page
      tag={job.tag}
      over={jobWords.torque.brake(endSays(job.bike, end), words.fastener[fastener])}
      title={jobWords.torque.whichWrench}
      aside={
        <Button kind="quiet" says={jobWords.torque.otherBolt} onPress={() => setOthers(!others)} />
      }
      foot={<BackToJob jobId={job.id} />}
    >
      <SumsHere job={job} end={end} at="bolts" />
      {others ? (
        <Section label={jobWords.torque.whichFastener}>
          <Choice
            label={jobWords.torque.whichFastener}
            options={FASTENER_IDS.filter((id) => fastenerRule(id).usual !== null).map((value) => ({
              value,
              says: capital(words.fastener[value]),
            }))}
            chosen={[fastener]}
            onChoose={(other) => {
              setOthers(false);
              to(job, end, other);
            }}
          />
        </Section>
      ) : null}
      {refused ? <Note kind="refusal">{refused}</Note> : null}
      <View style={wide && styles.beside}>
        <View style={wide && styles.half}>
          <AskedSection fastener={fastener} asked={asked} row={row} read={read} onRead={setRead} />
          <ThreadSection
            treatment={treatment}
            asks={asks}
            bySheet={row?.window.origin === 'sheet'}
            load={load}
            onChoose={setTreatment}
          />
          <CrowfootFields onChange={setReach} offered={usual.drive.includes('crowfoot')} />
        </View>
        <View style={wide && styles.half}>
          {window && treatment !== null && reach !== 'unmeasured' ? (
            <WrenchList
              window={window}
              crowfoot={crowfoot}
              wrenches={wrenches.data}
              onPick={begin}
            />
          ) : null}
        </View>
      </View>
    </Page>
  );
}

const styles = StyleSheet.create({
  beside: { flexDirection: 'row', alignItems: 'flex-start' },
  half: { flex: 1, minWidth: 0 },
});
