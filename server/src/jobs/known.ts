import { isLead } from '@hold-fast/contract/roles';
import type { EntryOf, KnownOf, SentKind } from '@hold-fast/core/job/kinds';
import type { Job } from '@hold-fast/core/job/job';
import { gaugeAsKnown } from '@hold-fast/core/job/measurement';
import { containerAsKnown } from '@hold-fast/core/job/fill';
import { lineAsKnown } from '@hold-fast/core/job/partTaken';
import { askedFor, wrenchAsKnown } from '@hold-fast/core/job/tightening';
import type { Person } from '@hold-fast/contract/people';
import type { Queryable } from '../platform/database';
import { sheetRevision } from '../sheets/store';
import { gaugeById, holdContainer, holdStock, wrenchById } from '../stores/store';
import { holdUsedPart } from '../stores/usedPartStore';
import { refusalOf } from './refusals';

const unknown = (field: string) => refusalOf({ refusal: 'invalid-input', field, code: 'unknown' });

/** Kinds that rest on what a register says. */
type Knowing = { [K in SentKind]: KnownOf<K> extends null ? never : K }[SentKind];
type Registers = {
  [K in Knowing]: (
    on: Queryable,
    entry: EntryOf<K>,
    job: Job,
    person: Person,
  ) => Promise<KnownOf<K>>;
};

/** What the shop's registers say of what an entry names. What several may take from is held until the transaction ends. */
const REGISTERS: Registers = {
  identification: async (on, { sheetRevisionId }) => {
    const sheet = await sheetRevision(on, sheetRevisionId);
    if (!sheet) throw unknown('sheetRevisionId');
    return { sheet };
  },
  measurement: async (on, { gaugeId }) => {
    const gauge = await gaugeById(on, gaugeId);
    if (!gauge) throw unknown('gaugeId');
    return { gauge: gaugeAsKnown(gauge) };
  },
  tightening: async (on, entry, job, person) => {
    const asked = askedFor(job, entry, isLead(person));
    if ('refusal' in asked) throw refusalOf(asked);
    const wrench = await wrenchById(on, entry.wrenchId);
    if (!wrench) throw unknown('wrenchId');
    return { ...asked, wrench: wrenchAsKnown(wrench), retired: wrench.retired };
  },
  fitting: async (on, { usedPartId }) =>
    usedPartId ? { used: await holdUsedPart(on, usedPartId) } : null,
  'notice-answer': async (_on, _entry, _job, person) => ({ byLead: isLead(person) }),
  reckoned: async (_on, _entry, _job, person) => ({ byLead: isLead(person) }),
  'second-look': async (_on, _entry, _job, person) => ({ byApprentice: person.apprentice }),
  'part-taken': async (on, { stockId }) => {
    const line = await holdStock(on, stockId);
    if (!line) throw unknown('stockId');
    return lineAsKnown(line);
  },
  fill: async (on, { containerId }) => {
    const container = await holdContainer(on, containerId);
    if (!container) throw unknown('containerId');
    return { container: containerAsKnown(container) };
  },
};

/** @throws Refusal of what names nothing the shop has */
export async function knownOf<K extends SentKind>(
  on: Queryable,
  entry: EntryOf<K>,
  job: Job,
  person: Person,
): Promise<KnownOf<K>> {
  if (entry.kind === 'fluid-back') {
    const fill = job.filled.find(({ id }) => id === entry.fillId);
    if (fill) await holdContainer(on, fill.containerId);
  }
  const ask = (REGISTERS as unknown as Partial<Record<SentKind, Ask<K>>>)[entry.kind];
  return ask ? ask(on, entry, job, person) : (null as KnownOf<K>);
}

type Ask<K extends SentKind> = (
  on: Queryable,
  entry: EntryOf<K>,
  job: Job,
  person: Person,
) => Promise<KnownOf<K>>;
