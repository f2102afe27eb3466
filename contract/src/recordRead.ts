import { ENDS } from '@hold-fast/core/ends';
import { BRAKE_TYPES, NO_THIRD, THIRD_PLACES } from '@hold-fast/core/kit/bike';
import { WORDS } from '@hold-fast/core/wear/verdict';
import { disclose, type Withheld } from '@hold-fast/core/job/withheld';
import type { Json } from '@hold-fast/core/seal/canonical';
import { z } from 'zod';

// A sealed record as it is read again, whatever its format was: what an older one did not hold is left out, and nothing in it is
// taken for anything but what stands there.

const text = z.string().catch('');
const number = z.number().nullable().catch(null);
const end = z.enum(ENDS);
const said = { at: text, by: text };
/** Those of a list that can be read; one that cannot is left out, and the text of the record still has it. */
const listOf = <T extends z.ZodType>(item: T) =>
  z
    .array(z.unknown())
    .catch([])
    .transform((items) =>
      items.flatMap((each) => {
        const read = item.safeParse(each);
        return read.success ? [read.data] : [];
      }),
    );
const codes = z.array(z.string()).catch([]);

const Reading = z.object({
  id: text,
  place: z.string(),
  valueMm: z.number(),
  replaces: z.string().nullable().catch(null),
  ...said,
});

const Repaired = z.object({ end, work: z.string(), words: text, ...said });

const Fitted = z.object({
  end,
  jobId: text,
  part: z.string(),
  description: text,
  condition: text,
  ...said,
});

export const RecordRead = z.object({
  format: z.string(),
  id: text,
  tag: z.number(),
  complaint: text,
  symptoms: codes,
  odometerKm: number,
  bike: z.object({
    name: text,
    maker: text,
    serial: text,
    thirdBrake: z.enum(BRAKE_TYPES).catch(NO_THIRD.thirdBrake),
    thirdPlace: z.enum(THIRD_PLACES).catch(NO_THIRD.thirdPlace),
  }),
  customer: z.object({ name: text }),
  inspection: listOf(
    z.object({
      end,
      subject: z.string(),
      word: z.enum(WORDS),
      doNotRide: z.boolean().catch(false),
      found: codes,
      work: codes,
      words: text,
    }),
  ),
  notInspected: listOf(z.object({ end, subject: z.string() })),
  measured: listOf(
    z.object({
      id: text,
      end,
      part: z.string(),
      gaugeName: text,
      measuredOn: text,
      superseded: z.boolean().catch(false),
      readings: listOf(Reading),
      verdict: z
        .object({ judgement: z.object({ ok: z.boolean(), verdict: z.unknown() }) })
        .nullable()
        .catch(null),
      ...said,
    }),
  ),
  tightened: listOf(
    z.object({
      end,
      fastener: z.string(),
      setNm: z.number(),
      window: z.object({ loNm: z.number(), hiNm: z.number(), namedNm: number, origin: text }),
      wrench: z.object({ name: text }),
      flaws: codes,
      ...said,
    }),
  ),
  filled: listOf(
    z.object({ end, fluid: z.string(), label: text, lot: text, ml: z.number(), ...said }),
  ),
  taken: listOf(
    z.object({
      end,
      part: z.string(),
      description: text,
      pieces: z.number(),
      batch: text,
      ...said,
    }),
  ),
  fittings: listOf(Fitted),
  neverFitted: listOf(Fitted),
  repaired: listOf(Repaired),
  neverRepaired: listOf(Repaired),
  stepped: listOf(
    z.object({
      end: end.nullable().catch(null),
      step: z.string(),
      outcome: text,
      reason: text,
      ...said,
    }),
  ),
  tested: listOf(
    z.object({
      end: end.nullable().catch(null),
      test: z.string(),
      outcome: text,
      words: text,
      ...said,
    }),
  ),
  decided: listOf(
    z.object({
      end,
      subject: z.string(),
      decision: z.string(),
      words: text,
      stands: z.boolean().catch(true),
      ...said,
    }),
  ),
  signedOff: z
    .object({ number: z.number(), ...said })
    .nullable()
    .catch(null),
  notRepaired: z.object({ words: text, takenBy: text }).nullable().catch(null),
});
export type RecordRead = z.output<typeof RecordRead>;

/** An amendment as it is read again: words, and what it takes back. */
export const AmendmentRead = z.object({
  format: z.string().regex(/^hold-fast\/amendment\//),
  words: text,
  takesBack: listOf(z.object({ end, subject: z.string() })),
});
export type AmendmentRead = z.output<typeof AmendmentRead>;

/** What a sealed text holds, with the words kept beside it in their places; null where it is neither a job's record nor an amendment to one. */
export function readSealed(
  canonical: string,
  withheld: Withheld | null,
): { record: RecordRead } | { amendment: AmendmentRead } | null {
  let held: Json;
  try {
    held = (JSON.parse(canonical) as { record?: Json }).record ?? null;
  } catch {
    return null;
  }
  const amendment = AmendmentRead.safeParse(held);
  if (amendment.success) return { amendment: amendment.data };
  const record = RecordRead.safeParse(disclose(held, withheld));
  return record.success ? { record: record.data } : null;
}
