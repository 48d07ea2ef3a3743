/** What is kept of a person is told; a name is replaced for good, and the record stays as it is. */
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeJobFile } from '@lentum/core/jobfile';
import type { Entry } from '@lentum/core/record';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { pseudonymOf } from '../src/people/keeping.ts';
import { detail, NOW, V1 } from './support/api.ts';
import { personFileSchema } from '../src/people/file.ts';
import { openFirm, PASSWORD, type FirmHouse, type Joined } from './support/firm.ts';

let firm: FirmHouse;
let job = '';
let anna: Joined;
let rain: Entry;
beforeAll(async () => {
  firm = await openFirm('lentum_test_forgotten');
  job = randomUUID();
  const file = writeJobFile(velmora(NOW), DEMO_ANCHOR);
  await firm.owner.put(`${V1}/jobs/${job}/file`).send(file).expect(201);
  anna = await firm.join('anna', 'applicator');
  rain = {
    ...{
      form: 2,
      kind: 'event',
      version: 1,
      id: randomUUID(),
      personId: anna.personId,
      deviceId: 'd',
      bays: [],
    },
    ...{ madeAt: NOW.toISOString(), zoneId: 'hall', attachments: [] },
    body: { at: NOW.toISOString(), what: 'rain' },
  } as unknown as Entry;
  await anna.agent.put(`${V1}/jobs/${job}/record/${rain.id}`).send(rain).expect(201);
});
afterAll(() => firm.end());

const checked = async (): Promise<{ whole: boolean; lastHash: string }> =>
  (await firm.owner.get(`${V1}/jobs/${job}/record-check`).expect(200)).body as {
    whole: boolean;
    lastHash: string;
  };

describe('what is kept of a person', () => {
  it('is theirs to read, and an owner’s, and nobody else’s', async () => {
    const own = await anna.agent.get(`${V1}/people/${anna.personId}/file`).expect(200);
    expect(own.body).toMatchObject({
      format: 'lentum-person',
      person: { id: anna.personId, name: 'anna' },
      account: { id: anna.id, login: 'anna', firmRole: 'applicator' },
      entries: [{ jobId: job, job: velmora(NOW).job.name, entry: { id: rain.id } }],
      devices: [{}],
    });
    const file = personFileSchema.parse(own.body);
    expect(file, 'all that is told is described').toEqual(own.body);
    const { log } = file;
    expect(log.map((l) => [l.what, l.didIt])).toEqual([
      ['account made', false],
      ['code made', false],
      ['code used', true],
    ]);
    expect(JSON.stringify(own.body)).not.toMatch(/argon2|passwordHash|cookie/i);
    await firm.owner.get(`${V1}/people/${anna.personId}/file`).expect(200);
    const fritz = await firm.join('fritz', 'foreman');
    await fritz.agent.get(`${V1}/people/${anna.personId}/file`).expect(403);
    await firm.owner.get(`${V1}/people/${randomUUID()}/file`).expect(404);
  });
});

describe('a name that is replaced', () => {
  it('is that of somebody who cannot come in any more', async () => {
    const refused = await firm.owner.post(`${V1}/people/${anna.personId}/forget`).send({});
    expect([refused.status, detail(refused)]).toEqual([
      409,
      'The account of this person is open; close it first',
    ]);
    await anna.agent.post(`${V1}/people/${anna.personId}/forget`).send({}).expect(403);
  });
  it('is gone wherever it stood, and the record and its hashes are as they were', async () => {
    const before = await checked();
    const { code } = (await firm.owner.post(`${V1}/accounts/${anna.id}/code`).send({}).expect(200)).body as {
      code: string;
    };
    await firm.owner.post(`${V1}/accounts/${anna.id}/closed`).send({ closed: true }).expect(200);
    const { body } = await firm.owner.post(`${V1}/people/${anna.personId}/forget`).send({}).expect(200);
    expect(body).toEqual({ id: anna.personId, name: pseudonymOf(anna.personId) });
    expect((body as { name: string }).name).toMatch(/^Person [0-9a-f]{6}$/);
    expect(await checked()).toEqual({ ...before });
    for (const path of ['/people', '/accounts', `/jobs/${job}/record?after=170`, '/security-log']) {
      const answer = await firm.owner.get(`${V1}${path}`).expect(200);
      expect(JSON.stringify(answer.body)).not.toContain('"anna"');
    }
    const record = await firm.owner.get(`${V1}/jobs/${job}/record?after=170`).expect(200);
    const { people, entries } = record.body as { people: object[]; entries: { entry: { id: string } }[] };
    expect(people).toContainEqual({ id: anna.personId, name: pseudonymOf(anna.personId) });
    expect(entries.map((e) => e.entry.id)).toContain(rain.id);
    // What they signed in with is gone as well, and so is a code that was made for them.
    await firm.browser().post(`${V1}/session`).send({ login: 'anna', password: PASSWORD }).expect(401);
    await firm.owner.post(`${V1}/accounts/${anna.id}/closed`).send({ closed: false }).expect(200);
    await firm.browser().post(`${V1}/codes/look`).send({ code }).expect(404);
  });
  it('does not come back: not by an owner, a file, or an account', async () => {
    const named = await firm.owner.put(`${V1}/people/${anna.personId}`).send({ name: 'anna' });
    expect([named.status, detail(named)]).toEqual([409, 'The name of this person was replaced for good']);
    await firm.owner
      .put(`${V1}/accounts/${anna.id}`)
      .send({ name: 'anna', firmRole: 'applicator', jobRoles: {} })
      .expect(409);
    const content = velmora(NOW);
    const people = [...content.people, { id: anna.personId, name: 'anna' }];
    const file = writeJobFile({ ...content, people }, DEMO_ANCHOR);
    await firm.owner.put(`${V1}/jobs/${randomUUID()}/file`).send(file).expect(201);
    const { body } = await firm.owner.get(`${V1}/people`).expect(200);
    expect(JSON.stringify(body)).not.toContain('"anna"');
  });
  it('and one who never had an account is forgotten as they are', async () => {
    const others = async () =>
      ((await firm.owner.get(`${V1}/accounts`).expect(200)).body as { others: { personId: string }[] })
        .others;
    const before = await others();
    expect(before).toContainEqual(expect.objectContaining({ personId: 'velmora-ines', forgottenAt: null }));
    expect(before.map((p) => p.personId)).not.toContain(anna.personId);
    const { body } = await firm.owner.post(`${V1}/people/velmora-ines/forget`).send({}).expect(200);
    expect(body).toEqual({ id: 'velmora-ines', name: pseudonymOf('velmora-ines') });
    expect(await others()).toContainEqual({
      personId: 'velmora-ines',
      name: pseudonymOf('velmora-ines'),
      forgottenAt: NOW.toISOString(),
    });
    expect((await checked()).whole).toBe(true);
  });
});
