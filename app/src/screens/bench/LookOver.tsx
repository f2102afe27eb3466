import type { Job } from '@hold-fast/contract/jobs';
import {
  areasOf,
  findingsAt,
  ruleOf,
  type Area,
  type Finding,
} from '@hold-fast/core/inspection/findings';
import { standingLookOver } from '@hold-fast/core/inspection/inspectEnd';
import type { End } from '@hold-fast/core/ends';
import { router } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { append, entryOf } from '../../data/writes';
import { Button, Buttons } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { capital } from '../../words/capital';
import { WithBrake } from './JobFrame';
import { Pictures } from './Pictures';

const NOTHING = 'nothing';

/** What eye and hand find at one end, area by area; "nothing found" is worth saying too. */
export function LookOver({ jobId, end }: { jobId: string; end: End }) {
  return (
    <WithBrake jobId={jobId} end={end} title="Look it over">
      {(job, identified) => (
        <Page
          tag={job.tag}
          over={`${end} brake`}
          title="Look it over"
          foot={
            <Buttons>
              <Button kind="plain" says="Job" onPress={() => router.navigate(`/bench/${job.id}`)} />
              <Button
                grow
                says="What was found"
                onPress={() => router.navigate(`/bench/${job.id}/found` as '/bench')}
              />
            </Buttons>
          }
        >
          {areasOf(identified.sheet.body.brake.actuation).map((area) => (
            <AreaLook key={area} job={job} end={end} area={area} />
          ))}
          <Section>
            <Words ink="soft">
              An area you did not look at stays “not inspected”. A leak hides under the lever hood
              and runs down outside the hose: follow it up.
            </Words>
          </Section>
        </Page>
      )}
    </WithBrake>
  );
}

function AreaLook({ job, end, area }: { job: Job; end: End; area: Area }) {
  const last = standingLookOver(job, end, area);
  const [note, setNote] = useState<string | null>(null);
  const say = (found: readonly Finding[], text = last?.words ?? '') =>
    append(
      job.id,
      entryOf<'look-over'>({ kind: 'look-over', end, area, found: [...found], words: text.trim() }),
    );
  const toggle = (finding: Finding | typeof NOTHING) => {
    const found = last?.found ?? [];
    if (finding === NOTHING) say([]);
    else
      say(found.includes(finding) ? found.filter((each) => each !== finding) : [...found, finding]);
  };
  const grave = (last?.found ?? []).filter((finding) => ruleOf(finding).doNotRide);
  return (
    <Section label={capital(words.area[area])}>
      <Choice
        label={capital(words.area[area])}
        many
        options={[
          { value: NOTHING, says: 'Nothing found' },
          ...findingsAt(area).map((finding) => ({
            value: finding,
            says: capital(words.finding[finding]),
          })),
        ]}
        chosen={last ? (last.found.length > 0 ? last.found : [NOTHING]) : []}
        onChoose={toggle}
      />
      {grave.length > 0 ? (
        <Note kind="refusal" title="Do not ride">
          {`${capital(words.format.list(grave.map((each) => words.finding[each])))}: only work lifts it.`}
        </Note>
      ) : null}
      <Pictures job={job} end={end} area={area} offered={last !== null} />
      {last && last.found.length > 0 ? (
        note === null ? (
          <Button
            kind="quiet"
            says={last.words ? `“${last.words}” Change` : 'Write where and how'}
            label={`Write where and how, ${words.area[area]}`}
            onPress={() => setNote(last.words)}
          />
        ) : (
          <View style={styles.note}>
            <Field
              label="Where and how"
              value={note}
              maxLength={300}
              onChangeText={setNote}
              autoFocus
            />
            <Button
              kind="plain"
              says="Keep it"
              onPress={() => {
                say(last.found, note);
                setNote(null);
              }}
            />
          </View>
        )
      ) : null}
    </Section>
  );
}

const styles = StyleSheet.create({ note: { gap: space.s } });
