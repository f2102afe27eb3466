import { endSays } from '../../bikes/thirdBrake';
import type { Job, Measured } from '@hold-fast/core/job/job';
import { inspectEnd } from '@hold-fast/core/inspection/inspectEnd';
import { correctedTwice, valuesAt } from '@hold-fast/core/inspection/session';
import { sumsAt } from '@hold-fast/core/job/sum';
import { router } from 'expo-router';
import { type ReactNode } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { Page } from '../../../ui/Page';
import { size, space } from '../../../ui/tokens';
import { useRoom, type Arrangement } from '../../../ui/useRoom';
import { useColumn } from '../../../ui/useWide';
import { Words } from '../../../ui/Words';
import { verdictWords } from '../../../words/verdictWords';
import { words } from '../../../words/words';
import { Facts, GaugeAside, type Fact } from './Facts';
import { KeyedNumber, type Keyed } from './KeyedNumber';
import { measuringWords } from '../../../words/measuring';
import { reckonerWords } from '../../../words/reckoner';
import { atJob } from '../../routes';

/** Height of the whole keypad; null where it fills what is left. */
export const KEYPAD_HEIGHT: Record<Arrangement, number | null> = {
  wide: size.key * 4,
  tall: size.key * 4,
  low: size.lowKey * 4,
  small: size.smallKey * 4,
  lying: null,
};
/** What head, facts, rule, verdict and keypad need beside a tall phone's drawing, px. */
const BESIDE_DRAWING = 548;
const LEAST_DRAWING = 210;
/** A drawing whose number stands beside it, px. */
const SMALL_DRAWING = 190;
/** What stands beside it on a lower one when all is measured: the verdict and why it is one are read without scrolling, px. */
const BESIDE_FINISHED = 410;

interface Props {
  job: Job;
  measured: Measured;
  title: string;
  /** The gauge sends to this step. */
  live: boolean;
  onGauge: () => void;
  /** The drawing, so wide; `bare`: without the number, which then stands beside it. */
  drawing: (width: number, bare: boolean) => ReactNode;
  /** The drawing does not carry the number: it always stands in a line of its own. */
  numberApart?: boolean;
  /** What is measured one after the other, in rows: scrolled, with the drawing on top. */
  rows?: ReactNode;
  /** The part's rule, where it has one. */
  rule?: (width: number) => ReactNode;
  /** The place in hand and what is keyed there; null when all is measured. */
  number: Keyed | null;
  /** Verdict, fault, what the feed says. */
  said: ReactNode;
  /** More to say where there is room for it: at the counter, or when all is measured. */
  more?: ReactNode;
  facts: readonly Fact[];
  /** The keypad, so high, or what stands in its place; shown while there is a place in hand. */
  keypad: (height: number | null) => ReactNode;
  /** The ways on when all is measured. */
  finished: ReactNode;
}

/**
 * The page of every measurement: the number, its field and the whole keypad are on screen at each height; the drawing gives
 * way first, then words are scrolled.
 */
export function MeasuringPage({ facts: told, ...rest }: Props) {
  const props: Props = { ...rest, facts: [...told, ...sumFacts(rest.job, rest.measured)] };
  const { job, measured, title, live, onGauge } = props;
  const { onLayout, ...room } = useRoom();
  return (
    <View style={styles.page} onLayout={onLayout}>
      <Page
        fixed
        low={room.arrangement !== 'tall' && room.arrangement !== 'wide'}
        tag={job.tag}
        over={measuringWords.measuringPage.brake(endSays(job.bike, measured.end))}
        title={title}
        aside={<GaugeAside measured={measured} live={live} onPress={onGauge} />}
      >
        <Arranged {...props} {...room} said={<Said {...props} />} />
      </Page>
    </View>
  );
}

/** What was reckoned alone and sent here: a touch opens it. */
const sumFacts = (job: Job, { end, part }: Measured): Fact[] =>
  sumsAt(job, end, part).map(({ calculator }) => ({
    says: measuringWords.measuringPage.reckoned(reckonerWords.reckoner.of[calculator].title),
    onPress: () => router.navigate(atJob(job.id, `${end}/reckon-${calculator}`)),
  }));

/**
 * Verdict, fault and feed; what condemned the thing before and is not answered; and that two people corrected one reading: both
 * are kept, and the second is told.
 */
function Said({ job, said, measured }: Props) {
  const twice = correctedTwice(measured.readings);
  const { items } = inspectEnd(job, measured.end);
  const held = items.find(({ subject }) => subject === measured.part)?.held ?? [];
  return (
    <>
      {held.map((each) => (
        <Words key={each.sittingId} kind="strong" ink="rustText" role="status">
          {verdictWords.held(each)}
        </Words>
      ))}
      {said}
      {twice.map((place) => (
        <Words key={place} ink="fogText" role="status">
          {measuringWords.measuringPage.twoPeopleCorrectedAreBoth(
            words.place(place),
            words.format.list(valuesAt(measured.readings, place).map((mm) => words.format.mm(mm))),
          )}
        </Words>
      ))}
    </>
  );
}

function Arranged(props: Props & { arrangement: Arrangement; height: number }) {
  if (props.arrangement === 'wide') return <Beside {...props} />;
  if (props.number === null) return <Finished {...props} />;
  return props.arrangement === 'lying' ? <Lying {...props} /> : <Upright {...props} />;
}

/** At the counter: the drawing or the rows at the left, what they say and the keypad at the right. */
function Beside({
  drawing,
  rows,
  rule,
  number,
  numberApart,
  said,
  more,
  facts,
  keypad,
  finished,
}: Props) {
  const column = useColumn();
  return (
    <View style={[styles.work, styles.beside]}>
      {rows ? (
        <ScrollView style={styles.half} contentContainerStyle={styles.shown} tabIndex={0}>
          {drawing(column, false)}
          {rows}
        </ScrollView>
      ) : (
        <View style={[styles.half, styles.middle]}>{drawing(column, false)}</View>
      )}
      <View style={[styles.half, styles.middle]}>
        {rule?.(column)}
        {number && numberApart ? <KeyedNumber {...number} /> : null}
        <ScrollView style={styles.shrinks} contentContainerStyle={styles.said} tabIndex={0}>
          {said}
          {more}
        </ScrollView>
        <View style={styles.room} />
        <Facts facts={facts} />
        {number ? keypad(KEYPAD_HEIGHT.wide) : finished}
      </View>
    </View>
  );
}

/** All is measured: it scrolls, and the ways on stay in reach. */
function Finished({
  drawing,
  rows,
  rule,
  said,
  more,
  facts,
  finished,
  height,
  arrangement,
}: Props & {
  arrangement: Arrangement;
  height: number;
}) {
  const column = useColumn();
  const most = height - (arrangement === 'tall' ? BESIDE_DRAWING : BESIDE_FINISHED);
  const lying = arrangement === 'lying';
  const width = Math.max(
    LEAST_DRAWING,
    Math.min(lying ? LEAST_DRAWING : column, rows ? column : most),
  );
  return (
    <View style={styles.work}>
      <ScrollView style={styles.work} contentContainerStyle={styles.shown} tabIndex={0}>
        <View style={lying ? styles.beside : undefined}>
          <View style={lying ? styles.half : undefined}>
            {drawing(width, false)}
            {rule?.(lying ? Math.min(column, 320) : column)}
          </View>
          <View style={[styles.said, lying && styles.half]}>
            {said}
            {more}
          </View>
        </View>
        {rows}
      </ScrollView>
      <Facts facts={facts} />
      {finished}
    </View>
  );
}

/** A phone upright: number and drawing on top, the keypad at the bottom, words scrolled between them. */
function Upright({
  drawing,
  rows,
  rule,
  number,
  numberApart,
  said,
  facts,
  keypad,
  arrangement,
  height,
}: Props & {
  arrangement: Arrangement;
  height: number;
}) {
  const column = useColumn();
  const carried = arrangement === 'tall' && !numberApart;
  const small = arrangement === 'low' && !numberApart;
  return (
    <View style={styles.work}>
      {carried ? (
        <View style={styles.drawing}>
          {drawing(Math.max(LEAST_DRAWING, Math.min(column, height - BESIDE_DRAWING)), false)}
        </View>
      ) : small ? (
        <View style={styles.numbered}>
          {drawing(SMALL_DRAWING, true)}
          <KeyedNumber {...number!} beside />
        </View>
      ) : (
        <KeyedNumber {...number!} />
      )}
      {arrangement === 'tall' ? rule?.(column) : null}
      {rows && arrangement !== 'small' ? (
        <ScrollView style={styles.work} contentContainerStyle={styles.shown} tabIndex={0}>
          {drawing(column, false)}
          {rows}
        </ScrollView>
      ) : null}
      <ScrollView
        style={rows && arrangement !== 'small' ? styles.shrinks : styles.work}
        contentContainerStyle={styles.said}
        tabIndex={0}
      >
        {said}
      </ScrollView>
      <Facts facts={facts} />
      {keypad(KEYPAD_HEIGHT[arrangement])}
    </View>
  );
}

/** A phone on its side: the keypad at the right, everything else beside it. */
function Lying({ drawing, rows, number, said, facts, keypad }: Props) {
  return (
    <View style={[styles.work, styles.beside]}>
      <View style={styles.half}>
        <KeyedNumber {...number!} />
        <ScrollView style={styles.work} contentContainerStyle={styles.shown} tabIndex={0}>
          <View style={styles.said}>{said}</View>
          {drawing(LEAST_DRAWING, true)}
          {rows}
        </ScrollView>
        <Facts facts={facts} />
      </View>
      <View style={styles.half}>{keypad(KEYPAD_HEIGHT.lying)}</View>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flex: 1, minHeight: 0 },
  work: { flex: 1, minHeight: 0 },
  beside: { flexDirection: 'row', alignItems: 'stretch' },
  half: { flex: 1, minWidth: 0, minHeight: 0 },
  middle: { justifyContent: 'center' },
  drawing: { paddingTop: space.xs },
  numbered: { flexDirection: 'row', alignItems: 'center', paddingLeft: space.s, gap: space.m },
  shown: { paddingVertical: space.xs },
  said: { paddingHorizontal: space.l, paddingVertical: space.xs, gap: space.s },
  shrinks: { flexGrow: 0, flexShrink: 1 },
  room: { flex: 1 },
});
