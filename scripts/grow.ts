import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { userInfo } from 'node:os';
import path from 'node:path';
import { parseArgs } from 'node:util';
import mysql from 'mysql2/promise';
import { pino } from 'pino';
import { DATABASE } from './backup';
import { holdFolder } from './holdFolder';
import { socketPathFor, startMariadb } from '@hold-fast/server/platform/mariadb';
import { openShop } from './shop';

// npm run grow [-- --bikes 100000]: the demo shop as it would stand after so many bikes of four visits each. Every visit is one
// of the demo's own with its readings, entries and verdicts, under ids and days of its own; its sealed text is cut short.

const VISITS = 4;
/** In so many days each bike comes once: 100,000 bikes are 143 a day, and eight years of them. */
export const ROUND_DAYS = 700;
/** Bikes whose rows are written at once. */
const AT_ONCE = 2500;
const GROWN = 'grown';

type Row = Record<string, unknown>;
type Connection = mysql.Connection;

/** Where a shop grown to so many bikes stands; it is grown there first where it is not. */
export async function grownShop(
  root: string,
  bikes: number,
  say: (words: string) => void,
): Promise<string> {
  const directory = path.join(root, '.cache/grown', String(bikes));
  if (existsSync(path.join(directory, GROWN))) return directory;
  mkdirSync(directory, { recursive: true });
  // Two that grow the same shop would each take it from the other.
  const held = holdFolder(directory);
  rmSync(path.join(directory, 'mariadb'), { recursive: true, force: true });
  const quiet = {
    root,
    webDirectory: null,
    port: 0,
    feedPort: 0,
    log: pino({ level: 'silent' }),
    say,
  };
  await (await openShop({ ...quiet, dataDirectory: directory })).stop();
  const database = await startMariadb({ directory: path.join(directory, 'mariadb') });
  try {
    const socketPath = socketPathFor(path.join(directory, 'mariadb'));
    const user = userInfo().username;
    const connection = await mysql.createConnection({
      socketPath,
      user,
      database: DATABASE,
      jsonStrings: true,
    });
    await new Growth(connection, say).to(bikes);
    await connection.end();
  } finally {
    await database.stop();
  }
  writeFileSync(path.join(directory, GROWN), '');
  held.leave();
  return directory;
}

/** An id of the n-th copy of something, in SQL: the same each time, and no two alike. */
const copied = (what: number, n: string) =>
  `CAST(CONCAT('01a0b000-', LPAD(HEX(${what}), 4, '0'), '-7000-8000-', LPAD(HEX(${n}), 12, '0')) AS UUID)`;
const BIKE = 1;
const CUSTOMER = 2;
const JOB = 3;
const RECORD = 4;

/** Tables that hold a visit, and by what a row of one is known to be of it. */
const OF_VISIT: readonly (readonly [table: string, of: string])[] = [
  ['entry', 'job_id = ?'],
  ['identification', 'job_id = ?'],
  ['measurement', 'job_id = ?'],
  ['reading', 'measurement_id IN (SELECT id FROM measurement WHERE job_id = ?)'],
  // The last word on each, and not those it went through.
  [
    'verdict',
    'seq IN (SELECT MAX(v.seq) FROM measurement m JOIN verdict v ON v.measurement_id = m.id WHERE m.job_id = ? GROUP BY m.id)',
  ],
  ['tightening', 'job_id = ?'],
  ['fitting', 'job_id = ?'],
  ['fill', 'job_id = ?'],
  ['job_end', 'job_id = ?'],
  ['job_symptom', 'job_id = ?'],
];

class Growth {
  /** What an id of a visit that is copied becomes: the number of its kind. */
  readonly #kinds = new Map<string, number>();
  #seqs = 0;

  constructor(
    private readonly on: Connection,
    private readonly say: (words: string) => void,
  ) {}

  async to(bikes: number): Promise<void> {
    const { on } = this;
    for (const set of ['foreign_key_checks = 0', 'unique_checks = 0'])
      await on.query(`SET SESSION ${set}`);
    for (const set of ['innodb_flush_log_at_trx_commit = 0', 'innodb_buffer_pool_size = 536870912'])
      await on.query(`SET GLOBAL ${set}`);
    const visits = await this.#patterns();
    const triggers = await this.#withoutTriggers();
    const [[{ seq, tag }]] = (await on.query(
      'SELECT (SELECT MAX(seq) FROM accepted_write) AS seq, (SELECT last_tag FROM counter) AS tag',
    )) as [[{ seq: number; tag: number }], unknown];
    for (let from = 1; from <= bikes; from += AT_ONCE) {
      const until = Math.min(bikes, from + AT_ONCE - 1);
      await on.beginTransaction();
      await this.#bikes(from, until);
      for (const [nth, visit] of visits.entries())
        for (const statement of visit.statements(nth, { seq, tag }, this.#seqs))
          await on.query(statement, [from, until]);
      await on.commit();
      if (until % (AT_ONCE * 4) === 0 || until === bikes) this.say(`${until} bikes of ${bikes}`);
    }
    await this.#seal(visits, bikes);
    for (const trigger of triggers) await on.query(trigger);
    await this.#balance();
    await on.query('UPDATE counter SET last_tag = last_tag + ?', [bikes * VISITS]);
    await on.query(
      `ALTER TABLE accepted_write AUTO_INCREMENT = ${seq + bikes * VISITS * this.#seqs + 1}`,
    );
    await on.query(
      `ANALYZE TABLE ${['bike', 'job', 'customer', 'sealed_record', 'due', ...OF_VISIT.map(([table]) => table)].join(', ')}`,
    );
  }

  /** What holds of rows one by one is not asked of millions that are copies. @returns how the triggers are made again */
  async #withoutTriggers(): Promise<string[]> {
    const [triggers] = await this.on.query<mysql.RowDataPacket[]>('SHOW TRIGGERS');
    const made: string[] = [];
    for (const { Trigger: name } of triggers) {
      const [[row]] = await this.on.query<mysql.RowDataPacket[]>(`SHOW CREATE TRIGGER ${name}`);
      made.push(String(row!['SQL Original Statement']));
      await this.on.query(`DROP TRIGGER ${name}`);
    }
    return made;
  }

  /** What the triggers would have kept. */
  async #balance(): Promise<void> {
    await this.on.query(
      `UPDATE gauge g SET g.uses = (SELECT COUNT(*) FROM measurement m JOIN reading r ON r.measurement_id = m.id WHERE m.gauge_id = g.id)`,
    );
    await this.on.query(
      'INSERT IGNORE INTO bike_word (word, bike_id) SELECT word, bike_id FROM bike_said',
    );
  }

  /** The visits that are copied: of the demo’s sealed ones the least, three times, and one at which a bolt was set. */
  async #patterns(): Promise<Visit[]> {
    const [sealed] = (await this.on.query(
      `SELECT s.job_id AS id, s.canonical, EXISTS (SELECT 1 FROM tightening t WHERE t.job_id = s.job_id) AS bolts
         FROM sealed_record s WHERE s.nth = 0 ORDER BY LENGTH(s.canonical)`,
    )) as unknown as [{ id: string; canonical: string; bolts: number }[]];
    const [least, bolts] = [sealed[0]!, sealed.find((each) => each.bolts === 1)!];
    return Promise.all([least, least, least, bolts].map((each) => this.#visit(each)));
  }

  async #visit({ id, canonical }: { id: string; canonical: string }): Promise<Visit> {
    const rows: [string, Row][] = [];
    for (const [table, of] of OF_VISIT) {
      const [found] = (await this.on.query(`SELECT * FROM ${table} WHERE ${of}`, [id])) as [
        Row[],
        unknown,
      ];
      rows.push(...found.map((row): [string, Row] => [table, row]));
    }
    const [[job]] = (await this.on.query('SELECT * FROM job WHERE id = ?', [id])) as [
      [Row],
      unknown,
    ];
    for (const [, row] of rows)
      if (typeof row.id === 'string' && !this.#kinds.has(row.id))
        this.#kinds.set(row.id, 16 + this.#kinds.size);
    this.#seqs = Math.max(this.#seqs, rows.length + 1);
    return new Visit(job, rows, canonical, this.#kinds);
  }

  /** Bikes and their customers: one word in three names is common, and every serial is its own. */
  async #bikes(from: number, until: number): Promise<void> {
    const { on } = this;
    await on.query(
      `INSERT INTO customer (id, name, phone, created_at)
       SELECT ${copied(CUSTOMER, 'seq')}, CONCAT(ELT(1 + seq MOD 7, 'Ana', 'Bodo', 'Cilla', 'Dag', 'Edda', 'Finn', 'Gro'), ' ', 'Rider', HEX(seq)),
              CONCAT('0555 ', LPAD(seq, 6, '0')), '2026-01-02' FROM seq_1_to_100000000 WHERE seq BETWEEN ? AND ?`,
      [from, until],
    );
    await on.query(
      `INSERT INTO bike (id, customer_id, name, maker, serial, motor, wet, created_at)
       SELECT ${copied(BIKE, 'seq')}, ${copied(CUSTOMER, 'seq')}, CONCAT(ELT(1 + seq MOD 3, 'Commuter', 'Cargo', 'Trail'), ' ', seq),
              ELT(1 + seq MOD 5, 'Skarvald', 'Ottermoor', 'Brinewell', 'Tolve', 'Lunde'), CONCAT('GR-', HEX(seq)), seq MOD 2, TRUE, '2026-01-02'
         FROM seq_1_to_100000000 WHERE seq BETWEEN ? AND ?`,
      [from, until],
    );
    await on.query(
      `INSERT INTO due (bike_id, brake_end, what, due_on, shown_on, because, days, job_id)
       SELECT ${copied(BIKE, 'b.seq')}, e.e, w.w, '2026-06-01' + INTERVAL b.seq MOD 700 DAY, '2026-06-01' + INTERVAL b.seq MOD 700 DAY, 'time', 90,
              ${copied(JOB, `(b.seq - 1) * ${VISITS} + ${VISITS - 1}`)}
         FROM seq_1_to_100000000 b, (SELECT 'front' AS e UNION SELECT 'rear') e, (SELECT 'pads' AS w UNION SELECT 'rotor') w
        WHERE b.seq BETWEEN ? AND ?`,
      [from, until],
    );
  }

  /** The chain of all the visits, in the order they were sealed. */
  async #seal(visits: readonly Visit[], bikes: number): Promise<void> {
    const { on } = this;
    const [[counter]] = (await on.query(
      'SELECT head, last_record AS number FROM counter',
    )) as unknown as [[{ head: string; number: number }]];
    const [[person]] = (await on.query('SELECT id FROM person LIMIT 1')) as unknown as [
      [{ id: string }],
    ];
    let { head, number } = counter;
    for (let nth = 0; nth < VISITS; nth++)
      for (let from = 0; from < bikes; from += 1000) {
        const rows = [];
        for (let bike = from; bike < Math.min(bikes, from + 1000); bike++) {
          const n = bike * VISITS + nth;
          const canonical = visits[nth]!.sealedText(head, n);
          const seal = createHash('sha256').update(canonical, 'utf8').digest('hex');
          number += 1;
          const at = dayOf(nth, bike);
          rows.push([
            idOf(RECORD, n),
            number,
            idOf(JOB, n),
            canonical,
            seal,
            head,
            at,
            person.id,
            0,
          ]);
          head = seal;
        }
        await on.query(
          'INSERT INTO sealed_record (id, number, job_id, canonical, seal, prev, sealed_at, sealed_by, nth) VALUES ?',
          [rows],
        );
      }
    await on.query('UPDATE counter SET head = ?, last_record = ?', [head, number]);
  }
}

const idOf = (what: number, n: number) =>
  `01a0b000-${what.toString(16).padStart(4, '0')}-7000-8000-${n.toString(16).padStart(12, '0')}`;
/** Visits of a bike are two years apart. */
const dayOf = (nth: number, bike: number) =>
  new Date(Date.UTC(2018, 9 + nth * 24, 1 + (bike % ROUND_DAYS), 8, 0, bike % 60));

/** A visit of the demo that is copied. */
class Visit {
  constructor(
    private readonly job: Row,
    private readonly rows: readonly (readonly [string, Row])[],
    private readonly canonical: string,
    private readonly kinds: ReadonlyMap<string, number>,
  ) {}

  /** The statements that write the nth visit of every bike from ? until ?. */
  statements(nth: number, after: { seq: number; tag: number }, seqs: number): string[] {
    const n = `((b.seq - 1) * ${VISITS} + ${nth})`;
    const day = `('2018-10-01' + INTERVAL ${nth * 24} MONTH + INTERVAL b.seq MOD ${ROUND_DAYS} DAY)`;
    const value = (column: string, held: unknown, k: number): string => {
      if (column === 'seq') return `${after.seq} + ${n} * ${seqs} + ${k + 1}`;
      if (held instanceof Date) return day;
      if (held === this.job.id) return copied(JOB, n);
      if (typeof held === 'string' && this.kinds.has(held)) return copied(this.kinds.get(held)!, n);
      return this.#text(held, n);
    };
    const copy = (table: string, row: Row, k: number) =>
      `INSERT INTO ${table} (${Object.keys(row).join(', ')})
       SELECT ${Object.entries(row)
         .map(([column, held]) => value(column, held, k))
         .join(', ')} FROM seq_1_to_100000000 b WHERE b.seq BETWEEN ? AND ?`;
    const { rows, job } = this;
    const visit = { ...job, tag: null, bike_id: null };
    const own = `INSERT INTO job (${Object.keys(visit).join(', ')}) SELECT ${Object.entries(visit)
      .map(([column, held]) => {
        if (column === 'tag') return `${after.tag} + ${n} + 1`;
        if (column === 'bike_id') return copied(BIKE, 'b.seq');
        return value(column, held, 0);
      })
      .join(', ')} FROM seq_1_to_100000000 b WHERE b.seq BETWEEN ? AND ?`;
    const accepted = `INSERT INTO accepted_write (id, seq, body_hash, person_id, accepted_at)
      SELECT ${copied(8, `${n} * ${seqs} + k.seq`)}, ${after.seq} + ${n} * ${seqs} + k.seq, UNHEX(SHA2(k.seq, 256)), '${String(this.job.checked_in_by)}', ${day}
        FROM seq_1_to_100000000 b, seq_1_to_${seqs} k WHERE b.seq BETWEEN ? AND ?`;
    // The visit itself last: to one that is sealed nothing can be added.
    return [...rows.map(([table, row], k) => copy(table, row, k)), accepted, own];
  }

  /** A value as it stands, ids of the visit in it become those of the copy. */
  #text(held: unknown, n: string): string {
    const plain = mysql.escape(held as mysql.SqlValue);
    if (!plain.includes('-')) return plain;
    return [...this.kinds].reduce(
      (text, [id, kind]) =>
        plain.includes(id) ? `REPLACE(${text}, '${id}', ${copied(kind, n)})` : text,
      plain,
    );
  }

  /** What is sealed of the copy: the record without its longest lists. */
  sealedText(prev: string | null, n: number): string {
    const { record } = JSON.parse(this.canonical) as { record: Row };
    const cut = { told: [], stepped: [], measured: [], inspection: [], rules: {}, identified: {} };
    const short = { ...record, ...cut, id: idOf(JOB, n) };
    return JSON.stringify({ prev, record: short });
  }
}

async function main(): Promise<void> {
  const { values } = parseArgs({ options: { bikes: { type: 'string', default: '100000' } } });
  const began = Date.now();
  const say = (words: string) => console.log(`· ${words}`);
  const directory = await grownShop(path.resolve(__dirname, '..'), Number(values.bikes), say);
  console.log(`Grown in ${Math.round((Date.now() - began) / 1000)} s: ./start --data ${directory}`);
}

if (require.main === module)
  main().catch((error: unknown) => {
    console.error(error);
    process.exit(1);
  });
