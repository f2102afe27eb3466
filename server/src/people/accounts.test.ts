import type { NewPerson, PersonEdit, PersonOfShop } from '@hold-fast/contract/people';
import type { Role } from '@hold-fast/contract/roles';
import { v7 as uuid } from 'uuid';
import { select } from '../platform/database';
import { startAnew } from './accounts';
import { personByName } from './store';
import {
  measureRotor,
  openJob,
  openTestShop,
  PASSPHRASE,
  PIN,
  type Client,
  type TestShop,
} from '../testing/testShop';

const FIRST = 'the first one given';
const OWN = 'my own few words';

let shop: TestShop;
let owner: Client;
let lead: Client;
beforeAll(async () => {
  shop = await openTestShop();
  owner = await shop.signedIn('Owner');
  lead = await shop.signedIn('Lead');
});
afterAll(() => shop.close());

const newcomer = (name: string, role: Role = 'mechanic'): NewPerson => ({
  id: uuid(),
  name,
  role,
  apprentice: false,
  passphrase: FIRST,
});

/** Takes somebody on and has them choose their own passphrase and PIN. */
async function takenOn(name: string, role: Role = 'mechanic'): Promise<Client> {
  expect((await owner.send('POST', '/people', newcomer(name, role))).status).toBe(201);
  const client = shop.client();
  await client.signIn(name, FIRST);
  expect((await choose(client, FIRST, OWN, '7391')).status).toBe(204);
  return client;
}

const choose = (
  by: Client,
  passphrase: string,
  newPassphrase: string | null,
  newPin: string | null,
) => by.send('PUT', '/secrets', { passphrase, newPassphrase, newPin });

/** Somebody as whoever looks after them sees them. */
async function accountOf(name: string, asked = owner): Promise<PersonOfShop> {
  const { body } = await asked.send<PersonOfShop[]>('GET', '/people');
  return body.find((person) => person.name === name)!;
}

async function correct(by: Client, name: string, change: Partial<PersonEdit>) {
  const { id, version, role, apprentice, locked } = await accountOf(name);
  return by.send('PUT', `/people/${id}`, { version, name, role, apprentice, locked, ...change });
}

describe('somebody new', () => {
  it('does nothing before passphrase and PIN are their own, and everything of their role after', async () => {
    expect((await owner.send('POST', '/people', newcomer('Newcomer'))).status).toBe(201);
    const client = shop.client();
    expect((await client.signIn('Newcomer', FIRST)).status).toBe(201);
    const session = await client.send<{ choosing?: true }>('GET', '/session');
    expect(session.body.choosing).toBe(true);
    for (const path of ['/bench', '/rules', '/leads']) {
      const { status, body } = await client.send('GET', path);
      expect([path, status, body.type]).toEqual([
        path,
        403,
        'urn:hold-fast:problem:choose-secrets',
      ]);
    }
    // One without the other is not enough, and the one that was given is not theirs.
    expect((await choose(client, FIRST, null, '7391')).body.fields).toEqual([
      { path: 'newPassphrase', code: 'required' },
    ]);
    expect((await choose(client, FIRST, OWN, null)).body.fields).toEqual([
      { path: 'newPin', code: 'required' },
    ]);
    expect((await choose(client, FIRST, FIRST, '7391')).body.fields).toEqual([
      { path: 'newPassphrase', code: 'same-as-before' },
    ]);
    expect((await client.send('GET', '/bench')).status).toBe(403);
    expect((await choose(client, FIRST, OWN, '7391')).status).toBe(204);
    expect((await client.send('GET', '/bench')).status).toBe(200);
    expect((await shop.client().signIn('Newcomer', FIRST)).status).toBe(401);
    expect((await shop.client().signIn('Newcomer', OWN)).status).toBe(201);
  });

  it('is taken on once, however often it is sent, and under a name that nobody has', async () => {
    const twin = newcomer('Twin', 'counter');
    expect((await owner.send('POST', '/people', twin)).status).toBe(201);
    expect((await owner.send('POST', '/people', twin)).status).toBe(201);
    const { body } = await owner.send<PersonOfShop[]>('GET', '/people');
    expect(body.filter(({ name }) => name === 'Twin')).toHaveLength(1);
    // A name is found whatever its case and accents: two that are typed alike could not be told apart.
    const refused = await owner.send('POST', '/people', newcomer('twín'));
    expect(refused.body.fields).toEqual([{ path: 'name', code: 'taken' }]);
  });

  it.each(['1111', '1234', '87654321', '123', '12a4'])(
    'does not sign by the PIN %s',
    async (pin) => {
      const client = shop.client();
      await client.signIn('Twin', FIRST);
      expect((await choose(client, FIRST, OWN, pin)).status).toBe(422);
    },
  );
});

describe('whose account it is to look after', () => {
  it('a lead takes on and changes mechanics and counter, and nobody who may more', async () => {
    expect((await lead.send('POST', '/people', newcomer('Second lead', 'lead'))).status).toBe(403);
    expect((await lead.send('POST', '/people', newcomer('Of the lead'))).status).toBe(201);
    expect((await correct(lead, 'Of the lead', { role: 'lead' })).status).toBe(403);
    await takenOn('Third lead', 'lead');
    for (const name of ['Owner', 'Third lead']) {
      const { id, version } = await accountOf(name);
      const start = { version, passphrase: 'given by a lead' };
      expect((await lead.send('POST', `/people/${id}/new-start`, start)).status).toBe(403);
      expect((await correct(lead, name, { name: 'Renamed' })).status).toBe(403);
    }
    const { body } = await lead.send<PersonOfShop[]>('GET', '/people');
    expect(new Set(body.map(({ role }) => role))).toEqual(new Set(['mechanic', 'counter']));
  });

  it('what one may is for another to say, and one owner at least stays', async () => {
    for (const change of [{ role: 'lead' }, { locked: true }, { apprentice: true }] as const)
      expect((await correct(owner, 'Owner', change)).body.fields).toEqual([
        { path: 'role', code: 'own-account' },
      ]);
    const second = await takenOn('Second owner', 'owner');
    // Both lock the other out at once: one of them is late.
    const answers = await Promise.all([
      correct(owner, 'Second owner', { locked: true }),
      correct(second, 'Owner', { locked: true }),
    ]);
    expect(answers.map(({ status }) => status).filter((status) => status === 200)).toHaveLength(1);
    const owners = await select<{ locked: number }>(
      shop.pool,
      "SELECT locked FROM person WHERE role = 'owner'",
    );
    expect(owners.filter(({ locked }) => locked === 0)).toHaveLength(1);
    // Whoever is left puts it right for the tests that follow.
    const left = answers[0].status === 200 ? owner : second;
    for (const name of ['Owner', 'Second owner'])
      if ((await accountOf(name, left)).locked) {
        const { id, version, role, apprentice } = await accountOf(name, left);
        const edit = { version, name, role, apprentice, locked: false };
        expect((await left.send('PUT', `/people/${id}`, edit)).status).toBe(200);
      }
    owner = await shop.signedIn('Owner');
  });
});

describe('who is changed', () => {
  it('is held to the new role at once, without signing in again', async () => {
    const client = await takenOn('Rising');
    expect((await client.send('GET', '/exports/bikes.csv')).status).toBe(403);
    expect((await correct(owner, 'Rising', { role: 'lead' })).status).toBe(200);
    expect((await client.send('GET', '/exports/bikes.csv')).status).toBe(200);
    expect((await correct(owner, 'Rising', { role: 'mechanic' })).status).toBe(200);
    expect((await client.send('GET', '/exports/bikes.csv')).status).toBe(403);
  });

  it('is out at once when locked, everywhere, and told so by the right passphrase alone', async () => {
    const client = await takenOn('Leaving');
    expect((await client.send('GET', '/bench')).status).toBe(200);
    expect((await correct(lead, 'Leaving', { locked: true })).status).toBe(200);
    expect((await client.send('GET', '/bench')).status).toBe(401);
    expect((await shop.client().signIn('Leaving', 'a wrong passphrase')).status).toBe(401);
    const told = await shop.client().signIn('Leaving', OWN);
    expect([told.status, told.body.fields]).toEqual([403, [{ path: 'name', code: 'locked' }]]);
    expect((await correct(lead, 'Leaving', { locked: false })).status).toBe(200);
    expect((await shop.client().signIn('Leaving', OWN)).status).toBe(201);
  });

  it('signs nothing for anybody while locked: a lead’s PIN is no answer then', async () => {
    const gone = await takenOn('Old lead', 'lead');
    const leads = async () =>
      (await owner.send<{ id: string; name: string }[]>('GET', '/leads')).body.map(
        ({ name }) => name,
      );
    expect(await leads()).toContain('Old lead');
    expect((await correct(owner, 'Old lead', { locked: true })).status).toBe(200);
    expect(await leads()).not.toContain('Old lead');
    expect((await gone.send('GET', '/bench')).status).toBe(401);
    const mechanic = await shop.signedIn();
    const jobId = await openJob(shop, mechanic);
    await measureRotor(shop, mechanic, jobId, [1.7, 1.7]);
    const accept = () =>
      mechanic.send('POST', `/jobs/${jobId}/decisions`, {
        id: uuid(),
        end: 'front',
        subject: 'rotor',
        decision: 'accepted-unproven',
        words: 'It will do',
        personName: 'Old lead',
        pin: '7391',
      });
    expect((await accept()).body.type).toBe('urn:hold-fast:problem:wrong-pin');
    expect((await correct(owner, 'Old lead', { locked: false })).status).toBe(200);
    expect((await accept()).status).toBe(201);
  });

  it('is not changed by who has an older account of them before their eyes', async () => {
    await takenOn('Twice changed');
    const { version } = await accountOf('Twice changed');
    expect((await correct(owner, 'Twice changed', { apprentice: true })).status).toBe(200);
    const late = await correct(owner, 'Twice changed', { version, apprentice: false });
    expect(late.body.type).toBe('urn:hold-fast:problem:version-conflict');
    const { apprentice, changes } = await accountOf('Twice changed');
    expect(apprentice).toBe(true);
    expect(changes.map(({ what, by }) => [what, by])).toEqual([
      ['corrected', 'Owner'],
      ['chosen', 'Twice changed'],
    ]);
    expect(changes[0]!.was).toEqual({
      name: 'Twice changed',
      role: 'mechanic',
      apprentice: false,
      locked: false,
    });
  });
});

describe('a new start', () => {
  it('ends every session, takes the PIN away, and leaves who gave it no way to sign for them', async () => {
    const client = await takenOn('Forgetful');
    const { id, version } = await accountOf('Forgetful');
    const start = { version, passphrase: 'for one sign-in' };
    expect((await lead.send('POST', `/people/${id}/new-start`, start)).status).toBe(200);
    expect((await client.send('GET', '/bench')).status).toBe(401);
    expect((await shop.client().signIn('Forgetful', OWN)).status).toBe(401);
    // The lead knows the passphrase, and gets no further than choosing in a name that is told of it.
    const asThem = shop.client();
    expect((await asThem.signIn('Forgetful', 'for one sign-in')).status).toBe(201);
    expect((await asThem.send('GET', '/bench')).body.type).toBe(
      'urn:hold-fast:problem:choose-secrets',
    );
    const { pin_hash } = (
      await select<{ pin_hash: string | null }>(
        shop.pool,
        'SELECT pin_hash FROM person WHERE id = ?',
        [id],
      )
    )[0]!;
    expect(pin_hash).toBeNull();
    expect((await accountOf('Forgetful')).changes[0]).toMatchObject({
      what: 'new-start',
      by: 'Lead',
    });
    expect((await choose(asThem, 'for one sign-in', 'words of my own', '9182')).status).toBe(204);
    expect((await shop.client().signIn('Forgetful', 'words of my own')).status).toBe(201);
  });

  it('is given at the machine too, where the only owner forgot theirs', async () => {
    await takenOn('At the machine', 'owner');
    const person = (await personByName(shop.pool, 'At the machine'))!;
    await startAnew(
      { pool: shop.pool, now: () => shop.clock.now },
      person,
      'printed at the machine',
    );
    expect((await shop.client().signIn('At the machine', OWN)).status).toBe(401);
    const client = shop.client();
    expect((await client.signIn('At the machine', 'printed at the machine')).status).toBe(201);
    expect((await client.send('GET', '/people')).status).toBe(403);
  });

  it('keeps no secret where it is written down', async () => {
    const tables = ['person_change', 'accepted_write', 'person', 'session'];
    for (const table of tables) {
      const rows = JSON.stringify(await select(shop.pool, `SELECT * FROM ${table}`));
      for (const secret of [FIRST, OWN, PASSPHRASE, 'for one sign-in'])
        expect([table, rows.includes(secret)]).toEqual([table, false]);
    }
  });
});

describe('one’s own passphrase and PIN', () => {
  it('change by the passphrase in force alone, and guessing at it is slowed down', async () => {
    const client = await takenOn('Guarded');
    const began = shop.clock.now;
    for (let i = 0; i < 10; i++) {
      const wrong = await choose(client, `guess ${i}`, 'somebody else’s', null);
      expect(wrong.body.fields).toEqual([{ path: 'passphrase', code: 'wrong-passphrase' }]);
    }
    expect((await choose(client, OWN, 'somebody else’s', null)).status).toBe(429);
    shop.clock.now = new Date(began.getTime() + 60_000);
    expect((await choose(client, OWN, null, '5207')).status).toBe(204);
    shop.clock.now = began;
  });

  it('a new passphrase signs one’s other devices out, and this one stays', async () => {
    const here = await takenOn('Careful');
    const there = shop.client();
    await there.signIn('Careful', OWN);
    expect((await there.send('GET', '/bench')).status).toBe(200);
    expect((await accountOf('Careful')).sessions).toHaveLength(2);
    expect((await choose(here, OWN, 'another few words', null)).status).toBe(204);
    expect((await there.send('GET', '/bench')).status).toBe(401);
    expect((await here.send('GET', '/bench')).status).toBe(200);
    expect((await accountOf('Careful')).sessions).toHaveLength(1);
  });

  it('a session that is ended from elsewhere is over, and no other', async () => {
    const lost = await takenOn('Lost a phone');
    const kept = shop.client();
    await kept.signIn('Lost a phone', OWN);
    const { id, sessions } = await accountOf('Lost a phone');
    expect(sessions.map(({ device }) => device)).toEqual(['computer', 'computer']);
    const first = sessions.at(-1)!;
    expect((await lead.send('DELETE', `/people/${id}/sessions/${first.id}`)).status).toBe(200);
    const statuses = [lost, kept].map((client) => client.send('GET', '/bench'));
    expect((await Promise.all(statuses)).map(({ status }) => status).sort()).toEqual([200, 401]);
  });
});

it('the PIN in force signs what one changes later too', async () => {
  const own = await shop.signedIn('Owner');
  expect((await choose(own, PASSPHRASE, null, '4096')).status).toBe(204);
  const customer = uuid();
  const erase = (pin: string) =>
    own.send('POST', `/customers/${customer}/erase`, { id: uuid(), because: 'asked', pin });
  expect((await erase(PIN)).body.type).toBe('urn:hold-fast:problem:wrong-pin');
  expect((await erase('4096')).status).toBe(404);
});
