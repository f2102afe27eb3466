import { forecast, type Forecast } from '@hold-fast/core/forecast/forecast';
import { Note } from '../../ui/Note';
import { numberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { Words } from '../../ui/Words';
import { reckonerWords } from '../../words/reckoner';
import { words } from '../../words/words';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { useKeyed } from './useKeyed';

const USUAL = {
  km1: '0',
  mm1: '1.80',
  km2: '2400',
  mm2: '1.66',
  km3: '',
  mm3: '',
  doubtMm: '0.03',
  limitMm: '1.50',
};
const VISITS = ['1', '2', '3'] as const;

/** When a part reaches its limit, from two or three readings of it: a span, and no number where it is too early to say. */
export function LifeReckoner() {
  const [keyed, key] = useKeyed('life', USUAL);
  const { life } = reckonerWords;
  const reckoned = reckon(keyed);
  return (
    <ReckonerPage of="life" sum={reckoned === null ? null : keyed}>
      <Section>
        {reckoned === null ? (
          <Note kind="refusal" title={life.numbers} />
        ) : (
          <Answer forecast={reckoned.forecast} lastKm={reckoned.lastKm} />
        )}
      </Section>
      <Section label={life.readings}>
        {VISITS.map((visit) => (
          <KeyedFields
            key={visit}
            names={[`km${visit}`, `mm${visit}`]}
            labels={life.of}
            keyed={keyed}
            onKey={key}
          />
        ))}
        <KeyedFields
          names={['doubtMm', 'limitMm']}
          labels={reckonerWords.wear}
          keyed={keyed}
          onKey={key}
        />
      </Section>
      <Section>
        <Words kind="small">{life.howItIsReckoned}</Words>
      </Section>
    </ReckonerPage>
  );
}

function Answer({ forecast: heading, lastKm }: { forecast: Forecast; lastKm: number }) {
  const { life } = reckonerWords;
  if (!heading.ok) return <Note kind="caution" title={life.not[heading.code]} />;
  const left = (at: number) => words.format.distance(Math.max(0, at - lastKm));
  return (
    <>
      <Words kind="title">{life.left(left(heading.early), left(heading.late))}</Words>
      <Words>{life.wear(words.format.fixed(heading.wear * 1000, 3))}</Words>
    </>
  );
}

function reckon(keyed: typeof USUAL): { forecast: Forecast; lastKm: number } | null {
  const [doubtMm, limitMm] = [numberOf(keyed.doubtMm), numberOf(keyed.limitMm)];
  const visits = VISITS.flatMap((visit) => {
    const [km, mm] = [keyed[`km${visit}`], keyed[`mm${visit}`]];
    return km.trim() === '' && mm.trim() === '' ? [] : [{ x: numberOf(km), mm: numberOf(mm) }];
  });
  const read = visits.filter(
    (each): each is { x: number; mm: number } => each.x !== null && each.mm !== null,
  );
  if (!doubtMm || !limitMm || read.length < visits.length) return null;
  const points = read.map((each) => ({ ...each, doubtMm }));
  return {
    forecast: forecast(points, limitMm),
    lastKm: Math.max(0, ...read.map(({ x }) => x)),
  };
}
