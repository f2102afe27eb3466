import { causeRule, type Cause } from '@hold-fast/core/trouble/causes';
import {
  forbiddenBy,
  nextChecks,
  ranking,
  whatWouldChange,
  type NextCheck,
  type Ranked,
  type Table,
} from '@hold-fast/core/trouble/engine';
import { checkRule, SIGNS, type Evidence } from '@hold-fast/core/trouble/signs';
import { useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../ui/Button';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { color, size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { troubleWords } from '../../words/trouble';
import { words } from '../../words/words';
import { signSays, signsSay } from './signSays';

interface Props {
  evidence: Evidence;
  table: Table;
  /** How the next check is answered where it is asked. */
  answer: (check: NextCheck) => ReactNode;
  /** What can be done about a cause that leads; nothing where no job is open. */
  decide?: (cause: Cause) => ReactNode;
}

const LEADING = 3;
const MOST_CHANGES = 3;

/** From what is known to the leading causes with their reasons, the next check, and what would change the answer. */
export function TroubleView({ evidence, table, answer, decide }: Props) {
  const { ranked, checks, changes } = useMemo(
    () => ({
      ranked: ranking(evidence, table).slice(0, LEADING),
      checks: nextChecks(evidence, table),
      changes: whatWouldChange(evidence, table).slice(0, MOST_CHANGES),
    }),
    [evidence, table],
  );
  const forbidden = forbiddenBy(evidence);
  const [next] = checks;
  return (
    <>
      {forbidden.length > 0 ? (
        <Section>
          <Note kind="refusal" title={troubleWords.doNotRide}>
            {troubleWords.doNotRideBecause(capital(signsSay(forbidden)))}
          </Note>
        </Section>
      ) : null}
      <Halves>
        <>
          <Section label={troubleWords.next}>
            {next ? (
              <>
                <View style={styles.check} testID="next-check">
                  <Words kind="title" style={styles.says}>
                    {troubleWords.check[next.check]}
                  </Words>
                  <Words kind="reading">
                    {troubleWords.minutes(checkRule(next.check).minutes)}
                  </Words>
                </View>
                {next.first ? <Words ink="brassText">{troubleWords.first}</Words> : null}
                {answer(next)}
              </>
            ) : (
              <Words>{troubleWords.noMore}</Words>
            )}
          </Section>
          <Section label={troubleWords.leading}>
            {ranked.map((each) => (
              <Leading key={each.cause} {...each} decide={decide} />
            ))}
            <Words kind="small">{troubleWords.estimate}</Words>
          </Section>
        </>
        <>
          {changes.length > 0 ? (
            <Section label={troubleWords.wouldChange}>
              {changes.map(({ sign, seen, to }) => (
                <Words key={`${sign} ${seen}`}>
                  {troubleWords.would(signSays(sign), seen, troubleWords.cause[to])}
                </Words>
              ))}
            </Section>
          ) : null}
          <Known evidence={evidence} />
          <Warned />
        </>
      </Halves>
    </>
  );
}

function Leading({ cause, chance, pro, con, decide }: Ranked & Pick<Props, 'decide'>) {
  return (
    <View style={styles.cause}>
      <View style={styles.check}>
        <Words kind="title" style={styles.says}>
          {troubleWords.cause[cause]}
        </Words>
        <Words ink="soft">{troubleWords.chance(words.format.percent(chance))}</Words>
      </View>
      <View style={styles.bar}>
        <View
          style={[
            styles.chance,
            { flex: chance, backgroundColor: causeRule(cause).forbids ? color.rust : color.slate },
          ]}
        />
        <View style={{ flex: 1 - chance }} />
      </View>
      {pro.length > 0 ? <Words>{troubleWords.pro(signsSay(pro))}</Words> : null}
      {con.length > 0 ? <Words ink="soft">{troubleWords.con(signsSay(con))}</Words> : null}
      <Words ink="soft">{troubleWords.cure[cause]}</Words>
      {decide?.(cause)}
    </View>
  );
}

/** What is known: what was seen, and what was looked for and is not there. */
function Known({ evidence }: { evidence: Evidence }) {
  const seen = SIGNS.filter((sign) => evidence[sign] === true);
  const absent = SIGNS.filter((sign) => evidence[sign] === false);
  return (
    <Section label={troubleWords.known}>
      {seen.length + absent.length === 0 ? (
        <Words ink="soft">{troubleWords.nothingKnown}</Words>
      ) : null}
      {seen.length > 0 ? <Words>{troubleWords.seen(signsSay(seen))}</Words> : null}
      {absent.length > 0 ? <Words ink="soft">{troubleWords.absent(signsSay(absent))}</Words> : null}
    </Section>
  );
}

/** Cures that people try and that are not offered, each with why. */
function Warned() {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <Section>
        <Button kind="quiet" says={troubleWords.notOffered} onPress={() => setOpen(true)} />
      </Section>
    );
  return (
    <Section label={troubleWords.notOffered}>
      {troubleWords.warned.map(({ cure, why }) => (
        <Note key={cure} kind="caution" title={cure}>
          {why}
        </Note>
      ))}
    </Section>
  );
}

const styles = StyleSheet.create({
  check: { flexDirection: 'row', alignItems: 'baseline', gap: space.s },
  says: { flex: 1, minWidth: 0 },
  cause: { gap: space.xs, paddingBottom: space.m },
  bar: { flexDirection: 'row', height: size.heavyLine * 2, backgroundColor: color.sunk },
  chance: { height: size.heavyLine * 2 },
});
