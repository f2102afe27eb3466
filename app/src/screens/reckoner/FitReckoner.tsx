import { axleOf } from '@hold-fast/core/kit/brakes';
import { USUAL_ENDS } from '@hold-fast/core/ends';
import { InputError } from '@hold-fast/core/inputError';
import {
  fitOf,
  gainOf,
  MOUNTS,
  plausibleSizes,
  type Fit,
  type FitAsked,
} from '@hold-fast/core/mount/fit';
import type { Reckoned as WrittenDown } from '@hold-fast/core/job/reckoned';
import { brakeAt } from '@hold-fast/core/job/visit';
import { fastenedBy } from '@hold-fast/core/procedure/fastened';
import { askedOf } from '@hold-fast/core/torque/fasteners';
import { MountStack } from '../../instruments/MountStack';
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
import { keptOf, keyedFrom, useAtBrake, type AtBrake } from './atBrake';
import { KeyedFields } from './KeyedFields';
import { ReckonerPage } from './ReckonerPage';
import { oneOf, useKeyed } from './useKeyed';

const SIZES = { native: '160', smallest: '', largest: '203', rotor: '203' };
type Size = keyof typeof SIZES;
const HOLDS = ['six-bolt', 'lockring'] as const;
const CONSTRUCTIONS = ['one-piece', 'two-piece'] as const;
const PISTONS = ['2', '4'] as const;
const USUAL = {
  ...SIZES,
  end: 'front',
  mount: 'post',
  hub: 'six-bolt',
  hold: 'six-bolt',
  construction: 'one-piece',
  pistons: '2',
};

/** Whether a rotor fits a fork or a frame, and what goes between; nothing over what its maker allows. */
export function FitReckoner() {
  const at = useAtBrake();
  const [keyed, key] = useKeyed('fit', USUAL, knownOf(at));
  const end = at ? axleOf(at.job.bike, at.end) : oneOf(USUAL_ENDS, keyed.end);
  const mount = oneOf(MOUNTS, keyed.mount);
  const hub = oneOf(HOLDS, keyed.hub);
  const hold = oneOf(HOLDS, keyed.hold);
  const construction = oneOf(CONSTRUCTIONS, keyed.construction);
  const pistons = oneOf(PISTONS, keyed.pistons);
  const reckoned = reckon(keyed, (of) => ({
    end,
    mount,
    nativeMm: of.native!,
    smallestMm: of.smallest,
    largestMm: of.largest,
    caliper: { face: mount === 'flat' ? 'flat' : 'post', pistons: Number(pistons) },
    hub,
    rotor: {
      sizeMm: of.rotor!,
      hold,
      construction,
    },
  }));
  const holds = HOLDS.map((value) => ({
    value,
    says: reckonerWords.fit.hold[value],
  }));
  return (
    <ReckonerPage
      of="fit"
      what={reckoned.ok ? { kind: 'reckoned', what: writtenAs(reckoned.asked) } : null}
    >
      <Halves>
        <Answer reckoned={reckoned} at={at} />
        <>
          <Section label={reckonerWords.fit.forkOrFrame}>
            {at ? null : (
              <Choice
                label={reckonerWords.fit.whichEnd}
                options={USUAL_ENDS.map((value) => ({ value, says: capital(words.end[value]) }))}
                chosen={[end]}
                onChoose={key('end')}
              />
            )}
            <Words kind="label">{reckonerWords.fit.mount}</Words>
            <Choice
              label={reckonerWords.fit.mount}
              options={MOUNTS.map((value) => ({ value, says: words.mount[value] }))}
              chosen={[mount]}
              onChoose={key('mount')}
            />
            <KeyedFields
              names={['native', 'smallest', 'largest']}
              labels={reckonerWords.fit.of}
              keyed={keyed}
              onKey={key}
            />
            <Words kind="label">{reckonerWords.fit.hub}</Words>
            <Choice
              label={reckonerWords.fit.hub}
              options={holds}
              chosen={[hub]}
              onChoose={key('hub')}
            />
          </Section>
          <Section label={reckonerWords.fit.theRotor}>
            <KeyedFields
              names={['rotor']}
              labels={reckonerWords.fit.of}
              keyed={keyed}
              onKey={key}
            />
            <Words kind="label">{reckonerWords.fit.heldBy}</Words>
            <Choice
              label={reckonerWords.fit.heldBy}
              options={holds}
              chosen={[hold]}
              onChoose={key('hold')}
            />
            <Words kind="label">{reckonerWords.fit.made}</Words>
            <Choice
              label={reckonerWords.fit.made}
              options={CONSTRUCTIONS.map((value) => ({
                value,
                says:
                  value === 'two-piece' ? reckonerWords.fit.twoPieces : reckonerWords.fit.onePiece,
              }))}
              chosen={[construction]}
              onChoose={key('construction')}
            />
            <Words kind="label">{reckonerWords.fit.pistons}</Words>
            <Choice
              label={reckonerWords.fit.pistons}
              options={PISTONS.map((value) => ({ value, says: value }))}
              chosen={[pistons]}
              onChoose={key('pistons')}
            />
          </Section>
        </>
      </Halves>
    </ReckonerPage>
  );
}

/** What is known of the brake in hand: as it was written down last, else as its sheet says; the sizes nobody has said yet. */
function knownOf(at: AtBrake | null): Partial<typeof USUAL> {
  const kept = keptOf(at, 'fit');
  if (kept)
    return {
      native: keyedFrom(kept.nativeMm),
      smallest: keyedFrom(kept.smallestMm),
      largest: keyedFrom(kept.largestMm),
      rotor: keyedFrom(kept.rotor.sizeMm),
      mount: kept.mount,
      hub: kept.hub,
      hold: kept.rotor.hold,
      construction: kept.rotor.construction,
      pistons: String(kept.caliper.pistons),
    };
  const sheet = at?.job.identified[at.end]?.sheet.body;
  if (!sheet) return {};
  const { hold, construction } = sheet.rotor;
  const { mount, pistons } = sheet.brake;
  return { mount, hub: hold, hold, construction, pistons: String(pistons) };
}

/** A check as it is written down: the end it is for is the entry's own. */
function writtenAs({ end: _end, ...asked }: FitAsked): ReckonedFit {
  return { of: 'fit', ...asked };
}
type ReckonedFit = Extract<WrittenDown, { of: 'fit' }>;

type Reckoned =
  | { ok: true; asked: FitAsked; fit: Fit }
  | { ok: false; says: string; waits: boolean };

function reckon(
  sizes: Record<Size, string>,
  asks: (of: Record<Size, number | null>) => FitAsked,
): Reckoned {
  const of = Object.fromEntries(
    (Object.keys(SIZES) as Size[]).map((name) => [name, numberOf(sizes[name])]),
  ) as Record<Size, number | null>;
  const missing = of.native === null || of.rotor === null;
  const wrong = (['smallest', 'largest'] as const).some(
    (name) => sizes[name].trim() !== '' && of[name] === null,
  );
  if (missing || wrong) {
    // Nothing is wrong with what nobody has filled in yet.
    const waits = !wrong && [sizes.native, sizes.rotor].some((text) => text.trim() === '');
    return { ok: false, says: reckonerWords.fit.sizesAreNumbers, waits };
  }
  try {
    const asked = asks(of);
    plausibleSizes(asked);
    return { ok: true, asked, fit: fitOf(asked) };
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const name = Object.hasOwn(SIZES, error.field)
      ? `${reckonerWords.fit.of[error.field as Size]}: `
      : '';
    const says = name + verdictWords.inputError(error.code, error.numbers);
    return { ok: false, says, waits: false };
  }
}

function Answer({ reckoned, at }: { reckoned: Reckoned; at: AtBrake | null }) {
  if (!reckoned.ok)
    return (
      <Section>
        <Note kind={reckoned.waits ? 'plain' : 'refusal'} title={reckoned.says} />
      </Section>
    );
  const { asked, fit } = reckoned;
  if (!fit.fits)
    return (
      <Section>
        <Note kind="refusal" title={reckonerWords.fit.itDoesNot}>
          {reckonerWords.fit.because(fit.because)}
        </Note>
      </Section>
    );
  const mm = (value: number) => words.format.fixed(value, 1);
  return (
    <>
      <Section label={reckonerWords.fit.itFits}>
        <Words kind="title">{reckonerWords.fit.stack(fit.stack)}</Words>
        <MountStack asked={asked} fit={fit} width={size.figure} />
        <Words>
          {reckonerWords.fit.outward(
            mm(fit.outwardMm),
            words.format.percent(gainOf(asked.nativeMm, asked.rotor.sizeMm)),
          )}
        </Words>
        {fit.stack.washersMm.length > 0 ? (
          <Words>
            {reckonerWords.fit.boltsLonger(
              mm(fit.stack.washersMm.reduce((sum, each) => sum + each)),
            )}
          </Words>
        ) : null}
        {at ? <Torques at={at} /> : null}
        {fit.flags.map((flag) => (
          <Note key={flag} kind="caution" title={reckonerWords.fit.flag[flag]} />
        ))}
      </Section>
      <Section>
        <Words kind="small">{reckonerWords.fit.afterwards}</Words>
      </Section>
    </>
  );
}

/** What the sheet asks of the bolts that hold the stack and the rotor. */
function Torques({ at: { job, end } }: { at: AtBrake }) {
  const rows = job.identified[end]?.sheet.body.torque ?? [];
  const held = [
    ...fastenedBy('adapter-on', brakeAt(job, end)),
    ...fastenedBy('torque-caliper', brakeAt(job, end)),
    ...fastenedBy('torque-rotor', brakeAt(job, end)),
  ];
  const asked = held.flatMap((fastener) => {
    const row = askedOf(fastener, rows);
    return row ? [{ fastener, window: row.window }] : [];
  });
  return asked.map(({ fastener, window }) => (
    <Words key={fastener}>
      {reckonerWords.fit.torque(
        capital(words.fastener[fastener]),
        window.namedNm === null
          ? `${words.format.nm(window.loNm)}–${words.format.nm(window.hiNm)}`
          : words.format.nm(window.namedNm),
        words.origin[window.origin],
      )}
    </Words>
  ));
}
