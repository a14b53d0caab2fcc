import { roles, routeNames, routeOf, type Role, type RouteName } from '@oddment/contracts';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { madeJob, stage, uuid, type Person, type Stage } from '../test/api.ts';

/** Who may do what, written down once more, by hand: the table of routes must say the same. */
const planning: readonly RouteName[] = [
  'changeRules',
  'importJob',
  'createJob',
  'createArea',
  'createDefect',
  'changeJob',
  'changeArea',
  'changeDefect',
  'placeDefect',
  'deleteJob',
  'deleteArea',
  'deleteDefect',
  'restoreJob',
  'restoreArea',
  'restoreDefect',
  'addAreaPhoto',
  'deletePhoto',
  'restorePhoto',
  'createProduct',
  'changeProduct',
  'deleteProduct',
  'restoreProduct',
  'importProducts',
  'issuePlan',
  'keepDays',
  'forgetDays',
  'readBin',
  'restoreDays',
  'setOfferTerms',
  'issueOffer',
  'changeOffer',
  'withdrawOffer',
  'restoreOffer',
  'withdrawIssued',
  'restoreIssued',
];
const onSite: readonly RouteName[] = ['addPhoto', 'changePhoto', 'changeIssued', 'createStock', 'changeStock', 'deleteStock', 'restoreStock'];
const owning: readonly RouteName[] = ['listPeople', 'addPerson', 'changePerson', 'resetPerson'];
const looking: readonly RouteName[] = [
  'readFirm',
  'changePassword',
  'listSessions',
  'endSession',
  'listJobs',
  'findDefects',
  'readJob',
  'exportJob',
  'exportCsv',
  'jobSheets',
  'jobOptions',
  'listPhotos',
  'listAreaPhotos',
  'readPhoto',
  'listIssued',
  'listBegun',
  'listDays',
  'readDays',
  'readElsewhere',
  'readChanges',
  'exportChanges',
  'readAhead',
  'daysSheets',
  'readOfferTerms',
  'listOffers',
  'readOffer',
  'offerPdf',
  'daysCalendar',
  'daysTable',
  'readIssued',
  'issuedSheet',
  'readShelf',
  'exportProducts',
  'productVersions',
  'readWeather',
  'readMeasured',
  'watchReadings',
];
const open: readonly RouteName[] = ['readSession', 'signIn', 'signOut', 'firstAccount', 'demoSignIn', 'oneTime'];

function may(role: Role, name: RouteName): boolean {
  if (looking.includes(name)) return true;
  if (planning.includes(name)) return role === 'owner' || role === 'estimator';
  if (onSite.includes(name)) return role !== 'viewer';
  return role === 'owner' && owning.includes(name);
}

let world: Stage;
let owner: Person;
const people = new Map<Role, Person>();

beforeAll(async () => {
  world = await stage();
  owner = await world.owner('roles');
  for (const role of roles) people.set(role, role === 'owner' ? owner : await world.member(owner, `the-${role}`, role));
});
afterAll(async () => {
  await world.close();
});

describe('roles', () => {
  it('are decided for every route', () => {
    expect([...planning, ...onSite, ...owning, ...looking, ...open].sort()).toEqual([...routeNames].sort());
  });

  it('are refused what is not theirs by the server, on every route', async () => {
    for (const name of routeNames.filter((n) => !open.includes(n) && routeOf(n).stream === undefined)) {
      const { method, path, body } = routeOf(name);
      for (const role of roles) {
        const person = people.get(role);
        // nothing that exists, and nothing that can be taken: only the role decides between 403 and another answer
        const answer = await person?.ask(method.toUpperCase(), `/api${path.replace('{id}', uuid())}`, body ? {} : undefined);
        expect([name, role, answer?.status === 403]).toEqual([name, role, !may(role, name)]);
        if (answer?.status !== 403) continue;
        expect(answer.body['detail']).toContain(role);
        // and who may
        for (const other of roles)
          expect(String(answer.body['detail']).includes(` ${other === 'owner' || other === 'estimator' ? 'an' : 'a'} ${other}`)).toBe(may(other, name));
      }
    }
  });

  it('leave nothing behind when refused', async () => {
    const { job, defect } = await madeJob(owner);
    for (const role of ['finisher', 'viewer'] as const) {
      const person = people.get(role);
      expect((await person?.get(`/api/jobs/${job.id}`))?.status).toBe(200);
      expect((await person?.delete(`/api/defects/${defect.id}`, { change: uuid(), version: 1 }))?.status).toBe(403);
    }
    expect(JSON.stringify((await owner.get(`/api/jobs/${job.id}`)).body)).toContain(defect.id);
  });
});

describe('people', () => {
  const added = async (login: string, role: Role = 'viewer') => {
    const body = { id: uuid(), change: uuid(), name: login, login, role };
    return { body, answer: await owner.post('/api/people', body) };
  };
  const listed = async (login: string) =>
    ((await owner.get('/api/people')).body as unknown as { id: string; login: string; version: number; begun: boolean; disabled: boolean; role: Role }[]).find(
      (p) => p.login === login,
    );

  it('are added with a link that sets the password once', async () => {
    const { answer, body } = await added('teo', 'finisher');
    expect(answer.body['person']).toMatchObject({ login: 'teo', role: 'finisher', begun: false });
    const { token } = answer.body['link'] as { token: string };
    const teo = world.person();
    expect((await teo.post('/api/session', { login: 'teo', password: 'anything at all' })).status).toBe(401);
    expect((await teo.post('/api/one-time', { token, password: 'a long password' })).body).toMatchObject({ state: 'signed-in', account: { role: 'finisher' } });
    expect((await world.person().post('/api/one-time', { token, password: 'another long one' })).status).toBe(401);
    expect(await listed('teo')).toMatchObject({ begun: true, id: body.id });
    const again = await owner.post('/api/people', body);
    expect(again.body['link']).toBeUndefined();
  });

  it('have names of their own over all firms', async () => {
    await added('rosa');
    const other = await world.owner('roles-other');
    expect((await other.post('/api/people', { id: uuid(), change: uuid(), name: 'Rosa', login: 'rosa', role: 'viewer' })).status).toBe(409);
    expect((await other.get('/api/people')).body).toHaveLength(1);
  });

  it('are disabled: signed out everywhere, and not let in again until enabled', async () => {
    const mira = await world.member(owner, 'mira', 'estimator');
    const { id = '', version } = (await listed('mira')) ?? {};
    const change = (disabled: boolean, at: number | undefined) =>
      owner.put(`/api/people/${id}`, { change: uuid(), version: at, name: 'Mira', role: 'estimator', disabled });
    expect((await change(true, version)).body).toMatchObject({ disabled: true });
    expect((await mira.get('/api/jobs')).status).toBe(401);
    expect((await world.person().post('/api/session', { login: 'mira', password: 'a long password' })).status).toBe(401);
    expect((await change(false, version)).status).toBe(409);
    expect((await change(false, (version ?? 0) + 1)).status).toBe(200);
    expect((await world.person().post('/api/session', { login: 'mira', password: 'a long password' })).status).toBe(201);
  });

  it('lose a role at once', async () => {
    const nils = await world.member(owner, 'nils', 'estimator');
    const { id = '', version } = (await listed('nils')) ?? {};
    await owner.put(`/api/people/${id}`, { change: uuid(), version, name: 'Nils', role: 'viewer', disabled: false });
    expect((await nils.post('/api/jobs', {})).status).toBe(403);
  });

  it('keep at least one owner', async () => {
    const firm = await world.owner('lonely');
    const [me] = (await firm.get('/api/people')).body as unknown as { id: string; version: number }[];
    const answer = await firm.put(`/api/people/${me?.id ?? ''}`, { change: uuid(), version: me?.version, name: 'Me', role: 'viewer', disabled: false });
    expect([answer.status, answer.body['detail']]).toEqual([409, 'A firm keeps at least one owner who can sign in. Make another owner first.']);
    expect((await firm.get('/api/people')).status).toBe(200);
  });

  it('get a new link when the password is lost; the old one and the old sessions end', async () => {
    const oda = await world.member(owner, 'oda', 'viewer');
    const { id = '' } = (await listed('oda')) ?? {};
    const first = (await owner.post(`/api/people/${id}/reset`, { change: uuid() })).body['token'];
    const second = (await owner.post(`/api/people/${id}/reset`, { change: uuid() })).body['token'];
    expect((await world.person().post('/api/one-time', { token: first, password: 'a new long password' })).status).toBe(401);
    expect((await world.person().post('/api/one-time', { token: second, password: 'a new long password' })).status).toBe(201);
    expect((await oda.get('/api/jobs')).status).toBe(401);
    const stranger = await world.owner('stranger');
    expect((await stranger.post(`/api/people/${id}/reset`, { change: uuid() })).status).toBe(404);
  });
});

describe('one’s own account', () => {
  it('lists its sessions and ends one, but nobody else’s', async () => {
    const login = { login: 'the-viewer', password: 'a long password' };
    const here = world.person();
    const there = world.person();
    await here.post('/api/session', login);
    await there.post('/api/session', login);
    const mine = (await here.get('/api/me/sessions')).body as unknown as { id: string; here: boolean }[];
    expect(mine.filter((s) => s.here)).toHaveLength(1);
    const foreign = (await owner.get('/api/me/sessions')).body as unknown as { id: string }[];
    expect((await here.ask('DELETE', `/api/me/sessions/${foreign[0]?.id ?? ''}`)).status).toBe(404);
    for (const s of mine.filter((one) => !one.here)) expect((await here.ask('DELETE', `/api/me/sessions/${s.id}`)).status).toBe(204);
    expect([(await here.get('/api/jobs')).status, (await there.get('/api/jobs')).status]).toEqual([200, 401]);
  });

  it('gets a new cookie at each signing in, and the old one ends', async () => {
    const person = world.person();
    await person.post('/api/session', { login: 'the-estimator', password: 'a long password' });
    const { cookie } = person;
    await person.post('/api/session', { login: 'the-estimator', password: 'a long password' });
    expect(person.cookie).not.toBe(cookie);
    person.cookie = cookie;
    expect((await person.get('/api/jobs')).status).toBe(401);
  });

  it('sets its password knowing the present one; every other session ends', async () => {
    const login = 'the-finisher';
    const [here, there] = [world.person(), world.person()];
    for (const p of [here, there]) await p.post('/api/session', { login, password: 'a long password' });
    expect((await here.put('/api/me/password', { present: 'not this one', password: 'another long password' })).status).toBe(401);
    expect((await here.put('/api/me/password', { present: 'a long password', password: 'another long password' })).status).toBe(200);
    expect([(await here.get('/api/jobs')).status, (await there.get('/api/jobs')).status]).toEqual([200, 401]);
    expect((await world.person().post('/api/session', { login, password: 'another long password' })).status).toBe(201);
  });

  it('is locked for a while after ten failed tries, even for the right password', async () => {
    const guarded = await stage();
    await guarded.owner('guarded');
    const person = guarded.person();
    for (let i = 0; i < 10; i++) expect((await person.post('/api/session', { login: 'guarded', password: `guess ${String(i)}` })).status).toBe(401);
    const locked = await person.post('/api/session', { login: 'guarded', password: 'a long password' });
    expect([locked.status, locked.body['detail']]).toEqual([429, 'Too many tries failed. Wait a quarter of an hour.']);
    await guarded.close();
  });
});
