import type { Job, Measured } from '@hold-fast/core/job/job';
import { append, entryOf } from '../../../data/jobWrites';
import { RidgeFigure } from '../../../instruments/RidgeFigure';
import { Button, Buttons } from '../../../ui/Button';
import { Note } from '../../../ui/Note';
import { Page, Section } from '../../../ui/Page';
import { useKeys } from '../../../ui/useKeys';
import { Words } from '../../../ui/Words';
import { words } from '../../../words/words';
import { measuringWords } from '../../../words/measuring';

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
      over={measuringWords.ridgeCheck.brake(measured.end, title)}
      title={measuringWords.ridgeCheck.ridgeFelt}
      foot={
        <>
          <Buttons>
            <Button grow says={measuringWords.ridgeCheck.noRidge} onPress={() => answer(false)} />
            <Button
              grow
              says={measuringWords.ridgeCheck.ridgeIsFelt}
              onPress={() => answer(true)}
            />
          </Buttons>
          <Button kind="plain" says={measuringWords.ridgeCheck.notLooked} onPress={onDone} />
        </>
      }
    >
      <Section>
        <Words>{measuringWords.ridgeCheck.runAFingernailOutwardOver}</Words>
        <RidgeFigure flat={measured.gauge.anvils === 'flat'} />
        {measured.gauge.anvils === 'flat' ? (
          <Note kind="caution" title={measuringWords.ridgeCheck.flatJaws}>
            {measuringWords.ridgeCheck.theyBridgeARidgeAnd}
          </Note>
        ) : null}
      </Section>
    </Page>
  );
}
