/** What people of each role see and enter in one job: authors, corrections, judgements, prices. */
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ALL_RIGHTS, MONEY_FIELDS } from '@lentum/core/access';
import { writeJobFile } from '@lentum/core/jobfile';
import type { Entry, Kind, StoredEntry } from '@lentum/core/record';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { FirmMode } from '../src/access/firmmode.ts';
import { stillMay } from '../src/access/still.ts';
import { Who, type Account } from '../src/access/who.ts';
import type { Context } from '../src/http/routes.ts';
import { unzipSync } from 'fflate';
import { detail, NOW, V1 } from './support/api.ts';
import { bytesOf } from './support/bytes.ts';
import { openFirm, type Agent, type FirmHouse, type Joined } from './support/firm.ts';

let firm: FirmHouse;
let job = '';
let estimator: Joined;
let foreman: Joined;
let applicator: Joined;
let inspector: Joined;
let client: Joined;
beforeAll(async () => {
  firm = await openFirm('lentum_test_people');
  job = randomUUID();
  await firm.owner
    .put(`${V1}/jobs/${job}/file`)
    .send(writeJobFile(velmora(NOW), DEMO_ANCHOR))
    .expect(201);
  estimator = await firm.join('elsa', 'estimator');
  foreman = await firm.join('fritz', 'foreman');
  applicator = await firm.join('anna', 'applicator');
  inspector = await firm.join('ivo', null, { [job]: 'inspector' });
  client = await firm.join('carla', null, { [job]: 'client' });
});
afterAll(() => firm.end());

const entry = (kind: Kind, body: object, personId: string, more: object = {}): Entry =>
  ({
    ...{ form: 2, kind, version: 1, id: randomUUID(), personId, deviceId: 'phone', bays: [] },
    ...{ madeAt: NOW.toISOString(), offsetMs: 0, zoneId: 'hall', attachments: [], body },
    ...more,
  }) as unknown as Entry;
const rain = (personId: string) => entry('event', { at: NOW.toISOString(), what: 'rain' }, personId);
const send = (agent: Agent, made: Entry) => agent.put(`${V1}/jobs/${job}/record/${made.id}`).send(made);

describe('whose entry it is', () => {
  it('is that of whoever is signed in, and no other', async () => {
    await send(applicator.agent, rain(applicator.personId)).expect(201);
    const lie = await send(applicator.agent, rain(foreman.personId)).expect(422);
    expect(detail(lie)).toContain('expected the one who is signed in, anna: nobody enters in another’s name');
    await send(firm.owner, rain('velmora-ines')).expect(422);
  });
  it('of the first form, which names people by their names, is not taken either', async () => {
    const id = randomUUID();
    const at = NOW.toISOString();
    const first = {
      id,
      kind: 'conditions',
      at,
      madeAt: at,
      who: 'anna',
      zoneId: 'hall',
      airC: 12,
      humidityPct: 70,
      surfaceC: 11,
    };
    const refused = await applicator.agent.put(`${V1}/jobs/${job}/record/${id}`).send(first).expect(422);
    expect(detail(refused)).toContain('“anna” does not fit; expected the one who is signed in');
  });
  it('names are given by oneself and by an owner', async () => {
    await applicator.agent.put(`${V1}/people/${applicator.personId}`).send({ name: 'Anna B.' }).expect(200);
    await applicator.agent.put(`${V1}/people/${foreman.personId}`).send({ name: 'Somebody' }).expect(403);
    await applicator.agent.put(`${V1}/people/${randomUUID()}`).send({ name: 'Somebody' }).expect(403);
    await firm.owner.put(`${V1}/people/${foreman.personId}`).send({ name: 'fritz' }).expect(200);
  });
  it('somebody’s entry is withdrawn by themselves or by a foreman, not by a colleague', async () => {
    const withdraw = (id: string, who: Joined) =>
      send(who.agent, entry('withdrawal', { reason: 'mistyped' }, who.personId, { supersedes: id }));
    const mine = rain(applicator.personId);
    await send(applicator.agent, mine).expect(201);
    const refused = await withdraw(mine.id, client).expect(403);
    expect(detail(refused)).toBe(
      'Only an owner, an estimator or a foreman may correct or withdraw what somebody else entered',
    );
    await withdraw(mine.id, applicator).expect(201);
    const second = rain(client.personId);
    await send(client.agent, second).expect(201);
    await withdraw(second.id, applicator).expect(403);
    await withdraw(second.id, foreman).expect(201);
  });
});

describe('made and accepted', () => {
  it('are two people where the job asks for it, and may be one where it does not', async () => {
    const own = randomUUID();
    await firm.owner
      .put(`${V1}/jobs/${own}/file`)
      .send(writeJobFile(velmora(NOW), DEMO_ANCHOR))
      .expect(201);
    const bay = { bayId: velmora(NOW).site.bays.find((b) => b.zoneId === 'hall')?.id ?? '', share: 1 };
    const at = NOW.toISOString();
    const on = (made: Entry, agent: Agent) => agent.put(`${V1}/jobs/${own}/record/${made.id}`).send(made);
    const accept = (who: Joined) =>
      entry('decision', { at, what: 'accepted', reason: 'whole' }, who.personId, { bays: [bay] });
    const prepared = {
      at,
      startedAt: new Date(NOW.getTime() - 3_600_000).toISOString(),
      steps: ['wash'],
      complete: false,
    };
    await on(entry('preparation', prepared, foreman.personId, { bays: [bay] }), foreman.agent).expect(201);
    await on(accept(foreman), foreman.agent).expect(201);
    const { body, headers } = await firm.owner.get(`${V1}/jobs/${own}`).expect(200);
    const head = (body as { job: object }).job;
    const rules = { practice: [], holdPoints: [], otherAccepts: true };
    await firm.owner
      .put(`${V1}/jobs/${own}`)
      .set('If-Match', String(headers['etag']))
      .send({ ...head, rules })
      .expect(200);
    const refused = await on(accept(foreman), foreman.agent).expect(422);
    expect(detail(refused)).toBe(
      'Accepted: “by somebody who worked on it” does not fit; expected somebody else, as the rules of this job ask.',
    );
    await on(accept(estimator), estimator.agent).expect(201);
    // Somebody who worked on another bay only.
    const other = { bayId: velmora(NOW).site.bays.findLast((b) => b.zoneId === 'hall')?.id ?? '', share: 1 };
    await on(
      entry('decision', { at, what: 'accepted', reason: 'whole' }, foreman.personId, { bays: [other] }),
      foreman.agent,
    ).expect(201);
  });
});

describe('who enters what', () => {
  const decision = (what: string, who: Joined) =>
    entry('decision', { at: NOW.toISOString(), what, reason: 'looked at it' }, who.personId, {
      bays: [{ bayId: velmora(NOW).site.bays.find((b) => b.zoneId === 'hall')?.id ?? '', share: 1 }],
    });
  const opened = (who: Joined) =>
    entry('opening', { at: NOW.toISOString(), to: 'rain', step: 'opened' }, who.personId);
  it('inspector and client accept and refuse; an applicator does not', async () => {
    await send(inspector.agent, decision('accepted', inspector)).expect(201);
    await send(client.agent, decision('refused', client)).expect(201);
    const refused = await send(applicator.agent, decision('accepted', applicator)).expect(403);
    expect(detail(refused)).toBe(
      'Only an owner, an estimator, a foreman, an inspector or a client may make this entry (decision)',
    );
  });
  it('a hold, and a gate taken over, are a foreman’s', async () => {
    await send(foreman.agent, decision('held', foreman)).expect(201);
    await send(foreman.agent, decision('released', foreman)).expect(201);
    for (const who of [applicator, inspector, client])
      await send(who.agent, decision('released', who)).expect(403);
  });
  it('that a roof is open to rain or feet is said by a foreman, not by those whom it is made for', async () => {
    for (const who of [applicator, inspector, client]) {
      const refused = await send(who.agent, opened(who)).expect(403);
      expect(detail(refused)).toBe('Only an owner, an estimator or a foreman may make this entry (opening)');
    }
    expect((await send(foreman.agent, opened(foreman))).status).not.toBe(403);
  });
});

/** Every field name in an answer. */
function fieldsOf(value: unknown, found = new Set<string>()): Set<string> {
  if (Array.isArray(value)) value.forEach((v) => fieldsOf(v, found));
  else if (typeof value === 'object' && value !== null)
    for (const [key, v] of Object.entries(value)) fieldsOf(v, found.add(key));
  return found;
}
const DOCUMENTS = ['survey', 'build-up', 'order', 'programme', 'site', 'weather', 'proving'];
const moneyIn = (value: unknown): string[] =>
  [...fieldsOf(value)].filter((f) => /price|cost|freight|wage|money|ratePerH/i.test(f));

describe('prices', () => {
  it('are in what the office reads, and in nothing that anybody else does', async () => {
    const seen = new Set<string>();
    for (const kind of DOCUMENTS) {
      const { body } = await estimator.agent.get(`${V1}/jobs/${job}/${kind}`).expect(200);
      moneyIn(body).forEach((f) => seen.add(f));
      for (const who of [foreman, applicator, inspector, client]) {
        const other = await who.agent.get(`${V1}/jobs/${job}/${kind}`).expect(200);
        expect(moneyIn(other.body), kind).toEqual([]);
      }
    }
    // The demo has prices of every sort, so that the test sees something.
    expect([...seen].sort()).toEqual(expect.arrayContaining(['costPerDay', 'price', 'ratePerH']));
    for (const field of seen) expect(MONEY_FIELDS, field).toContain(field);
    const library = await foreman.agent.get(`${V1}/library`).expect(200);
    expect(moneyIn(library.body)).toEqual([]);
  });
  it('are in no paper and no file that is handed over, whoever asks', async () => {
    const zip = await estimator.agent
      .get(`${V1}/jobs/${job}/handover.zip?zone=office`)
      .buffer(true)
      .parse(bytesOf)
      .expect(200);
    const files = unzipSync(new Uint8Array(zip.body as Buffer));
    const names = Object.keys(files).filter((n) => n.endsWith('.json'));
    expect(names).toContain('job/build-up.json');
    for (const name of names) {
      const text = new TextDecoder().decode(files[name]);
      expect(moneyIn(JSON.parse(text)), name).toEqual([]);
    }
  });
  it('leave all the rest as it is, instants and counts too', async () => {
    const strip = (value: unknown): unknown =>
      JSON.parse(
        JSON.stringify(value, (k, v: unknown) => (MONEY_FIELDS.has(k) ? undefined : k === 'offers' ? [] : v)),
      );
    for (const address of [
      `/jobs/${job}`,
      `/jobs/${job}/order`,
      `/jobs/${job}/build-up`,
      `/jobs/${job}/weather/series`,
    ]) {
      const [all, some] = [await estimator.agent.get(V1 + address), await client.agent.get(V1 + address)];
      expect(some.body, address).toEqual(strip(all.body));
    }
  });
  it('are not in the list of jobs, whose instants are instants', async () => {
    const [all, some] = [await estimator.agent.get(`${V1}/jobs`), await client.agent.get(`${V1}/jobs`)];
    const mine = (body: unknown) => (body as { jobs: { id: string }[] }).jobs.find((j) => j.id === job);
    expect(mine(some.body)).toEqual(mine(all.body));
    expect(mine(some.body)).toMatchObject({ createdAt: expect.stringMatching(/^\d{4}-/) as string });
  });
  it('stay as they are when somebody saves who does not see them', async () => {
    const address = `${V1}/jobs/${job}/programme`;
    const before = (await estimator.agent.get(address).expect(200)).body as {
      crews: { ratePerH?: object }[];
    };
    const { body, headers } = await foreman.agent.get(address).expect(200);
    const seen = body as { crews: { name: string }[] };
    const crews = seen.crews.map((c, i) => (i === 0 ? { ...c, name: 'Early crew' } : c));
    await foreman.agent
      .put(address)
      .set('If-Match', String(headers['etag']))
      .send({ ...seen, crews })
      .expect(200);
    const after = (await estimator.agent.get(address).expect(200)).body as { crews: { name: string }[] };
    expect(after.crews[0]?.name).toBe('Early crew');
    expect({ ...after, crews: after.crews.map((c, i) => ({ ...c, name: seen.crews[i]?.name })) }).toEqual(
      before,
    );
    expect(before.crews.some((c) => c.ratePerH)).toBe(true);
  });
  it('are not in the newest version that somebody hears of who was late', async () => {
    const address = `${V1}/jobs/${job}/programme`;
    const { body } = await foreman.agent.get(address).expect(200);
    const late = await foreman.agent
      .put(address)
      .set('If-Match', '"1"')
      .send(body as object)
      .expect(412);
    expect(fieldsOf(late.body)).toContain('newest');
    expect(moneyIn(late.body)).toEqual([]);
  });
  it('the record that people without prices read is chained as everybody’s', async () => {
    const read = async (agent: Agent) =>
      (
        (await agent.get(`${V1}/jobs/${job}/record?limit=2000`).expect(200)).body as {
          entries: StoredEntry[];
        }
      ).entries;
    expect(await read(client.agent)).toEqual(await read(estimator.agent));
  });
});

describe('a stream that is open', () => {
  it('is let go once the session is ended, the role is taken away or the account is closed', async () => {
    const context = { pool: firm.pool, mode: new FirmMode(firm.pool) } as Context;
    const { id, agent } = await firm.join('strea', 'foreman');
    const { body } = await agent.get(`${V1}/session`).expect(200);
    const devices = (await agent.get(`${V1}/session/devices`).expect(200)).body as {
      devices: { id: string }[];
    };
    const who = Who.signedIn((body as { account: Account }).account, devices.devices[0]?.id ?? '');
    const may = () => stillMay(context, who, 'read job', job);
    expect(await may()).toBe(true);
    const roles = (firmRole: string | null) =>
      firm.owner.put(`${V1}/accounts/${id}`).send({ name: 'Strea', firmRole, jobRoles: {} }).expect(200);
    await roles(null);
    expect(await may()).toBe(false);
    await roles('foreman');
    expect(await may()).toBe(true);
    await agent.post(`${V1}/session/end`).send({}).expect(204);
    expect(await may()).toBe(false);
  });
  it('of nobody’s machine ends when people begin to sign in', async () => {
    const context = { pool: firm.pool, mode: new FirmMode(firm.pool) } as Context;
    expect(await stillMay(context, Who.ALONE, 'read job', job)).toBe(false);
  });
});

it('whoever sits alone at the machine may do everything, and nobody nothing', () => {
  for (const right of ALL_RIGHTS) {
    expect(Who.ALONE.may(right, 'any'), right).toBe(true);
    expect(Who.NOBODY.may(right, 'any'), right).toBe(false);
  }
});
