import { request } from 'node:http';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { stage, type Stage } from '../test/api.ts';
import { AtMost } from './services/atMost.ts';
import { commonWhy } from './services/passwords.ts';
import { goesBy } from './settings.ts';
import { signInTries } from './store/schema.ts';

const right = 'a long password';
let world: Stage;
beforeAll(async () => {
  world = await stage();
});
afterAll(async () => {
  await world.close();
});

/** A request with a Host of its own, as a browser sends it for a name that resolves to here. */
function askAs(host: string, path: string): Promise<{ status: number; text: string }> {
  const { port } = new URL(world.base);
  return new Promise((done, failed) => {
    request({ host: '127.0.0.1', port, path, headers: { host } }, (response) => {
      let text = '';
      response.on('data', (chunk: Buffer) => (text += chunk.toString()));
      response.on('end', () => {
        done({ status: response.statusCode ?? 0, text });
      });
    })
      .on('error', failed)
      .end();
  });
}

describe('guessing', () => {
  it('side by side gets no more tries than one after the other: none of them the right password past the limit', async () => {
    await world.owner('aimed-at');
    const answers = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        world.person().post('/api/session', { login: 'aimed-at', password: i === 39 ? right : `guess number ${String(i)}` }),
      ),
    );
    const tried = answers.filter((a) => a.status !== 429);
    expect(tried.length).toBeLessThanOrEqual(10);
    expect((await world.person().post('/api/session', { login: 'aimed-at', password: right })).status).toBe(429);
  });

  it('at one name keeps nobody else behind the same address out', async () => {
    await world.owner('colleague');
    for (let i = 0; i < 15; i++) await world.person().post('/api/session', { login: 'forgetful', password: `guess number ${String(i)}` });
    expect((await world.person().post('/api/session', { login: 'colleague', password: right })).status).toBe(201);
  });

  it('that comes right is forgotten: an hour of typing it wrong now and then locks nobody', async () => {
    await world.owner('clumsy');
    for (let day = 0; day < 3; day++) {
      for (let i = 0; i < 8; i++) expect((await world.person().post('/api/session', { login: 'clumsy', password: 'not quite it' })).status).toBe(401);
      expect((await world.person().post('/api/session', { login: 'clumsy', password: right })).status).toBe(201);
    }
  });

  it('keeps no name in the clear', async () => {
    await world.person().post('/api/session', { login: 'somebody-private', password: 'whatever it is' });
    expect(JSON.stringify(await world.database.db.select().from(signInTries))).not.toContain('somebody-private');
  });
});

describe('signing in', () => {
  it('takes the name in capitals or not, and lets no second account differ only in them', async () => {
    const owner = await world.owner('MixedCase');
    expect((await world.person().post('/api/session', { login: 'mixedcase', password: right })).status).toBe(201);
    const second = await owner.post('/api/people', { id: crypto.randomUUID(), change: crypto.randomUUID(), name: 'N', login: 'MIXEDCASE', role: 'viewer' });
    expect(second.status).toBe(409);
  });

  it('to somebody else in the same browser takes nothing of what the one before left there', async () => {
    const first = await world.owner('first-here');
    const second = await world.owner('second-here');
    const account = ((await first.get('/api/session')).body['account'] as { id: string }).id;
    expect((await first.ask('GET', '/api/jobs', undefined, { 'oddment-account': account })).status).toBe(200);
    const refused = await second.ask('GET', '/api/jobs', undefined, { 'oddment-account': account });
    expect([refused.status, refused.body['detail']]).toEqual([401, 'Somebody else is signed in in this browser now.']);
  });
});

describe('the first account', () => {
  it('is one, however many are made at once', async () => {
    const fresh = await stage();
    const made = await Promise.all(
      Array.from({ length: 8 }, (_, i) =>
        fresh.person().post('/api/first-account', { firm: `F${String(i)}`, name: 'N', login: `name${String(i)}`, password: right }),
      ),
    );
    expect(made.map((m) => m.status).sort()).toEqual([201, 409, 409, 409, 409, 409, 409, 409]);
    await fresh.close();
  });

  it('is not made with a password that is tried first, in words', async () => {
    const fresh = await stage();
    const refused = await fresh.person().post('/api/first-account', { firm: 'F', name: 'N', login: 'name', password: 'password123' });
    expect([refused.status, refused.body['detail']]).toEqual([422, expect.stringContaining('on the lists that are tried first')]);
    await fresh.close();
  });
});

describe('a password', () => {
  it.each([
    'password123',
    '123456789012',
    'qwertyuiop',
    'aaaaaaaaaaaa',
    'abcabcabcabc',
    'asdfghjkl123',
    'Iloveyou123',
    'northgate2026',
    'Northgate!!',
    '9876543210',
  ])('%s is refused', async (password) => {
    expect(await commonWhy(password, ['northgate', 'Maren Holt'])).toMatch(/Take several words/);
  });
  it.each(['a long password', 'correct horse battery staple', 'vj3kq-0s9dm', 'rainy gravel teapot', '\u{1f9f1}\u{1f9f1} mortar by night'])(
    '%s is taken',
    async (password) => {
      expect(await commonWhy(password, ['northgate'])).toBeUndefined();
    },
  );
});

describe('a name of the server', () => {
  it('that it was not started with gets nothing, not the page, the door, nor its health', async () => {
    for (const path of ['/', '/api/session', '/healthz']) {
      const answer = await askAs('rebound.example:4717', path);
      expect([path, answer.status]).toEqual([path, 403]);
    }
    expect((await askAs('rebound.example', '/api/session')).text).toContain("does not go by 'rebound.example'");
    for (const host of ['localhost:4717', '127.0.0.1', '[::1]:80']) expect((await askAs(host, '/healthz')).status).toBe(200);
  });

  it('may be any below one, in capitals or not', () => {
    expect([
      goesBy(['office.local', '*.firm.example'], 'a.firm.example'),
      goesBy(['Office.Local'], 'office.local'),
      goesBy(['*.firm.example'], 'firm.example.evil'),
    ]).toEqual([true, true, false]);
  });
});

describe('tasks that take a core each', () => {
  it('run no more at once than there is room for, and all of them in the end', async () => {
    const room = new AtMost(2);
    let [running, most] = [0, 0];
    const task = async () => {
      running += 1;
      most = Math.max(most, running);
      await new Promise((done) => setTimeout(done, 3));
      running -= 1;
      if (most === 1) throw new Error('one that fails frees its place too');
    };
    await Promise.allSettled(Array.from({ length: 12 }, () => room.run(task)));
    expect([most, running]).toEqual([2, 0]);
  });
});
