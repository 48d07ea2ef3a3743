/** Devices: let in by a code, for all jobs or for one; what they enter is signed by their key and checked on arrival. */
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeJobFile } from '@lentum/core/jobfile';
import type { Entry } from '@lentum/core/record';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { detail, NOW, V1 } from './support/api.ts';
import { keyHolder, type KeyHolder } from './support/devicekey.ts';
import { openFirm, type Agent, type FirmHouse, type Joined } from './support/firm.ts';

let firm: FirmHouse;
let job = '';
let other = '';
let anna: Joined;
let fritz: Joined;
beforeAll(async () => {
  firm = await openFirm('lentum_test_devices');
  // Two jobs that are alike: what is made in one would fit the other.
  [job, other] = [randomUUID(), randomUUID()];
  const file = writeJobFile(velmora(NOW), DEMO_ANCHOR);
  for (const id of [job, other]) await firm.owner.put(`${V1}/jobs/${id}/file`).send(file).expect(201);
  anna = await firm.join('anna', 'applicator');
  fritz = await firm.join('fritz', 'foreman');
});
afterAll(() => firm.end());

const rain = (personId: string): Entry =>
  ({
    ...{ form: 2, kind: 'event', version: 1, id: randomUUID(), personId, deviceId: 'phone', bays: [] },
    ...{
      madeAt: NOW.toISOString(),
      zoneId: 'hall',
      attachments: [],
      body: { at: NOW.toISOString(), what: 'rain' },
    },
  }) as unknown as Entry;
const send = (agent: Agent, entry: Entry, jobId = job) =>
  agent.put(`${V1}/jobs/${jobId}/record/${entry.id}`).send(entry);
const codeOf = async (agent: Agent, path = '/session/device-code', body: object = {}): Promise<string> =>
  ((await agent.post(`${V1}${path}`).send(body).expect(200)).body as { code: string }).code;
const device = (keys: KeyHolder, name = 'Anna’s phone') => ({ key: keys.key, deviceId: 'phone', name });

/** A phone that came in with a code. */
async function phone(of: Agent, onlyJob?: string): Promise<{ agent: Agent; keys: KeyHolder }> {
  const [agent, keys] = [firm.browser(), await keyHolder()];
  const code = await codeOf(of, '/session/device-code', { onlyJob });
  await agent
    .post(`${V1}/codes/use-device`)
    .send({ code, ...device(keys) })
    .expect(200);
  return { agent, keys };
}
interface Listed {
  readonly devices: readonly { id: string; name: string | null; job: string | null; here?: boolean }[];
}
const devicesOf = async (agent: Agent, path = '/session/devices'): Promise<Listed['devices']> =>
  ((await agent.get(`${V1}${path}`).expect(200)).body as Listed).devices;

describe('a phone', () => {
  it('comes in with a code that somebody shows it, once, without a password', async () => {
    const code = await codeOf(anna.agent);
    const [agent, keys] = [firm.browser(), await keyHolder()];
    const look = await agent.post(`${V1}/codes/look`).send({ code }).expect(200);
    expect(look.body).toMatchObject({ name: 'anna', forDevice: true, job: null });
    // It is no code to choose a password with.
    await agent
      .post(`${V1}/codes/use`)
      .send({ code, login: 'eve', password: 'blue ladder tin 45' })
      .expect(409);
    const joined = await agent
      .post(`${V1}/codes/use-device`)
      .send({ code, ...device(keys) })
      .expect(200);
    expect(joined.body).toMatchObject({ mode: 'firm', account: { name: 'anna' } });
    const again = firm.browser();
    const late = await again.post(`${V1}/codes/use-device`).send({ code, ...device(await keyHolder()) });
    expect([late.status, (await again.get(`${V1}/jobs`)).status]).toEqual([404, 401]);
    expect((await devicesOf(anna.agent)).map((d) => d.name)).toContain('Anna’s phone');
  });
  it('is not let in with a code for a password, and a code lasts a quarter of an hour', async () => {
    const code = await codeOf(firm.owner, `/accounts/${fritz.id}/code`);
    const refused = await firm
      .browser()
      .post(`${V1}/codes/use-device`)
      .send({ code, ...device(await keyHolder()) });
    expect([refused.status, detail(refused)]).toEqual([409, 'With this code a password is chosen first']);
    const made = await anna.agent.post(`${V1}/session/device-code`).send({}).expect(200);
    expect(Date.parse((made.body as { until: string }).until) - NOW.getTime()).toBe(15 * 60_000);
  });
  it('of somebody who never chose a password is let in by the owner', async () => {
    const id = randomUUID();
    await firm.owner.put(`${V1}/accounts/${id}`).send({ name: 'Pia', firmRole: 'applicator', jobRoles: {} });
    const code = await codeOf(firm.owner, `/accounts/${id}/device-code`);
    const [agent, keys] = [firm.browser(), await keyHolder()];
    const { body } = await agent
      .post(`${V1}/codes/use-device`)
      .send({ code, ...device(keys) })
      .expect(200);
    expect(body).toMatchObject({ account: { name: 'Pia', login: null } });
    await send(agent, await keys.sign(rain(id), job)).expect(201);
  });
  it('that was let in for one job sees that one alone, whatever its owner may', async () => {
    const { agent } = await phone(fritz.agent, job);
    await agent.get(`${V1}/jobs/${job}/survey`).expect(200);
    await agent.get(`${V1}/jobs/${other}/survey`).expect(404);
    const { body } = await agent.get(`${V1}/jobs`).expect(200);
    expect((body as { jobs: { id: string }[] }).jobs.map((j) => j.id)).toEqual([job]);
    // In the firm it is nobody; in its job the foreman still is one.
    await agent.get(`${V1}/batches?name=A`).expect(({ status }) => expect([403, 404]).toContain(status));
    await agent.post(`${V1}/session/device-code`).send({}).expect(403);
    await agent.post(`${V1}/session/device-code`).send({ onlyJob: job }).expect(200);
    const session = (await agent.get(`${V1}/session`).expect(200)).body as { account: { onlyJob: string } };
    expect(session.account.onlyJob).toBe(job);
    expect((await devicesOf(fritz.agent)).find((d) => d.job !== null)?.job).toBe(velmora(NOW).job.name);
  });
  it('is not let in for a job that one does not see', async () => {
    const guest = await firm.join('gil', null, { [job]: 'client' });
    await guest.agent.post(`${V1}/session/device-code`).send({ onlyJob: other }).expect(404);
  });
});

describe('a firm that takes signed entries only', () => {
  const demand = (demanded: boolean, by = firm.owner) => by.put(`${V1}/firm/signatures`).send({ demanded });

  it('refuses what no device has signed, from whichever browser, and takes it again when the owner says so', async () => {
    const desk = await firm.join('delia', 'applicator');
    await send(desk.agent, rain(desk.personId)).expect(201);
    await demand(true, anna.agent).expect(403);
    const { body } = await demand(true).expect(200);
    expect(body).toEqual({ since: NOW.toISOString() });
    const bare = rain(desk.personId);
    expect(detail(await send(desk.agent, bare).expect(422))).toContain(
      'Entry, signature: “none” does not fit; expected one of a device: this firm takes signed entries only',
    );
    const { agent, keys } = await phone(anna.agent);
    await send(agent, await keys.sign(rain(anna.personId), job)).expect(201);
    // Asked for once more it stays as long as it is.
    await demand(true).expect(200);
    expect((await firm.owner.get(`${V1}/firm/signatures`).expect(200)).body).toEqual({
      since: NOW.toISOString(),
    });
    expect((await demand(false).expect(200)).body).toEqual({ since: null });
    await send(desk.agent, bare).expect(201);
    const log = (await firm.owner.get(`${V1}/security-log`).expect(200)).body as {
      events: { what: string }[];
    };
    expect(log.events.map((e) => e.what).filter((w) => w.startsWith('signatures'))).toEqual([
      'signatures let go',
      'signatures demanded',
    ]);
  });
});

describe('what is entered on a device with a key', () => {
  it('is signed by it, for this job, and otherwise refused', async () => {
    const { agent, keys } = await phone(anna.agent);
    const made = rain(anna.personId);
    const bare = await send(agent, made).expect(422);
    expect(detail(bare)).toBe(
      'Entry, signature: “none” does not fit; expected that of the key which this device has shown.',
    );
    const signed = await keys.sign(made, job);
    await send(agent, signed).expect(201);
    // Sent again it is stored once; under another id, in another job, changed: refused.
    await send(agent, signed).expect(200);
    const replayed = { ...signed, id: randomUUID() };
    expect(detail(await send(agent, replayed).expect(422))).toContain('Entry, signature');
    const elsewhere = await send(agent, signed, other).expect(422);
    expect(detail(elsewhere)).toContain(
      `Entry, job that was signed: “${job}” does not fit; expected ${other}`,
    );
    const changed = { ...(await keys.sign(rain(anna.personId), job)), madeAt: '2026-01-01T00:00:00.000Z' };
    await send(agent, changed).expect(422);
  });
  it('is not taken under a key that nobody showed, nor under that of somebody else', async () => {
    const { agent } = await phone(anna.agent);
    const strange = await (await keyHolder()).sign(rain(anna.personId), job);
    expect(detail(await send(agent, strange).expect(422))).toContain(
      'a key that one of your devices has shown',
    );
    const ofFritz = await phone(fritz.agent);
    await send(agent, await ofFritz.keys.sign(rain(anna.personId), job)).expect(422);
    // What somebody else signed is not taken from whoever sends it.
    const made = await ofFritz.keys.sign(rain(fritz.personId), job);
    expect(detail(await send(agent, made).expect(422))).toContain('nobody enters in another’s name');
  });
  it('a browser that signed in with a password shows its key, and signs from then on', async () => {
    const ben = await firm.join('ben', 'applicator');
    await send(ben.agent, rain(ben.personId)).expect(201);
    const keys = await keyHolder();
    await ben.agent.put(`${V1}/session/key`).send(device(keys, 'Desk')).expect(204);
    await send(ben.agent, rain(ben.personId)).expect(422);
    await send(ben.agent, await keys.sign(rain(ben.personId), job)).expect(201);
    expect(await devicesOf(ben.agent)).toMatchObject([{ name: 'Desk', here: true }]);
  });
  it('a key that is none is told so', async () => {
    const told = await anna.agent.put(`${V1}/session/key`).send({ key: 'abc', deviceId: 'phone', name: 'x' });
    expect([told.status, detail(told)]).toEqual([422, expect.stringContaining('a point of P-256')]);
  });
});

describe('a phone that was lost', () => {
  it('is signed out by its owner: its session ends and its key is not good any more', async () => {
    const cleo = await firm.join('cleo', 'applicator');
    const { agent, keys } = await phone(cleo.agent);
    const sent = await keys.sign(rain(cleo.personId), job);
    await send(agent, sent).expect(201);
    const lost = (await devicesOf(cleo.agent)).find((d) => d.here === false);
    await cleo.agent
      .post(`${V1}/session/devices/${lost?.id ?? ''}/end`)
      .send({})
      .expect(204);
    await agent.get(`${V1}/jobs`).expect(401);
    const late = await keys.sign(rain(cleo.personId), job);
    const refused = await send(cleo.agent, late).expect(422);
    expect(detail(refused)).toContain('“one that was withdrawn” does not fit');
    // What had arrived before, and only its answer was lost, is there.
    await send(cleo.agent, sent).expect(200);
    // Nor does it come back by being shown again.
    await cleo.agent.put(`${V1}/session/key`).send(device(keys)).expect(409);
  });
  it('is signed out by the owner of the firm, who sees the devices of everybody', async () => {
    const { agent } = await phone(fritz.agent);
    const path = `/accounts/${fritz.id}/devices`;
    const listed = (await devicesOf(firm.owner, path)).filter((d) => d.name !== null);
    for (const { id } of listed) await firm.owner.post(`${V1}${path}/${id}/end`).send({}).expect(204);
    await agent.get(`${V1}/jobs`).expect(401);
    await fritz.agent.get(`${V1}/jobs`).expect(200);
    await firm.owner.post(`${V1}${path}/${randomUUID()}/end`).send({}).expect(404);
    // Of somebody else's account it is no session.
    const ofAnna = (await devicesOf(firm.owner, `/accounts/${anna.id}/devices`))[0]?.id ?? '';
    await firm.owner.post(`${V1}${path}/${ofAnna}/end`).send({}).expect(404);
  });
  it('signed out everywhere, every key of the account is withdrawn', async () => {
    const dora = await firm.join('dora', 'applicator');
    const { keys } = await phone(dora.agent);
    await firm.owner.post(`${V1}/accounts/${dora.id}/sign-out`).send({}).expect(200);
    const { rows } = await firm.pool.query<{ n: number }>(
      'SELECT count(*)::int AS n FROM device_key WHERE account_id = $1 AND key = $2 AND withdrawn_at IS NOT NULL',
      [dora.id, keys.key],
    );
    expect(rows[0]?.n).toBe(1);
  });
  it('what was done about devices stands in the log', async () => {
    const { body } = await firm.owner.get(`${V1}/security-log?limit=500`).expect(200);
    const what = new Set((body as { events: { what: string }[] }).events.map((e) => e.what));
    expect([...what]).toEqual(expect.arrayContaining(['device code made', 'device added', 'device ended']));
  });
});
