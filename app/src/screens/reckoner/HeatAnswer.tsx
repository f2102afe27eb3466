import { USUAL_ENDS, type UsualEnd } from '@hold-fast/core/ends';
import { FADES_FROM_C, type HeatAsked, type Heating } from '@hold-fast/core/heat/descent';
import { dropM } from '@hold-fast/core/heat/road';
import { StyleSheet, View } from 'react-native';
import type { useHeat } from '../../data/heat';
import { HillHeat } from '../../instruments/HillHeat';
import { Button } from '../../ui/Button';
import { Note } from '../../ui/Note';
import { Section } from '../../ui/Page';
import { Progress } from '../../ui/Progress';
import { Loading } from '../../ui/Standing';
import { size, space } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';

interface Props {
  asked: HeatAsked;
  heat: ReturnType<typeof useHeat>;
}

/** What comes of a descent, or how far its reckoning has come; stopped or broken off, it says so, and nothing keyed is lost. */
export function HeatAnswer({ asked, heat }: Props) {
  const { data, busy, brokenOff, progress, stop, again } = heat;
  const { heat: says } = reckonerWords;
  if (!busy && (brokenOff || !data))
    return (
      <Section>
        <Note kind="refusal" title={brokenOff ? says.brokenOff : says.stopped}>
          {says.nothingLost}
        </Note>
        <Button says={says.again} onPress={again} />
      </Section>
    );
  return (
    <>
      {busy && progress ? (
        <Section
          label={says.reckoning}
          aside={<Button kind="quiet" says={says.stop} onPress={stop} />}
        >
          <Progress label={says.reckoning} {...progress} />
        </Section>
      ) : null}
      {!data ? (
        <Loading />
      ) : data.ok ? (
        <Reckoned asked={asked} heating={data} />
      ) : (
        <Section>
          <Note kind="refusal" title={verdictWords.inputError(data.code, data.numbers)} />
        </Section>
      )}
    </>
  );
}

const degrees = (value: number) => words.format.temperature(value);

function Reckoned({ asked, heating }: { asked: HeatAsked; heating: Heating }) {
  const { heat: says } = reckonerWords;
  const { heat, sizes, helps } = heating;
  const { road, compound, rotors } = asked.descent;
  const [best] = helps;
  return (
    <>
      <Section label={says.peaks}>
        <HillHeat heat={heat} fadesFromC={FADES_FROM_C[compound]} road={road} width={size.figure} />
        <Words kind="small">
          {says.length(
            words.format.fixed(road.at(-1)!.alongM - road[0]!.alongM),
            words.format.fixed(dropM(road)),
          )}
        </Words>
        {USUAL_ENDS.map((end) => (
          <EndSays key={end} end={end} heating={heating} />
        ))}
      </Section>
      <Section label={says.sizes}>
        {sizes.map(({ end, sizeMm, rotorC, toFadeC }) => (
          <View key={`${end} ${sizeMm}`} style={styles.size} testID={`size-${end}-${sizeMm}`}>
            <Words kind={rotors[end].sizeMm === sizeMm ? 'strong' : 'body'} style={styles.says}>
              {says.sizeAt(capital(words.end[end]), sizeMm)}
            </Words>
            <Words kind="smallReading">{degrees(rotorC)}</Words>
            <Words ink={toFadeC < 0 ? 'rustText' : 'soft'}>
              {toFadeC < 0 ? says.fades : says.holds}
            </Words>
          </View>
        ))}
      </Section>
      <Section label={says.helpsMost}>
        {best ? (
          helps.map(({ change, gainC }) => (
            <Words key={JSON.stringify(change)} kind={change === best.change ? 'strong' : 'body'}>
              {says.gains(says.change(change), words.format.fixed(gainC, 0))}
            </Words>
          ))
        ) : (
          <Words>{says.nothingHelps}</Words>
        )}
      </Section>
    </>
  );
}

function EndSays({ end, heating }: { end: UsualEnd; heating: Heating }) {
  const { heat: says } = reckonerWords;
  const { peak, toFadeC, toBoilC } = heating.heat[end];
  const faults = [
    ...(toFadeC < 0 ? [says.pastFade] : []),
    ...(toBoilC !== null && toBoilC < 0 ? [says.boils] : []),
  ];
  return (
    <Note
      kind={faults.length > 0 ? 'refusal' : 'plain'}
      title={says.end(capital(words.end[end]), degrees(peak.rotorC))}
    >
      {[says.besides(degrees(peak.padC), degrees(peak.fluidC)), ...faults].join(' ')}
    </Note>
  );
}

const styles = StyleSheet.create({
  size: { flexDirection: 'row', alignItems: 'baseline', gap: space.m },
  says: { flex: 1, minWidth: 0 },
});
