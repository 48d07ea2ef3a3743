/** Passkeys: made by somebody who is signed in, shown by whoever wants in, and every way in which one is not good. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { detail, NOW, V1 } from './support/api.ts';
import { Authenticator, type Odd } from './support/authenticator.ts';
import { openFirm, PASSWORD, type Agent, type FirmHouse } from './support/firm.ts';

const HOST = 'localhost';
const ORIGIN = 'http://localhost';
let firm: FirmHouse;
let now = NOW;
beforeAll(async () => {
  firm = await openFirm('lentum_test_passkeys', { now: () => now });
});
afterAll(() => firm.end());

const post = (agent: Agent, path: string, body: object) =>
  agent.post(`${V1}${path}`).set('Host', HOST).send(body);
const challengeFor = async (agent: Agent, path: string): Promise<{ challenge: string }> =>
  (await post(agent, path, {}).expect(200)).body as { challenge: string };
const device = (): Authenticator => new Authenticator(ORIGIN, HOST);

async function keyOf(agent: Agent, odd: Odd = {}, key = device()) {
  const asked = await challengeFor(agent, '/session/passkeys/options');
  const answer = await post(agent, '/session/passkeys', { name: 'Desk key', response: key.make(asked, odd) });
  return { key, answer };
}
async function show(key: Authenticator, odd: Odd = {}, signer?: Authenticator) {
  const agent = firm.browser();
  const asked = await challengeFor(agent, '/passkeys/options');
  return {
    agent,
    answer: await post(agent, '/passkeys/sign-in', { response: key.show(asked, odd, signer) }),
  };
}
const listOf = async (agent: Agent): Promise<{ id: string; usedAt: string | null }[]> =>
  ((await agent.get(`${V1}/session/passkeys`).expect(200)).body as { passkeys: never[] }).passkeys;

describe('a passkey', () => {
  it('lets in whoever made it, on a browser that was not here before, and says when', async () => {
    const { agent: anna } = await firm.join('anna', 'foreman');
    const { key, answer } = await keyOf(anna);
    expect(answer.status).toBe(204);
    expect(await listOf(anna)).toMatchObject([{ name: 'Desk key', host: HOST, usedAt: null }]);
    const { agent, answer: into } = await show(key);
    expect([into.status, into.body]).toMatchObject([200, { mode: 'firm', account: { name: 'anna' } }]);
    await agent.get(`${V1}/jobs`).expect(200);
    expect((await listOf(anna))[0]?.usedAt).toBe(NOW.toISOString());
    const log = (await firm.owner.get(`${V1}/security-log`).expect(200)).body as {
      events: { what: string }[];
    };
    expect(log.events.slice(0, 2).map((e) => e.what)).toEqual(['signed in', 'passkey added']);
  });

  const bad: readonly [string, Odd][] = [
    ['for another origin', { origin: 'http://lentum.example' }],
    ['for another name', { host: 'lentum.example' }],
    ['over what nobody asked', { challenge: 'AAAAAAAAAAAAAAAAAAAAAA' }],
    ['without a finger or a number', { unverified: true }],
  ];
  it.each(bad)('that is made %s is not kept', async (_, odd) => {
    const { answer } = await keyOf(firm.owner, odd);
    expect(answer.status).toBe(422);
    expect(await listOf(firm.owner)).toEqual([]);
  });
  it.each(bad)('that is shown %s lets nobody in', async (what, odd) => {
    const { agent } = await firm.join(`p${what.length}`, 'applicator');
    const { key } = await keyOf(agent);
    const { answer, agent: other } = await show(key, odd);
    expect([answer.status, detail(answer)]).toEqual([401, 'This passkey is not good here']);
    await other.get(`${V1}/jobs`).expect(401);
  });

  it('whose count went back, or that another key signed for, lets nobody in', async () => {
    const { agent } = await firm.join('bea', 'applicator');
    const { key } = await keyOf(agent, { counter: 7 });
    expect((await show(key, { counter: 8 })).answer.status).toBe(200);
    // A copy of the device that counts from where it was taken.
    expect((await show(key, { counter: 8 })).answer.status).toBe(401);
    expect((await show(key, { counter: 9 }, device())).answer.status).toBe(401);
    expect((await show(device())).answer.status).toBe(401);
  });

  it('is good for what it was asked once, and for five minutes', async () => {
    const { agent } = await firm.join('cora', 'applicator');
    const { key } = await keyOf(agent);
    const asked = await challengeFor(firm.browser(), '/passkeys/options');
    const response = key.show(asked);
    await post(firm.browser(), '/passkeys/sign-in', { response }).expect(200);
    await post(firm.browser(), '/passkeys/sign-in', { response }).expect(401);
    const late = await challengeFor(firm.browser(), '/passkeys/options');
    now = new Date(NOW.getTime() + 301_000);
    await post(firm.browser(), '/passkeys/sign-in', { response: key.show(late) }).expect(401);
    now = NOW;
    // What was asked for somebody else's key makes none of one's own, and what was asked to make one lets nobody in.
    const { agent: dan } = await firm.join('dan', 'applicator');
    const theirs = await challengeFor(agent, '/session/passkeys/options');
    await post(dan, '/session/passkeys', { name: 'x', response: device().make(theirs) }).expect(422);
    const made = await challengeFor(agent, '/session/passkeys/options');
    await post(firm.browser(), '/passkeys/sign-in', { response: key.show(made) }).expect(401);
  });

  it('is one’s own: nobody else takes it back; taken back it is good for nothing', async () => {
    const { agent: eve } = await firm.join('eve', 'applicator');
    const { agent: fay } = await firm.join('fay', 'applicator');
    const { key } = await keyOf(eve);
    const [listed] = await listOf(eve);
    await post(fay, `/session/passkeys/${listed?.id}/end`, {}).expect(404);
    expect((await show(key)).answer.status).toBe(200);
    await post(eve, `/session/passkeys/${listed?.id}/end`, {}).expect(204);
    expect(await listOf(eve)).toEqual([]);
    expect((await show(key)).answer.status).toBe(401);
    // Nor is it kept a second time, for anybody.
    expect((await keyOf(fay, {}, key)).answer.status).toBe(409);
  });

  it('ends with the account, and with a new password by a code', async () => {
    const { id, agent } = await firm.join('gil', 'applicator');
    const { key } = await keyOf(agent);
    const close = (closed: boolean) => firm.owner.post(`${V1}/accounts/${id}/closed`).send({ closed });
    await close(true).expect(200);
    expect((await show(key)).answer.status).toBe(401);
    await close(false).expect(200);
    expect((await show(key)).answer.status).toBe(200);
    const { body } = await firm.owner.post(`${V1}/accounts/${id}/code`).send({}).expect(200);
    const { code } = body as { code: string };
    await firm.browser().post(`${V1}/codes/use`).send({ code, login: 'gil', password: PASSWORD }).expect(200);
    expect((await show(key)).answer.status).toBe(401);
  });

  it('needs a server with a name, somebody with a password, and a device for all jobs', async () => {
    const numbers = await firm.owner.post(`${V1}/session/passkeys/options`).send({}).expect(409);
    expect(detail(numbers)).toContain('open it as localhost');
    await firm.browser().post(`${V1}/passkeys/options`).send({}).expect(409);
    await post(firm.browser(), '/session/passkeys/options', {}).expect(401);
  });
});
