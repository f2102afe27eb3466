import { randomBytes } from 'node:crypto';
import { cpSync, mkdtempSync, readdirSync, appendFileSync } from 'node:fs';
import { tmpdir, userInfo } from 'node:os';
import path from 'node:path';
import mysql, { type Connection } from 'mysql2/promise';
import { Entry } from '@hold-fast/contract/entries';
import { migrate } from './migrate';

const MIGRATIONS = path.resolve(__dirname, '../../migrations');
/** A cut of the power, as a test makes it. */
class Cut extends Error {}

let root: Connection;
beforeAll(async () => {
  root = await mysql.createConnection({
    socketPath: process.env.TEST_SOCKET!,
    user: userInfo().username,
    multipleStatements: true,
  });
});
afterAll(() => root.end());

async function empty(): Promise<string> {
  const name = `migrate_${randomBytes(4).toString('hex')}`;
  await root.query(`CREATE DATABASE ${name}; USE ${name}`);
  return name;
}

/** Every table and trigger as it stands, and what is in the tables. */
async function stands(): Promise<Record<string, unknown>> {
  const [tables] = await root.query<mysql.RowDataPacket[]>(
    "SHOW FULL TABLES WHERE Table_type = 'BASE TABLE'",
  );
  const all: Record<string, unknown> = {};
  for (const table of tables.map((row) => String(Object.values(row)[0])).sort()) {
    const [made] = await root.query<mysql.RowDataPacket[]>(`SHOW CREATE TABLE ${table}`);
    all[table] = String(made[0]!['Create Table']).replace(/ AUTO_INCREMENT=\d+/, '');
    if (table === 'migration') continue;
    const [rows] = await root.query<mysql.RowDataPacket[]>(`SELECT * FROM ${table} ORDER BY 1`);
    all[`rows of ${table}`] = rows;
  }
  const [triggers] = await root.query<mysql.RowDataPacket[]>('SHOW TRIGGERS');
  all.triggers = triggers.map(({ Trigger }) => String(Trigger)).sort();
  const [ran] = await root.query<mysql.RowDataPacket[]>(
    'SELECT name, checksum, done FROM migration ORDER BY name',
  );
  all.ran = ran;
  return all;
}

/** What a shop had before its tables changed under it, so that the changes of rows have rows to change. */
async function fill(): Promise<void> {
  const id = (n: number) => `0190a000-0000-7000-8000-${String(n).padStart(12, '0')}`;
  await root.query(`
    INSERT INTO person VALUES ('${id(1)}', 'Mechanic', 'mechanic', 'x', 'x', '2026-11-25 09:00:00');
    INSERT INTO customer (id, name, created_at) VALUES ('${id(2)}', 'Harbour post', '2026-11-25 09:00:00');
    INSERT INTO bike (id, customer_id, name, maker, serial, motor, wet, created_at) VALUES ('${id(3)}', '${id(2)}', 'Trike', '', '', 0, 0, '2026-11-25 09:00:00');
    INSERT INTO spec_sheet VALUES ('${id(4)}', '2026-11-25 09:00:00');
    INSERT INTO spec_sheet_revision VALUES ('${id(5)}', '${id(4)}', 1, 'Sheet', '{"brake":{},"pads":{},"rotor":{}}', '2026-11-25 09:00:00');
    INSERT INTO gauge VALUES ('${id(6)}', 'G1', 'thickness-gauge', 0.01, 0.03, 1, 'point', NULL);
    INSERT INTO wrench (id, name, max_nm, mark_nm, tolerance, tolerance_assumed) VALUES ('${id(7)}', 'W1', 10, 0.1, 0.04, 1);
    INSERT INTO job (id, tag, bike_id, complaint, status, promised_at, checked_in_at, checked_in_by)
      VALUES ('${id(8)}', 401, '${id(3)}', 'Weak', 'open', '2026-11-25 09:00:00', '2026-11-25 09:00:00', '${id(1)}');
    INSERT INTO measurement (id, seq, job_id, brake_end, part, gauge_id, resolution_mm, uncertainty_mm, anvils, point_count, at, by_person)
      VALUES ('${id(9)}', 1, '${id(8)}', 'front', 'rotor', '${id(6)}', 0.01, 0.03, 'point', 6, '2026-11-25 09:00:00', '${id(1)}');
    INSERT INTO tightening (id, seq, job_id, brake_end, fastener, bolt_count, lo_nm, hi_nm, origin, wrench_id, max_nm, mark_nm, tolerance, uses_before, set_nm, treatment, at, by_person)
      VALUES ('${id(10)}', 2, '${id(8)}', 'front', 'rotor-bolts', 6, 5, 6, 'sheet', '${id(7)}', 10, 0.1, 0.04, 1, 6, 'grease', '2026-11-25 09:00:00', '${id(1)}');
  `);
}

/** The migrations before one. */
function upTo(most: string): string {
  const some = mkdtempSync(path.join(tmpdir(), 'migrations-'));
  for (const file of readdirSync(MIGRATIONS))
    if (file < most) cpSync(path.join(MIGRATIONS, file), path.join(some, file));
  return some;
}

/** Runs the migrations, cut off at every single statement, and taken up again each time. */
async function throughEveryCut(when: 'carriedOut' | 'writtenDown'): Promise<number> {
  const cutAt = new Set<string>();
  for (let starts = 1; ; starts++) {
    try {
      await migrate(root, MIGRATIONS, {
        [when]: (name: string, statement: number) => {
          const here = `${name} ${statement}`;
          if (cutAt.has(here)) return;
          cutAt.add(here);
          throw new Cut(here);
        },
      });
      return starts;
    } catch (error) {
      if (!(error instanceof Cut)) throw error;
    }
  }
}

describe.each([
  ['new', false],
  ['filled', true],
] as const)('a %s shop', (_, filled) => {
  const begin = async () => {
    await empty();
    if (!filled) return;
    await migrate(root, upTo('0003'));
    await fill();
  };

  it.each(['carriedOut', 'writtenDown'] as const)(
    'cut off at every statement, %s, comes to what one that was never cut off is',
    async (when) => {
      await begin();
      await migrate(root, MIGRATIONS);
      const whole = await stands();
      await begin();
      const starts = await throughEveryCut(when);
      expect(starts).toBeGreaterThan(filled ? 40 : 70);
      expect(await stands()).toEqual(whole);
    },
  );
});

it('one that was cut off before it was written down how far it came is taken up as well', async () => {
  await empty();
  await migrate(root, MIGRATIONS);
  const whole = await stands();
  await empty();
  await expect(
    migrate(root, MIGRATIONS, {
      carriedOut: (name, statement) => {
        if (name === '0002_jobs.sql' && statement === 6) throw new Cut();
      },
    }),
  ).rejects.toThrow(Cut);
  // As the version before left it: no row for a migration that was cut off, and no checksums.
  await root.query(
    "DELETE FROM migration WHERE name = '0002_jobs.sql'; UPDATE migration SET checksum = NULL",
  );
  await migrate(root, MIGRATIONS);
  expect(await stands()).toEqual(whole);
});

it('a migration that is not the one that ran is refused in one line, and nothing is changed', async () => {
  await empty();
  await migrate(root, MIGRATIONS);
  const other = mkdtempSync(path.join(tmpdir(), 'migrations-'));
  cpSync(MIGRATIONS, other, { recursive: true });
  appendFileSync(path.join(other, '0002_jobs.sql'), '\nDROP TABLE reading;\n');
  const before = await stands();
  await expect(migrate(root, other)).rejects.toThrow(/0002_jobs.sql is not the one/);
  expect(await stands()).toEqual(before);
});

it('a copy is asked for before a shop that was worked in is changed, and never of a new one', async () => {
  const asked: string[][] = [];
  const beforeUpdate = (pending: readonly string[]) => {
    asked.push([...pending]);
    return Promise.resolve();
  };
  await empty();
  const some = mkdtempSync(path.join(tmpdir(), 'migrations-'));
  const all = readdirSync(MIGRATIONS).sort();
  for (const file of all.slice(0, -1)) cpSync(path.join(MIGRATIONS, file), path.join(some, file));
  await migrate(root, some, { beforeUpdate });
  expect(asked).toEqual([]);
  await migrate(root, MIGRATIONS, { beforeUpdate });
  expect(asked).toEqual([[all.at(-1)]]);
  await migrate(root, MIGRATIONS, { beforeUpdate });
  expect(asked).toHaveLength(1);
});

it('a shop of the last version goes on: everything on its jobs is an entry, as it was sent', async () => {
  await empty();
  await migrate(root, upTo('0003'));
  await fill();
  await migrate(root, upTo('0008'));
  const id = (n: number) => `0190a000-0000-7000-8000-${String(n).padStart(12, '0')}`;
  const more = (seq: number) => `'${id(20 + seq)}', ${seq}`;
  const job = `'${id(8)}', 'front'`;
  const made = `'2026-11-25 09:00:00.5', '${id(1)}'`;
  await root.query(`
    INSERT INTO identification (id, seq, job_id, brake_end, sheet_revision_id, stamped_limit_mm, at, by_person) VALUES (${more(3)}, ${job}, '${id(5)}', 1.5, ${made});
    INSERT INTO reading (id, seq, measurement_id, place, value_mm, typed, at, by_person) VALUES (${more(4)}, '${id(9)}', '1', 1.7, '170', ${made});
    INSERT INTO look (id, seq, measurement_id, subject, seen, at, by_person) VALUES (${more(5)}, '${id(9)}', 'ridge', FALSE, ${made});
    INSERT INTO look_over (id, seq, job_id, brake_end, area, found, words, at, by_person) VALUES (${more(6)}, ${job}, 'rotor', '["crack"]', 'by the "arm"', ${made});
    INSERT INTO fitting (id, seq, job_id, brake_end, part, description, fitted_as, organic_only, stamped_limit_mm, stamped_at_is_worn, at, by_person)
      VALUES (${more(7)}, ${job}, 'rotor', 'Rotor', 'new', TRUE, 1.5, TRUE, ${made});
    INSERT INTO pass_mark (id, seq, tightening_id, pass, bolt, at, by_person) VALUES (${more(8)}, '${id(10)}', 'snug', 1, ${made});
    INSERT INTO clamp_gaps (id, seq, tightening_id, one_mm, other_mm, at, by_person) VALUES (${more(9)}, '${id(10)}', 1.2, 1.3, ${made});
    INSERT INTO container (id, label, family, fluid_name, lot, size_ml, looks) VALUES ('${id(11)}', 'Tin', 'glycol', 'DOT 4', 'L1', 100, 'clear');
    INSERT INTO fill (id, seq, job_id, brake_end, container_id, ml, colour, at, by_person) VALUES (${more(10)}, ${job}, '${id(11)}', 10, '', ${made});
    INSERT INTO fluid_back (id, seq, fill_id, ml, at, by_person) VALUES (${more(11)}, '${id(30)}', 2.5, ${made});
    INSERT INTO waste (id, seq, job_id, brake_end, family, ml, at, by_person) VALUES (${more(12)}, ${job}, 'glycol', 5, ${made});
    INSERT INTO stock_line (id, part, description, fits, reorder_at, price_cents) VALUES ('${id(12)}', 'olive', 'Olive', '', 1, 100);
    INSERT INTO part_taken (id, seq, job_id, brake_end, stock_id, pieces, batch, at, by_person) VALUES (${more(13)}, ${job}, '${id(12)}', 1, 'B', ${made});
    INSERT INTO test (id, seq, job_id, test, outcome, at, by_person) VALUES (${more(14)}, '${id(8)}', 'lever-side', 'passed', ${made});
    INSERT INTO told (id, seq, job_id, kind, body, at, by_person) VALUES (${more(15)}, '${id(8)}', 'witness', '{"end":"front","ring":"even"}', ${made});
    INSERT INTO told (id, seq, job_id, kind, body, takes_back, at, by_person) VALUES (${more(16)}, '${id(8)}', 'taken-back', '{}', '${id(35)}', ${made});
    INSERT INTO plan_choice (id, seq, job_id, procedures, bleed, agreed, words, at, by_person)
      VALUES (${more(17)}, '${id(8)}', '{"front":["align"],"rear":[]}', '{"front":"push-up","rear":"push-up"}', 'agreed', '', ${made});
    INSERT INTO plan_step (id, seq, job_id, step, brake_end, outcome, reason, at, by_person) VALUES (${more(18)}, ${job.replace(',', ", 'wheel-out',")}, 'done', '', ${made});
    INSERT INTO decision (id, seq, job_id, brake_end, subject, rests_on, decision, words, at, by_person) VALUES (${more(19)}, ${job}, 'rotor', '', 'accepted-unproven', 'It will do', ${made});
    INSERT INTO told (id, seq, job_id, kind, body, at, by_person) VALUES (${more(20)}, '${id(8)}', 'ticked', '{"end":"front","check":"no-drag","outcome":"failed"}', ${made});
    INSERT INTO accepted_write (id, seq, body_hash, person_id, accepted_at) VALUES (${more(21)}, REPEAT('x', 32), '${id(1)}', '2026-11-25 10:00:00');
    INSERT INTO job_change (job_id, version, was, became, changed_at, changed_by) VALUES ('${id(8)}', 2, '{"frontLever":null}', '{"frontLever":"left"}', '2026-11-25 10:00:00.1', '${id(1)}');
  `);
  await migrate(root, MIGRATIONS);
  const [rows] = await root.query<mysql.RowDataPacket[]>(
    'SELECT id, seq, kind, body, known, at FROM entry ORDER BY seq',
  );
  expect(rows.map(({ seq }) => Number(seq))).toEqual(Array.from({ length: 21 }, (_, i) => i + 1));
  for (const { id: entryId, kind, body, at } of rows) {
    if (kind === 'decision' || kind === 'edit') continue;
    const sent = { id: entryId, kind, at: (at as Date).toISOString(), ...body };
    // What an entry has come to hold since may be left out of an old one.
    expect(Entry.safeParse(sent)).toMatchObject({ success: true, data: sent });
  }
  const known = new Map(rows.map((row) => [row.kind as string, row.known as unknown]));
  expect(known.get('measurement')).toMatchObject({
    gauge: { name: 'G1', anvils: 'point', uncertaintyMm: 0.03, calibrationDueOn: null },
  });
  expect(known.get('tightening')).toMatchObject({
    wrench: { name: 'W1', uses: 1, toleranceAssumed: true },
    window: { loNm: 5, hiNm: 6, origin: 'sheet', tag: null },
    boltCount: 6,
  });
  expect(known.get('fill')).toMatchObject({
    container: { label: 'Tin', fluid: { family: 'glycol', grade: 'DOT 4' } },
  });
  expect(rows.at(-1)).toMatchObject({ kind: 'edit', body: { became: { frontLever: 'left' } } });
});

it('a used part of the version before is of every batch taken for its place till it came off, on the shelf and where it was fitted', async () => {
  await empty();
  await migrate(root, upTo('0003'));
  await fill();
  await migrate(root, upTo('0035'));
  const id = (n: number) => `0190a000-0000-7000-8000-${String(n).padStart(12, '0')}`;
  const made = `'2026-11-25 09:00:00.5', '${id(1)}'`;
  const taken = (seq: number, end: string, batch: string) =>
    `('${id(60 + seq)}', ${seq}, '${id(8)}', '${end}', '${id(50)}', 1, '${batch}', ${made})`;
  const off = (n: number, seq: number, fittedBy: string | null) => `
    INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
      VALUES ('${id(n)}', ${seq}, '${id(8)}', 'part-off', '{"end":"front","part":"rotor","goes":"shelf"}', 'null', ${made});
    INSERT INTO used_part (id, part, description, organic_only, least_mm, doubt_mm, word, job_id, at, by_person, fitted_by)
      VALUES ('${id(n)}', 'rotor', '180', FALSE, 1.7, 0.03, 'holds', '${id(8)}', ${made}, ${fittedBy ? `'${fittedBy}'` : 'NULL'});`;
  await root.query(`
    INSERT INTO stock_line (id, part, description, fits, reorder_at, price_cents, pieces) VALUES ('${id(50)}', 'rotor', '180', '', 1, 100, 9);
    INSERT INTO part_taken (id, seq, job_id, brake_end, stock_id, pieces, batch, at, by_person)
      VALUES ${[taken(11, 'front', 'A'), taken(12, 'rear', 'B'), taken(13, 'front', ''), taken(15, 'front', 'C'), taken(24, 'rear', 'E')].join(', ')};
    INSERT INTO stock_move (id, seq, stock_id, pieces, batch, why, at, by_person) VALUES ('${id(90)}', 10, '${id(50)}', 3, 'A', 'Delivered', ${made}),
        ('${id(91)}', 22, '${id(50)}', 2, 'D', 'Delivered', ${made}), ('${id(92)}', 23, '${id(50)}', 1, 'E', 'Delivered', ${made});
    ${off(81, 14, id(83))}
    ${off(82, 16, null)}
    INSERT INTO fitting (id, seq, job_id, brake_end, part, description, fitted_as, organic_only, at, by_person)
      VALUES ('${id(83)}', 17, '${id(8)}', 'rear', 'rotor', '180', 'used', FALSE, ${made});
    INSERT INTO entry (id, seq, job_id, kind, body, known, at, by_person)
      VALUES ('${id(83)}', 17, '${id(8)}', 'fitting', '{"end":"rear","part":"rotor"}', '{"used":{"id":"${id(81)}"}}', ${made}),
             ('${id(88)}', 18, '${id(8)}', 'fitting', '{"end":"front","part":"rotor"}', 'null', ${made}),
             ('${id(85)}', 19, '${id(8)}', 'fitting', '{"end":"front","part":"rotor"}', '{"used":{"id":"${id(86)}"}}', ${made});
  `);
  await migrate(root, MIGRATIONS);
  const [of] = await root.query<mysql.RowDataPacket[]>(
    'SELECT used_part_id, batch FROM used_part_batch ORDER BY 1, 2',
  );
  expect(of.map(({ used_part_id: part, batch }) => [part, batch] as unknown)).toEqual([
    [id(81), 'A'],
    [id(82), 'A'],
    [id(82), 'C'],
  ]);
  const [lie] = await root.query<mysql.RowDataPacket[]>(
    'SELECT batch, pieces FROM stock_batch ORDER BY batch',
  );
  // The shelf was empty after the fourth; nobody read of which batch the one after was.
  expect(lie.map(({ batch, pieces }) => [batch, pieces] as unknown)).toEqual([
    ['D', 2],
    ['E', 1],
  ]);
  const [put] = await root.query<mysql.RowDataPacket[]>(
    'SELECT entry_id, brake_end, batch FROM batch_put_in ORDER BY seq, batch',
  );
  expect(put.map((row) => Object.values(row) as unknown)).toEqual([
    [id(71), 'front', 'A'],
    [id(72), 'rear', 'B'],
    [id(75), 'front', 'C'],
    [id(83), 'rear', 'A'],
    [id(84), 'rear', 'E'],
  ]);
  const [fitted] = await root.query<mysql.RowDataPacket[]>(
    "SELECT known FROM entry WHERE kind = 'fitting' ORDER BY seq",
  );
  expect(fitted.map(({ known }) => known as unknown)).toEqual([
    { used: { id: id(81), batches: ['A'] } },
    null,
    { used: { id: id(86), batches: [] } },
  ]);
});

it('of the passports that were taken in before, a lot that went in elsewhere is known from now on', async () => {
  await empty();
  await migrate(root, upTo('0003'));
  await fill();
  await migrate(root, upTo('0036'));
  const id = (n: number) => `0190a000-0000-7000-8000-${String(n).padStart(12, '0')}`;
  const records = [
    {
      bike: { serial: 'SV-1' },
      taken: [
        { end: 'front', part: 'pads', batch: 'A', batches: ['A'] },
        { end: 'rear', part: 'rotor', batch: '' },
      ],
      fittings: [{ end: 'rear', part: 'rotor', batches: ['B', 'C'] }],
      filled: [{ end: 'third', fluid: 'Glycol', lot: ' L-1 ' }],
      told: [{ kind: 'part-brought', end: 'front', part: 'pads', batch: 'D'.repeat(61) }],
    },
    { words: 'It was the left one', takesBack: [{ end: 'front', subject: 'pads' }] },
  ].map((record, i) => ({ number: i, canonical: JSON.stringify({ prev: null, record }) }));
  await root.query(
    `INSERT INTO accepted_write (id, seq, body_hash, person_id, accepted_at) VALUES ('${id(90)}', 77, '', '${id(1)}', '2026-11-26 09:00:00');
     INSERT INTO job (id, tag, bike_id, complaint, status, promised_at, checked_in_at, checked_in_by)
       VALUES ('${id(91)}', 402, '${id(3)}', 'Later', 'open', '2026-11-28 09:00:00', '2026-11-28 09:00:00', '${id(1)}');
     INSERT INTO passport (id, bike_id, seal, body, at, by_person) VALUES ('${id(90)}', '${id(3)}', 'x', ?, '2026-11-26 09:00:00', '${id(1)}');`,
    [JSON.stringify({ records })],
  );
  await migrate(root, MIGRATIONS);
  const [brought] = await root.query<mysql.RowDataPacket[]>(
    'SELECT brake_end, part, lot, job_id, seq FROM lot_brought ORDER BY lot',
  );
  expect(brought.map((row) => Object.values(row) as unknown)).toEqual(
    [
      ['front', 'pads', 'A'],
      ['rear', 'rotor', 'B'],
      ['rear', 'rotor', 'C'],
      ['third', 'fluid', 'L-1'],
    ].map((lot) => [...lot, id(8), 77]),
  );
});
