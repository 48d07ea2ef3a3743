/** Coming in, staying in, and going out: passwords, codes, sessions, the log; two servers on one database. */
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ensureDatabase } from '../../scripts/lib/postgres.mjs';
import { createPool } from '../src/db/pool.ts';
import { createApp } from '../src/http/app.ts';
import { DEMO_ENTRIES, detail, HEAD, NOW, V1 } from './support/api.ts';
import { writeJobFile } from '@lentum/core/jobfile';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { codeForOwner } from '../src/access/owncode.ts';
import { prepare } from '../src/db/prepare.ts';
import { openFirm, PASSWORD, type Agent, type FirmHouse } from './support/firm.ts';

let firm: FirmHouse;
beforeAll(async () => {
  firm = await openFirm('lentum_test_access', { behindProxy: true });
});
afterAll(() => firm.end());

const signIn = (agent: Agent, login: string, password: string, from = '10.0.0.1') =>
  agent.post(`${V1}/session`).set('X-Forwarded-For', from).send({ login, password });
const events = async (): Promise<{ what: string; who: string | null; about: string | null }[]> =>
  ((await firm.owner.get(`${V1}/security-log?limit=500`).expect(200)).body as { events: never[] }).events;

describe('signing in', () => {
  it('by name, whatever its capitals, and password; the cookie is kept from scripts and from other sites', async () => {
    const agent = firm.browser();
    const answer = await signIn(agent, 'ODA', PASSWORD).expect(200);
    expect(answer.body).toMatchObject({
      ...{ mode: 'firm', firm: 'Harbour Coatings' },
      account: { name: 'Oda', login: 'oda', firmRole: 'owner', jobRoles: {} },
    });
    expect(JSON.stringify(answer.headers['set-cookie'])).toMatch(
      /lentum=[^;]+; Path=\/; Expires=[^;]+; HttpOnly; SameSite=Strict/,
    );
    await agent.get(`${V1}/jobs`).expect(200);
  });
  it('a wrong password and a name that nobody has are refused in the same words', async () => {
    const [wrong, nobody] = [
      await signIn(firm.browser(), 'oda', 'something else here').expect(401),
      await signIn(firm.browser(), 'nobody', PASSWORD).expect(401),
    ];
    expect(detail(wrong)).toBe('The name or the password is wrong');
    // Each request has a number of its own; else nothing tells them apart.
    const said = ({ body }: { body: unknown }) => ({ ...(body as object), requestId: '' });
    expect(said(wrong)).toEqual(said(nobody));
    await firm.browser().get(`${V1}/jobs`).expect(401);
  });
  it('after six wrong tries it is waited, even with the right one; from elsewhere it goes on', async () => {
    await firm.join('tired', 'applicator');
    for (let i = 0; i < 6; i++) await signIn(firm.browser(), 'tired', 'not the right one').expect(401);
    await signIn(firm.browser(), 'tired', 'not the right one').expect(401);
    const late = await signIn(firm.browser(), 'tired', PASSWORD).expect(429);
    expect(detail(late)).toMatch(/^Too many wrong tries; try again in 15 minutes$/);
    await signIn(firm.browser(), 'tired', PASSWORD, '10.0.0.2').expect(200);
    expect((await events()).map((e) => [e.what, e.about])).toContainEqual(['locked', 'tired']);
  });
  it('another site’s page cannot sign anybody in', async () => {
    await firm
      .browser()
      .post(`${V1}/session`)
      .set('Origin', 'http://elsewhere.example')
      .send({ login: 'oda', password: PASSWORD })
      .expect(403);
  });
  it('an id of a session that was there before signing in is not good afterwards', async () => {
    const agent = firm.browser();
    const first = await signIn(agent, 'oda', PASSWORD).expect(200);
    const second = await signIn(agent, 'oda', PASSWORD).expect(200);
    const cookieOf = (r: { headers: Record<string, unknown> }): string =>
      String(r.headers['set-cookie']).split(';')[0] ?? '';
    expect(cookieOf(first)).not.toBe(cookieOf(second));
    await firm.browser().get(`${V1}/jobs`).set('Cookie', cookieOf(first)).expect(401);
    await firm.browser().get(`${V1}/jobs`).set('Cookie', cookieOf(second)).expect(200);
  });
  it('a cookie that was made up, or changed by a letter, is nobody’s', async () => {
    await firm.browser().get(`${V1}/jobs`).set('Cookie', 'lentum=s%3Aabc.def').expect(401);
    const answer = await signIn(firm.browser(), 'oda', PASSWORD).expect(200);
    const cookie = String(answer.headers['set-cookie']).split(';')[0] ?? '';
    await firm
      .browser()
      .get(`${V1}/jobs`)
      .set('Cookie', `${cookie.slice(0, -1)}${cookie.endsWith('A') ? 'B' : 'A'}`)
      .expect(401);
  });
});

describe('a stolen session', () => {
  it('is seen in the list, and is of no use once it is ended', async () => {
    const { agent } = await firm.join('ines', 'foreman');
    const thief = firm.browser();
    await signIn(thief.set('User-Agent', 'another phone'), 'ines', PASSWORD).expect(200);
    const { body } = await agent.get(`${V1}/session/devices`).expect(200);
    const { devices } = body as { devices: { id: string; here: boolean; device: string }[] };
    expect(devices).toHaveLength(2);
    expect(devices.filter((d) => d.here)).toHaveLength(1);
    const stolen = devices.find((d) => !d.here);
    await thief.get(`${V1}/jobs`).expect(200);
    await agent.post(`${V1}/session/devices/${stolen?.id}/end`).send({}).expect(204);
    await thief.get(`${V1}/jobs`).expect(401);
    await agent.get(`${V1}/jobs`).expect(200);
    await agent.post(`${V1}/session/devices/${stolen?.id}/end`).send({}).expect(404);
  });
  it('ends when the password is changed, and when the owner signs them out', async () => {
    const { id, agent } = await firm.join('bruno', 'foreman');
    const second = firm.browser();
    await signIn(second, 'bruno', PASSWORD).expect(200);
    await agent
      .put(`${V1}/session/password`)
      .send({ old: 'not it at all', password: 'seven grey seagulls' })
      .expect(403);
    await agent
      .put(`${V1}/session/password`)
      .send({ old: PASSWORD, password: 'seven grey seagulls' })
      .expect(204);
    await second.get(`${V1}/jobs`).expect(401);
    await agent.get(`${V1}/jobs`).expect(200);
    await signIn(second, 'bruno', PASSWORD).expect(401);
    await signIn(second, 'bruno', 'seven grey seagulls').expect(200);
    const { body } = await firm.owner.post(`${V1}/accounts/${id}/sign-out`).send({}).expect(200);
    expect(body).toEqual({ ended: 2 });
    await agent.get(`${V1}/jobs`).expect(401);
  });
  it('is nobody’s session to end: only one’s own are', async () => {
    const { agent } = await firm.join('marek', 'applicator');
    const { body } = await firm.owner.get(`${V1}/session/devices`).expect(200);
    const { devices } = body as { devices: { id: string }[] };
    await agent.post(`${V1}/session/devices/${devices[0]?.id}/end`).send({}).expect(404);
    await firm.owner.get(`${V1}/jobs`).expect(200);
  });
  it('of somebody who signed out is gone from the database', async () => {
    const { agent } = await firm.join('petra', 'applicator');
    await agent.post(`${V1}/session/end`).send({}).expect(204);
    await agent.get(`${V1}/jobs`).expect(401);
    const { body } = await agent.get(`${V1}/session`).expect(200);
    expect(body).toEqual({ mode: 'firm', firm: 'Harbour Coatings' });
  });
  it('cannot be made from what the database keeps', async () => {
    const answer = await signIn(firm.browser(), 'oda', PASSWORD).expect(200);
    const sid = decodeURIComponent(String(answer.headers['set-cookie']).split(';')[0]?.split('=')[1] ?? '')
      .slice(2)
      .split('.')[0];
    const { rows } = await firm.pool.query<{ sid: string }>('SELECT sid FROM session');
    expect(rows.length).toBeGreaterThan(0);
    expect(rows.map((r) => r.sid)).not.toContain(sid);
    const { rows: kept } = await firm.pool.query<{ hash: string }>(
      'SELECT password_hash AS hash FROM account WHERE login = $1',
      ['oda'],
    );
    expect(kept[0]?.hash).toMatch(/^\$argon2id\$v=19\$m=19456,t=2,p=1\$/);
  });
});

describe('passwords', () => {
  const tried = async (password: string): Promise<string> => {
    const id = randomUUID();
    await firm.owner
      .put(`${V1}/accounts/${id}`)
      .send({ name: 'Try', firmRole: 'applicator', jobRoles: {} })
      .expect(201);
    const { code } = (await firm.owner.post(`${V1}/accounts/${id}/code`).send({})).body as { code: string };
    const answer = await firm
      .browser()
      .post(`${V1}/codes/use`)
      .send({ code, login: `try-${id.slice(0, 8)}`, password });
    return answer.status === 200 ? 'taken' : `${answer.status} ${detail(answer)}`;
  };
  it.each([
    ['short', 'Ab3$efg', '422 Password: “one of 7 letters” does not fit; expected 12 to 128 letters.'],
    [
      'long',
      'a b '.repeat(40),
      '422 Password: “one of 160 letters” does not fit; expected 12 to 128 letters.',
    ],
    ['a common one, twice', 'passwordpassword', 'guessed soon'],
    ['a row of digits', '123456789012', 'guessed soon'],
    ['a row of keys', 'qwertyuiop12', 'guessed soon'],
    ['the firm and the year', 'Harbour2026!!', 'guessed soon'],
    ['some words', 'seven grey seagulls', 'taken'],
    ['of another script', 'sieben graue Möwen über dem Hafen', 'taken'],
  ])('%s', async (_, password, says) => expect(await tried(password)).toContain(says));
});

describe('a code', () => {
  it('is good once, however it is typed, and says whose it is', async () => {
    const id = randomUUID();
    await firm.owner
      .put(`${V1}/accounts/${id}`)
      .send({ name: 'Lena', firmRole: 'foreman', jobRoles: {} })
      .expect(201);
    const { body } = await firm.owner.post(`${V1}/accounts/${id}/code`).send({}).expect(200);
    const { code, until } = body as { code: string; until: string };
    expect(code).toMatch(/^[0-9A-HJKMNP-TV-Z]{4}(-[0-9A-HJKMNP-TV-Z]{4}){3}$/);
    expect(Date.parse(until) - NOW.getTime()).toBe(7 * 86_400_000);
    const agent = firm.browser();
    const typed = code.toLowerCase().replaceAll('-', ' ').replaceAll('0', 'o').replaceAll('1', 'l');
    const look = await agent.post(`${V1}/codes/look`).send({ code: typed }).expect(200);
    expect(look.body).toEqual({
      ...{ firm: 'Harbour Coatings', name: 'Lena', login: null },
      ...{ forDevice: false, job: null },
    });
    await agent.post(`${V1}/codes/use`).send({ code: typed, login: 'lena', password: PASSWORD }).expect(200);
    await agent.get(`${V1}/jobs`).expect(200);
    await firm
      .browser()
      .post(`${V1}/codes/use`)
      .send({ code, login: 'lena2', password: PASSWORD })
      .expect(404);
  });
  it('is not good after a newer one, for a closed account, or with a name that somebody has', async () => {
    const { id } = await firm.join('karl', 'applicator');
    const made = async (): Promise<string> =>
      ((await firm.owner.post(`${V1}/accounts/${id}/code`).send({}).expect(200)).body as { code: string })
        .code;
    const [first, second] = [await made(), await made()];
    const use = (code: string, login = 'karl') =>
      firm.browser().post(`${V1}/codes/use`).send({ code, login, password: 'seven grey seagulls' });
    await use(first).expect(404);
    expect(detail(await use(second, 'oda').expect(422))).toBe(
      'Name to sign in: “oda” does not fit; expected one that nobody has.',
    );
    await firm.owner.post(`${V1}/accounts/${id}/closed`).send({ closed: true }).expect(200);
    await use(second).expect(404);
    await signIn(firm.browser(), 'karl', PASSWORD).expect(401);
    await firm.owner.post(`${V1}/accounts/${id}/closed`).send({ closed: false }).expect(200);
    await use(second).expect(200);
  });
  it('of two who use it at once one comes in', async () => {
    const id = randomUUID();
    await firm.owner
      .put(`${V1}/accounts/${id}`)
      .send({ name: 'Twice', firmRole: 'applicator', jobRoles: {} })
      .expect(201);
    const { code } = (await firm.owner.post(`${V1}/accounts/${id}/code`).send({})).body as { code: string };
    const answers = await Promise.all(
      ['one', 'two'].map((n) =>
        firm
          .browser()
          .post(`${V1}/codes/use`)
          .send({ code, login: `twice-${n}`, password: PASSWORD }),
      ),
    );
    expect(answers.map((a) => a.status).sort()).toEqual([200, 404]);
  });
});

describe('an owner who cannot come in', () => {
  it('gets a code at the machine itself, and comes in with a new password', async () => {
    const url = (await ensureDatabase('lentum_test_access')).ownerUrl;
    await expect(codeForOwner(url, 'nobody', NOW)).rejects.toThrow(
      'Which owner? npm run owner-code -- NAME, with one of oda.',
    );
    const said = await codeForOwner(url, undefined, NOW);
    const code = /: ([0-9A-Z-]{19})\n/.exec(said)?.[1] ?? '';
    const agent = firm.browser();
    await agent.post(`${V1}/codes/use`).send({ code, login: 'oda', password: PASSWORD }).expect(200);
    // Signed out everywhere else: the rest of the tests go on with this one.
    await firm.owner.get(`${V1}/accounts`).expect(401);
    await signIn(firm.owner, 'oda', PASSWORD).expect(200);
  });
  it('where nobody signs in no code is needed', async () => {
    const url = (await ensureDatabase('lentum_test')).ownerUrl;
    await expect(codeForOwner(url, undefined, NOW)).rejects.toThrow(
      'Nobody signs in here: no code is needed.',
    );
  });
});

describe('accounts', () => {
  it('the last owner can neither be closed nor be made something else', async () => {
    const { body } = await firm.owner.get(`${V1}/accounts`).expect(200);
    const oda = (body as { accounts: { id: string; name: string }[] }).accounts.find((a) => a.name === 'Oda');
    const says = 'Somebody has to be the owner; make another one first, and let them sign in';
    expect(
      detail(await firm.owner.post(`${V1}/accounts/${oda?.id}/closed`).send({ closed: true }).expect(409)),
    ).toBe(says);
    const change = { name: 'Oda', firmRole: 'foreman', jobRoles: {} };
    expect(detail(await firm.owner.put(`${V1}/accounts/${oda?.id}`).send(change).expect(409))).toBe(says);
    await firm.owner.get(`${V1}/accounts`).expect(200);
  });
  it('a role that is taken away is gone with the next request', async () => {
    const { id, agent } = await firm.join('nuno', 'estimator');
    const job = randomUUID();
    await agent.put(`${V1}/jobs/${job}`).send(HEAD).expect(201);
    await firm.owner
      .put(`${V1}/accounts/${id}`)
      .send({ name: 'Nuno', firmRole: null, jobRoles: { [job]: 'client' } })
      .expect(200);
    await agent.put(`${V1}/jobs/${randomUUID()}`).send(HEAD).expect(404);
    await agent.get(`${V1}/jobs/${job}`).expect(200);
    await firm.owner
      .put(`${V1}/accounts/${id}`)
      .send({ name: 'Nuno', firmRole: null, jobRoles: {} })
      .expect(200);
    await agent.get(`${V1}/jobs/${job}`).expect(404);
    const wrong = await firm.owner
      .put(`${V1}/accounts/${id}`)
      .send({ name: 'Nuno', firmRole: null, jobRoles: { none: 'client' } })
      .expect(422);
    expect(detail(wrong)).toContain('none');
  });
  it('the log says what happened, and the database lets nobody change it', async () => {
    const whats = new Set((await events()).map((e) => e.what));
    for (const what of [
      'firm mode on',
      'signed in',
      'wrong password',
      'account made',
      'code made',
      'code used',
      'account closed',
    ])
      expect(whats).toContain(what);
    await expect(firm.pool.query(`UPDATE security_event SET what = 'nothing'`)).rejects.toThrow(
      /permission denied|append-only/,
    );
    await expect(firm.pool.query('DELETE FROM security_event')).rejects.toThrow(
      /permission denied|append-only/,
    );
  });
});

describe('the moment from which on people sign in', () => {
  it('loses nothing, and is known to another server on the same database', async () => {
    const database = await ensureDatabase('lentum_test_switch', { fresh: true });
    await prepare(database);
    const pool = createPool(database.url);
    const [here, there] = [0, 1].map(() => request.agent(createApp({ pool, now: () => NOW }))) as [
      Agent,
      Agent,
    ];
    const job = randomUUID();
    await here
      .put(`${V1}/jobs/${job}/file`)
      .send(writeJobFile(velmora(NOW), DEMO_ANCHOR))
      .expect(201);
    expect((await there.get(`${V1}/session`)).body).toEqual({ mode: 'single' });
    await there.get(`${V1}/jobs/${job}`).expect(200);
    await here
      .post(`${V1}/firm/accounts`)
      .send({ firm: 'Quay & Co', name: 'Ines', login: 'ines', password: PASSWORD, personId: 'velmora-ines' })
      .expect(201);
    const check = await here.get(`${V1}/jobs/${job}/record-check`).expect(200);
    expect(check.body).toMatchObject({ whole: true, entries: DEMO_ENTRIES });
    await here
      .post(`${V1}/firm/accounts`)
      .send({ firm: 'X', name: 'Y', login: 'yy', password: PASSWORD })
      .expect(409);
    // Another server looks again after a second.
    await new Promise((done) => setTimeout(done, 1100));
    await there.get(`${V1}/jobs/${job}`).expect(401);
    await signIn(there, 'ines', PASSWORD).expect(200);
    expect((await there.get(`${V1}/session`)).body).toMatchObject({ account: { personId: 'velmora-ines' } });
    await there.get(`${V1}/jobs/${job}/record`).expect(200);
    await pool.end();
  });
});
