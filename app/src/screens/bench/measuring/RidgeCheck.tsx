import type { Job, Measured } from '@hold-fast/core/job/job';
import { append, entryOf } from '../../../data/writes';
import { RidgeFigure } from '../../../instruments/RidgeFigure';
import { Button, Buttons } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { useKeys } from '../../../ui/useKeys';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';

/** Does a fingernail find an unworn lip at the outer edge of the track? */
export function RidgeCheck({
  job,
  measured,
  title,
  onDone,
}: {
  job: Job;
  measured: Measured;
  title: string;
  onDone: () => void;
}) {
  const answer = (seen: boolean) => {
    append(
      job.id,
      entryOf<'look'>({ kind: 'look', measurementId: measured.id, subject: 'ridge', seen }),
    );
    onDone();
  };
  useKeys({
    y: { says: words.keys.ridgeFelt, act: () => answer(true) },
    n: { says: words.keys.noRidge, act: () => answer(false) },
  });
  return (
    <Page
      tag={job.tag}
      over={`${measured.end} brake · ${title}`}
      title="Ridge felt?"
      foot={
        <>
          <Buttons>
            <Button grow says="No ridge" onPress={() => answer(false)} />
            <Button grow says="Ridge felt" onPress={() => answer(true)} />
          </Buttons>
          <Button kind="plain" says="Not looked" onPress={onDone} />
        </>
      }
    >
      <Section>
        <Words>
          Run a fingernail outward over the track. A worn track leaves an unworn lip at its outer
          edge, and the nail catches on it.
        </Words>
        <RidgeFigure flat={measured.gauge.anvils === 'flat'} />
        {measured.gauge.anvils === 'flat' ? (
          <Note kind="caution" title="Flat jaws">
            They bridge a ridge and read too thick. Unless there is none, these readings may condemn
            the rotor and can never pass it.
          </Note>
        ) : null}
      </Section>
    </Page>
  );
}
