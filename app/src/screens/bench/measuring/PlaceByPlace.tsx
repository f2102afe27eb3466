import type { Measurand } from '@hold-fast/core/measurand/measurand';
import { Fault } from './Fault';
import type { Job, Measured } from '@hold-fast/core/job/job';
import type { Keying } from '@hold-fast/core/gauge/typedReading';
import type { Judgement } from '@hold-fast/core/inspection/judge';
import { valuesAt } from '@hold-fast/core/inspection/session';
import type { End } from '@hold-fast/core/ends';
import type { Reason, Settle, Word } from '@hold-fast/core/wear/verdict';
import { router } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { Pressable, StyleSheet } from 'react-native';
import { Button } from '../../../ui/Button';
import { Keypad } from '../../../ui/Keypad';
import { color, size, space } from '../../../ui/tokens';
import { useWide } from '../../../ui/useWide';
import { Words } from '../../../ui/Words';
import { capital } from '../../../words/capital';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { calledOf } from '../inspect/findings';
import { judgementOf, sittingAt, WithBrake } from '../JobFrame';
import { inInchesFor } from '../inspect/inInchesFor';
import { VerdictPanel } from './VerdictPanel';
import { ChooseGauge } from './ChooseGauge';
import type { Fact } from './Facts';
import { FeedNote } from './FeedNote';
import { MeasuringPage } from './MeasuringPage';
import { useTaking } from './useTaking';
import { WaysOn } from './goOn';
import { measuringWords } from '../../../words/measuring';
import { atJob, type Task } from '../../routes';

/** A place to be measured: how it is asked for and how it is keyed. */
export interface NamedPlace {
  place: string;
  asks: string;
  keying: Keying;
  /** It helps to judge and may be left out. */
  aid?: boolean;
}

interface Judged {
  word: Word;
  reasons: readonly Reason[];
  settle: readonly Settle[];
  says: string;
  more?: string[];
}

interface Props {
  jobId: string;
  end: End;
  part: Measurand;
  title: string;
  places: readonly NamedPlace[];
  judged: (judgement: Extract<Judgement, { ok: true }>, job: Job) => Judged | null;
  figure: (
    measured: Measured,
    judgement: Judgement | null,
    current: string | null,
    choose: (place: string) => void,
    width: number,
  ) => ReactNode;
  facts?: (job: Job, measured: Measured) => Fact[];
  /** What stands in the keypad’s place while it is this place’s turn: a timer to wait for. */
  before?: (place: string, measured: Measured) => ReactNode;
  next?: { says: string; to: Task };
}

/** Measuring named places one after the other, each a row with its number, judged as it goes. */
export function PlaceByPlace(props: Props) {
  const { jobId, end, part, title } = props;
  const [choosing, setChoosing] = useState(false);
  return (
    <WithBrake jobId={jobId} end={end} title={title}>
      {(job) => {
        const measured = sittingAt(job, end, part);
        if (!measured || choosing)
          return (
            <ChooseGauge
              job={job}
              end={end}
              part={part}
              title={title}
              onBegun={() => setChoosing(false)}
            />
          );
        return (
          <Places {...props} job={job} measured={measured} onGauge={() => setChoosing(true)} />
        );
      }}
    </WithBrake>
  );
}

function Places({
  job,
  measured,
  title,
  places,
  judged,
  figure,
  facts,
  before,
  next,
  onGauge,
}: Props & { job: Job; measured: Measured; onGauge: () => void }) {
  const of = (name: string) => places.find(({ place }) => place === name) ?? places[0]!;
  const taking = useTaking({
    job,
    measured,
    places: places.map(({ place }) => place),
    keyingOf: (name) => of(name).keying,
  });
  const { place, keyed, choose } = taking;
  const judgement = judgementOf(job, measured);
  const verdict = judgement?.ok ? judged(judgement, job) : null;
  const wide = useWide();
  const waiting = place === null ? null : (before?.(place, measured) ?? null);

  return (
    <MeasuringPage
      job={job}
      measured={measured}
      title={title}
      live={taking.feed.live}
      onGauge={onGauge}
      numberApart
      drawing={(width) => figure(measured, judgement, place, choose, width)}
      rows={places.map((each) => (
        <PlaceRow
          key={each.place}
          named={each}
          value={valuesAt(measured.readings, each.place).at(-1) ?? null}
          current={each.place === place}
          onPress={() => choose(each.place)}
        />
      ))}
      number={
        place === null
          ? null
          : {
              over: words.place(place),
              asks: of(place).asks,
              ...keyed.growing,
              wrong: keyed.fault !== null,
            }
      }
      said={
        <>
          {keyed.fault ? (
            <Fault says={keyed.fault} sayWhy={taking.sayWhy} />
          ) : verdict ? (
            <VerdictPanel
              {...verdict}
              called={calledOf(judgement)}
              inches={inInchesFor(judgement)}
              full={wide || place === null}
            />
          ) : judgement && !judgement.ok ? (
            <Words ink="rustText" role="alert">
              {verdictWords.inputError(judgement.code, judgement.numbers)}
            </Words>
          ) : null}
          <FeedNote notice={taking.feed.notice} />
        </>
      }
      more={verdict?.more?.map((line) => (
        <Words key={line}>{line}</Words>
      ))}
      facts={facts?.(job, measured) ?? []}
      keypad={(keypadHeight) =>
        waiting ?? (
          <Keypad
            {...(keypadHeight ? { height: keypadHeight } : {})}
            onDigit={taking.type}
            onErase={taking.erase}
            extra={{ says: '.', onPress: () => taking.type('.') }}
            side={[
              { says: words.keypad.skip, onPress: taking.skip, disabled: taking.selected !== null },
            ]}
            next={{ says: words.keypad.next, onPress: taking.enter }}
          />
        )
      }
      finished={
        <WaysOn
          job={job}
          end={measured.end}
          next={
            <Button
              grow
              says={next?.says ?? measuringWords.placeByPlace.whatWasFound}
              onPress={() =>
                router.navigate(atJob(job.id, next ? `${measured.end}/${next.to}` : 'found'))
              }
            />
          }
        />
      }
    />
  );
}

function PlaceRow({
  named,
  value,
  current,
  onPress,
}: {
  named: NamedPlace;
  value: number | null;
  current: boolean;
  onPress: () => void;
}) {
  return (
    <Pressable
      role="button"
      onPress={onPress}
      aria-current={current ? 'step' : undefined}
      style={[styles.row, current && styles.current]}
    >
      <Words kind="strong" style={styles.text}>
        {capital(words.place(named.place))}
      </Words>
      <Words kind="reading" ink={current ? 'brassText' : 'ink'}>
        {value === null ? '–' : words.format.fixed(value, named.keying.decimals)}
      </Words>
    </Pressable>
  );
}

const styles = StyleSheet.create({
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.m,
    minHeight: size.smallTouch,
    paddingHorizontal: space.l,
    paddingVertical: space.xs,
    borderBottomWidth: size.line,
    borderColor: color.hairline,
    borderLeftWidth: size.heavyLine,
    borderLeftColor: 'transparent',
  },
  current: { backgroundColor: color.raised, borderLeftColor: color.brass },
  text: { flex: 1, minWidth: 0 },
});
