import { alignmentAsked, alignmentOf, type AlignmentChoice } from '@hold-fast/core/align/alignment';
import { CORNERS, gapsSay, type Corner, type Gaps } from '@hold-fast/core/clearance/corners';
import { inspectEnd } from '@hold-fast/core/inspection/inspectEnd';
import { lastLook } from '@hold-fast/core/inspection/session';
import { SIDES } from '@hold-fast/core/lever/pair';
import { InputError } from '@hold-fast/core/inputError';
import { USUAL_RULES } from '@hold-fast/core/rules/shopRules';
import { GapFigure } from '../../instruments/GapFigure';
import { Choice } from '../../ui/Choice';
import { Halves } from '../../ui/Halves';
import { Note } from '../../ui/Note';
import { numberOf } from '../../ui/numberOf';
import { Section } from '../../ui/Page';
import { size } from '../../ui/tokens';
import { Words } from '../../ui/Words';
import { capital } from '../../words/capital';
import { reckonerWords } from '../../words/reckoner';
import { verdictWords } from '../../words/verdictWords';
import { words } from '../../words/words';
import { standingAt } from '../bench/JobFrame';
import { alignmentSays } from '../alignmentSays';
import { keyedFrom, useAtBrake, type AtBrake } from './atBrake';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { oneOf, useKeyed } from './useKeyed';

const KNOWING = ['unknown', 'yes', 'no'] as const;
const YES_NO = ['no', 'yes'] as const;
const SEEN = ['pistonsEven', 'padsTapered', 'ballWashers', 'atMidReading'] as const;
const USUAL = {
  'left-leading': '0.30',
  'left-trailing': '0.30',
  'right-leading': '0.10',
  'right-trailing': '0.10',
  tirMm: '0.12',
  spanMm: '',
  faceDegrees: '',
  pistonsEven: 'unknown',
  padsTapered: 'unknown',
  ballWashers: 'no',
  atMidReading: 'yes',
};
type Keyed = typeof USUAL;

/** How a caliper is centred: from what was felt and seen to one way, and by how much to move it. */
export function AlignReckoner() {
  const at = useAtBrake();
  const [keyed, key] = useKeyed('align', USUAL, knownOf(at));
  const reckoned = reckon(keyed);
  const { align } = reckonerWords;
  const corners = Object.fromEntries(
    CORNERS.map((corner) => [corner, capital(words.corner[corner])]),
  ) as Record<Corner, string>;
  return (
    <ReckonerPage of="align" sum={reckoned.ok ? keyed : null}>
      <Halves>
        <>
          {reckoned.ok ? (
            <Answer {...reckoned} />
          ) : (
            <Section>
              <Note kind="refusal" title={reckoned.says} />
            </Section>
          )}
          <Section>
            <Words kind="small">{align.afterwards}</Words>
          </Section>
        </>
        <>
          <Section label={align.gaps}>
            {SIDES.map((side) => (
              <KeyedFields
                key={side}
                names={[`${side}-leading`, `${side}-trailing`]}
                labels={corners}
                keyed={keyed}
                onKey={key}
                errors={reckoned.ok ? {} : reckoned.at}
              />
            ))}
          </Section>
          <Section label={align.wheel}>
            <KeyedFields
              names={['tirMm', 'spanMm', 'faceDegrees']}
              labels={align}
              keyed={keyed}
              onKey={key}
              errors={reckoned.ok ? {} : reckoned.at}
            />
          </Section>
          <Section label={align.known}>
            {SEEN.map((seen) => (
              <KnownChoice
                key={seen}
                label={align[seen]}
                from={seen === 'pistonsEven' || seen === 'padsTapered' ? KNOWING : YES_NO}
                text={keyed[seen]}
                onChoose={key(seen)}
              />
            ))}
          </Section>
        </>
      </Halves>
    </ReckonerPage>
  );
}

/** What the inspection says of the brake in hand; what nobody measured or looked at is not known. */
function knownOf(at: AtBrake | null): Partial<Keyed> {
  if (!at) return {};
  const { job, end } = at;
  const asked = alignmentAsked(inspectEnd(job, end).items, job.rules.runoutBands.watchMm);
  const sitting = standingAt(job, end, 'clearance');
  const felt = sitting?.readings ?? [];
  const last = (place: string) =>
    keyedFrom(felt.findLast((reading) => reading.place === place)?.valueMm);
  const seen = (known: boolean | null) => (known === null ? 'unknown' : known ? 'yes' : 'no');
  return {
    ...Object.fromEntries(CORNERS.map((corner) => [corner, last(corner)])),
    tirMm: keyedFrom(asked.tirMm),
    spanMm: last('span'),
    faceDegrees:
      asked.faceDegrees === null ? '' : String(Math.round(asked.faceDegrees * 1000) / 1000),
    pistonsEven: seen(asked.pistonsEven),
    padsTapered: seen(asked.padsTapered),
    atMidReading: lastLook(sitting?.looks ?? [], 'at-mid-reading') ? 'yes' : 'no',
  };
}

interface KnownProps {
  label: string;
  from: readonly (typeof KNOWING)[number][];
  text: string;
  onChoose: (text: string) => void;
}

function KnownChoice({ label, from, text, onChoose }: KnownProps) {
  return (
    <>
      <Words kind="label">{label}</Words>
      <Choice
        label={label}
        options={from.map((value) => ({ value, says: reckonerWords.align.knowing[value] }))}
        chosen={[oneOf(from, text)]}
        onChoose={onChoose}
      />
    </>
  );
}

interface Answered {
  ok: true;
  gaps: Gaps | null;
  gapsMm: Partial<Record<Corner, number>>;
  choice: AlignmentChoice;
}

function Answer({ gaps, gapsMm, choice }: Answered) {
  const { align } = reckonerWords;
  const least = CORNERS.reduce<Corner | null>(
    (lowest, corner) =>
      gapsMm[corner] !== undefined &&
      (lowest === null || gapsMm[corner] < (gapsMm[lowest] ?? Infinity))
        ? corner
        : lowest,
    null,
  );
  const [way, ...more] = alignmentSays(choice, gaps);
  return (
    <Section label={align.thisWay}>
      <Words kind="title">{way}</Words>
      <GapFigure gapsMm={gapsMm} smallest={least} current={null} width={size.figure} />
      {gaps ? (
        <Note
          kind={gaps.marginMm > 0 ? 'plain' : 'caution'}
          title={(gaps.marginMm > 0 ? align.clear : align.rubs)(words.format.mm(gaps.marginMm))}
        />
      ) : null}
      {more.map((says) => (
        <Words key={says}>{says}</Words>
      ))}
    </Section>
  );
}

type Reckoned = Answered | { ok: false; says: string; at: Partial<Record<keyof Keyed, string>> };

function reckon(keyed: Keyed): Reckoned {
  const numbers = [...CORNERS, 'tirMm', 'spanMm', 'faceDegrees'] as const;
  const value: Partial<Record<(typeof numbers)[number], number>> = {};
  for (const name of numbers) {
    if (keyed[name].trim() === '') continue;
    const number = numberOf(keyed[name]);
    if (number === null)
      return {
        ok: false,
        says: reckonerWords.align.numbers,
        at: { [name]: verdictWords.inputError('not-a-number', {}) },
      };
    value[name] = number;
  }
  const gapsMm = Object.fromEntries(
    CORNERS.flatMap((corner) => (value[corner] === undefined ? [] : [[corner, value[corner]]])),
  ) as Partial<Record<Corner, number>>;
  const whole = CORNERS.every((corner) => gapsMm[corner] !== undefined);
  const seen = (name: 'pistonsEven' | 'padsTapered') =>
    ({ yes: true, no: false, unknown: null })[oneOf(KNOWING, keyed[name])];
  try {
    const gaps =
      whole && value.tirMm !== undefined
        ? gapsSay(gapsMm as Record<Corner, number>, {
            tirMm: value.tirMm,
            spanMm: value.spanMm ?? null,
            atMidReading: oneOf(YES_NO, keyed.atMidReading) === 'yes',
          })
        : null;
    const choice = alignmentOf({
      pistonsEven: seen('pistonsEven'),
      padsTapered: seen('padsTapered'),
      tirMm: value.tirMm ?? null,
      wavyFromMm: USUAL_RULES.runoutBands.watchMm,
      gaps,
      faceDegrees: value.faceDegrees ?? null,
      ballWashers: oneOf(YES_NO, keyed.ballWashers) === 'yes',
    });
    return { ok: true, gaps, gapsMm, choice };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const says = verdictWords.inputError(error.code, error.numbers);
    const field = error.field === 'span' ? 'spanMm' : error.field;
    return { ok: false, says, at: field in keyed ? { [field]: says } : {} };
  }
}
