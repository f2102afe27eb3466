import type { End, Part } from '@hold-fast/core/procedure/signOff';
import { router } from 'expo-router';
import { useState } from 'react';
import { useSendEntry } from '../../data/writes';
import { Button } from '../../ui/Button';
import { Field } from '../../ui/Field';
import { Note } from '../../ui/Note';
import { Page, Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { words } from '../../words/words';
import { BackToJob, WithBrake } from './JobFrame';

/** A new part fitted: the old one's life closes with its verdict, and a new one begins. */
export function FitPart({ jobId, end, part }: { jobId: string; end: End; part: Part }) {
  const [description, setDescription] = useState('');
  const [tried, setTried] = useState(false);
  const send = useSendEntry<'fitting'>(jobId);
  const title = `New ${words.part[part]}`;

  const confirm = () => {
    setTried(true);
    if (!description.trim()) return;
    send.mutate(
      { kind: 'fitting', end, part, description: description.trim() },
      {
        onSuccess: () =>
          router.navigate(part === 'rotor' ? `/bench/${jobId}/${end}/bolts` : `/bench/${jobId}`),
      },
    );
  };
  return (
    <WithBrake jobId={jobId} end={end} title={title}>
      {(job) => (
        <Page
          tag={job.tag}
          over={`${end} brake`}
          title={title}
          foot={
            <>
              <Button
                says={`The ${words.part[part]} are in`.replace('rotor are', 'rotor is')}
                onPress={confirm}
                busy={send.isPending}
              />
              <BackToJob jobId={jobId} />
            </>
          }
        >
          {send.error ? <Note kind="refusal">{send.error.message}</Note> : null}
          <Section>
            <Field
              label="What went in"
              value={description}
              onChangeText={setDescription}
              onSubmitEditing={confirm}
              placeholder={part === 'rotor' ? 'maker, size, new or used' : 'shape and compound'}
              error={tried && !description.trim() ? 'Write what went in.' : undefined}
            />
            <Words ink="soft">
              The old one’s readings and verdict stay in the record. The new one is not inspected
              until it is measured.
            </Words>
            {part === 'rotor' ? (
              <Note kind="caution" title="Arrow forward, printing outward">
                Fingers only on the spider: oil from skin on the track makes it squeal. New pads at
                the same time are recommended, not compulsory.
              </Note>
            ) : (
              <Note kind="caution" title="Pistons home first">
                Clean round the pistons before they go home. A changed compound wants a new rotor,
                or at least stripping and bedding in again.
              </Note>
            )}
          </Section>
        </Page>
      )}
    </WithBrake>
  );
}
