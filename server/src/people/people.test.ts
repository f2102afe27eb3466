import { get } from 'node:http';
import type { Person } from '@hold-fast/contract/people';
import { openTestShop, PASSPHRASE, type TestShop } from '../testing/testShop';

let shop: TestShop;
beforeAll(async () => {
  shop = await openTestShop();
});
afterAll(() => shop.close());

describe('signing in', () => {
  it('gives a cookie that scripts cannot read and other sites cannot send', async () => {
    const answer = await shop.client().signIn('Mechanic');
    expect(answer.status).toBe(201);
    const [cookie] = answer.headers.getSetCookie();
    expect(cookie).toMatch(/HttpOnly/);
    expect(cookie).toMatch(/SameSite=Lax/);
  });

  it('says who is signed in, until they sign out', async () => {
    const client = await shop.signedIn();
    const session = await client.send<{ person: Person }>('GET', '/session');
    expect(session.body.person).toMatchObject({ name: 'Mechanic', role: 'mechanic' });
    expect((await client.send('GET', '/bench')).status).toBe(200);
    await client.send('DELETE', '/session');
    expect((await client.send<{ person: null }>('GET', '/session')).body.person).toBeNull();
    expect((await client.send('GET', '/bench')).status).toBe(401);
  });

  it('leaves whoever is signed in at another shop of this machine where they are', async () => {
    const other = await openTestShop();
    try {
      const [here, there] = [await shop.signedIn(), await other.signedIn()];
      // A browser has one jar for all ports of a machine, and keeps one cookie of a name.
      const jar = new Map([here, there].map(({ cookie }) => cookie.split('=') as [string, string]));
      here.cookie = there.cookie = [...jar].map((pair) => pair.join('=')).join('; ');
      expect((await here.send('GET', '/bench')).status).toBe(200);
      expect((await there.send('GET', '/bench')).status).toBe(200);
      await there.send('DELETE', '/session');
      expect((await there.send('GET', '/bench')).status).toBe(401);
      expect((await here.send('GET', '/bench')).status).toBe(200);
    } finally {
      await other.close();
    }
  });

  it('ends by itself after fourteen hours', async () => {
    const client = await shop.signedIn();
    expect((await client.send('GET', '/bench')).status).toBe(200);
    const began = shop.clock.now;
    shop.clock.now = new Date(began.getTime() + 14 * 3_600_000 + 1000);
    expect((await client.send('GET', '/bench')).status).toBe(401);
    shop.clock.now = began;
  });

  it('refuses a wrong passphrase and an unknown name alike, as a problem', async () => {
    const wrong = await shop.client().signIn('Mechanic', 'wrong');
    const unknown = await shop.client().signIn('Nobody', PASSPHRASE);
    expect([wrong.status, unknown.status]).toEqual([401, 401]);
    expect(wrong.body).toEqual(unknown.body);
    expect(wrong.body.type).toBe('urn:hold-fast:problem:wrong-sign-in');
    expect(wrong.headers.get('content-type')).toMatch('application/problem+json');
  });

  it('slows guessing down after ten wrong tries at one person, however the name is typed, and nobody else', async () => {
    const client = shop.client();
    const began = shop.clock.now;
    const spelt = ['Counter', 'counter', ' COUNTER ', 'Coünter', 'COUNTER'];
    for (let i = 0; i < 10; i++)
      expect((await client.signIn(spelt[i % spelt.length]!, 'wrong')).status).toBe(401);
    const eleventh = await client.signIn('cOUNTER');
    expect(eleventh.status).toBe(429);
    expect(eleventh.body.type).toBe('urn:hold-fast:problem:too-many-tries');
    expect(eleventh.body.facts).toEqual({ seconds: 2 });
    expect((await client.signIn('Owner')).status).toBe(201);
    // Slowed down, and not locked out: two seconds later the right one is taken, and counts for nothing.
    shop.clock.now = new Date(began.getTime() + 2000);
    for (let i = 0; i < 20; i++) expect((await client.signIn('Counter')).status).toBe(201);
    shop.clock.now = began;
  });

  it('ends the session this device had before', async () => {
    const client = await shop.signedIn();
    const before = client.cookie;
    await client.signIn('Lead');
    const old = shop.client();
    old.cookie = before;
    expect((await old.send('GET', '/bench')).status).toBe(401);
    expect((await client.send('GET', '/bench')).status).toBe(200);
  });

  it('names the field that is missing or unknown', async () => {
    const answer = await shop
      .client()
      .send('POST', '/session', { name: 'Mechanic', role: 'owner' });
    expect(answer.status).toBe(422);
    expect(answer.body.fields?.map(({ path }) => path).sort()).toEqual(['passphrase', 'role']);
  });
});

describe('what comes from elsewhere', () => {
  it('is not done when another site’s page sent it', async () => {
    const client = await shop.signedIn();
    for (const headers of [
      { 'sec-fetch-site': 'cross-site' },
      { origin: 'http://elsewhere.example' },
      { origin: 'null' },
      { origin: 'nonsense' },
      { origin: 'http://elsewhere.example', 'sec-fetch-site': 'none' },
    ] as Record<string, string>[]) {
      const answer = await client.send('DELETE', '/session', undefined, headers);
      expect(answer.status).toBe(403);
    }
    expect((await client.send('GET', '/bench')).status).toBe(200);
  });

  it('is not answered under a strange name that was made to lead here', async () => {
    const { port } = new URL(shop.address);
    const ask = (host: string) =>
      new Promise<number>((resolve, reject) => {
        const asked = get({ port, path: '/api/session', headers: { host } }, (answer) => {
          answer.resume();
          resolve(answer.statusCode!);
        });
        asked.once('error', reject);
      });
    expect(await Promise.all(['localhost', '127.0.0.1:80', '[::1]:1'].map(ask))).toEqual([
      200, 200, 200,
    ]);
    expect(
      await Promise.all(
        ['evil.example', 'localhost.evil.example', '10.0.0.1', '127.0.0.1.'].map(ask),
      ),
    ).toEqual([403, 403, 403, 403]);
  });

  it('is refused when it is no JSON or too large', async () => {
    const client = shop.client();
    expect((await client.send('POST', '/session', '{"name":')).body.type).toMatch('invalid-input');
    expect((await client.send('POST', '/session', { name: 'x'.repeat(300_000) })).status).toBe(413);
  });

  it('meets the usual protective headers', async () => {
    const { headers } = await shop.client().send('GET', '/session');
    expect(headers.get('content-security-policy')).toMatch("default-src 'self'");
    expect(headers.get('x-content-type-options')).toBe('nosniff');
    expect(headers.get('x-powered-by')).toBeNull();
    expect(headers.get('cache-control')).toBe('no-store');
  });

  it('finds nothing at an unknown address', async () => {
    expect((await (await shop.signedIn()).send('GET', '/nowhere')).status).toBe(404);
  });
});
