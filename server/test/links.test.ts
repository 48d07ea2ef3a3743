/** Links to share: one job is read by somebody without an account, until a day, counted, and ended at once. */
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeJobFile } from '@lentum/core/jobfile';
import { MONEY_FIELDS } from '@lentum/core/access';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { FirmMode } from '../src/access/firmmode.ts';
import { stillMay } from '../src/access/still.ts';
import { Who } from '../src/access/who.ts';
import type { Context } from '../src/http/routes.ts';
import { detail, NOW, V1 } from './support/api.ts';
import { openFirm, type Agent, type FirmHouse } from './support/firm.ts';

let firm: FirmHouse;
let job = '';
let other = '';
let now = NOW;
beforeAll(async () => {
  firm = await openFirm('lentum_test_links', { now: () => now });
  job = randomUUID();
  await firm.owner
    .put(`${V1}/jobs/${job}/file`)
    .send(writeJobFile(velmora(NOW), DEMO_ANCHOR))
    .expect(201);
  other = await firm.startJob();
});
afterAll(() => firm.end());

interface Made {
  readonly id: string;
  readonly secret: string;
  readonly until: string;
}
async function make(more: object = {}, by: Agent = firm.owner): Promise<Made> {
  const link = { opens: 'handover', forWhom: 'The harbour office', days: 7, ...more };
  return (await by.post(`${V1}/jobs/${job}/links`).send(link).expect(201)).body as Made;
}
async function open(secret: string): Promise<Agent> {
  const guest = firm.browser();
  await guest.post(`${V1}/shared/open`).send({ secret }).expect(200);
  return guest;
}
const linksOf = async () =>
  (
    (await firm.owner.get(`${V1}/jobs/${job}/links`).expect(200)).body as {
      links: {
        id: string;
        opened: number;
        openedAt: string | null;
        endedAt: string | null;
        madeBy: string;
      }[];
    }
  ).links;

describe('a link', () => {
  it('lets its reader see that one job, without prices, and change nothing', async () => {
    const { secret } = await make();
    const guest = firm.browser();
    const { body } = await guest.post(`${V1}/shared/open`).send({ secret }).expect(200);
    expect(body).toMatchObject({ mode: 'firm', guest: { jobId: job, opens: 'handover' } });
    expect((body as { account?: unknown }).account).toBe(undefined);
    const { body: order } = await guest.get(`${V1}/jobs/${job}/build-up`).expect(200);
    for (const field of MONEY_FIELDS) expect(JSON.stringify(order)).not.toContain(`"${field}"`);
    await guest.get(`${V1}/jobs/${other}/survey`).expect(404);
    const listed = (await guest.get(`${V1}/jobs`).expect(200)).body as { jobs: { id: string }[] };
    expect(listed.jobs.map((j) => j.id)).toEqual([job]);
    const refused = await guest.put(`${V1}/jobs/${job}/survey`).send({ zones: [] });
    expect([refused.status, detail(refused)]).toEqual([
      403,
      'Only an owner, an estimator or a foreman may change the survey',
    ]);
    // They make no entries, and no account is theirs.
    await guest.put(`${V1}/jobs/${job}/record/${randomUUID()}`).send({}).expect(403);
    await guest.get(`${V1}/session/devices`).expect(403);
    await guest.put(`${V1}/people/${randomUUID()}`).send({ name: 'Somebody' }).expect(403);
  });
  it('is counted, and listed with who made it', async () => {
    const fritz = await firm.join('fritz', 'foreman');
    const { id, secret } = await make({ forWhom: 'The architect' }, fritz.agent);
    await open(secret);
    await open(secret);
    expect((await linksOf()).find((l) => l.id === id)).toMatchObject({
      ...{ forWhom: 'The architect', madeBy: 'fritz', opened: 2, endedAt: null },
      openedAt: NOW.toISOString(),
    });
    expect(JSON.stringify(await linksOf())).not.toContain(secret);
  });
  it('is ended at once: whoever is in by it is out, and a stream of theirs ends', async () => {
    const { id, secret } = await make();
    const guest = await open(secret);
    const { rows } = await firm.pool.query<{ id: string }>(
      `SELECT sess ->> 'listedId' AS id FROM session WHERE sess ->> 'linkId' = $1`,
      [id],
    );
    const context = { pool: firm.pool, mode: new FirmMode(firm.pool), now: () => now } as unknown as Context;
    const who = Who.guest({ id, jobId: job, opens: 'job', until: now }, rows[0]?.id);
    const may = () => stillMay(context, who, 'read job', job);
    expect(await may()).toBe(true);
    expect(await stillMay(context, who, 'read job', other)).toBe(false);
    await firm.owner.post(`${V1}/jobs/${job}/links/${id}/end`).send({}).expect(204);
    expect(await may()).toBe(false);
    await guest.get(`${V1}/jobs/${job}/survey`).expect(401);
    await firm.browser().post(`${V1}/shared/open`).send({ secret }).expect(404);
    await firm.owner.post(`${V1}/jobs/${job}/links/${id}/end`).send({}).expect(404);
  });
  it('of another job is not ended from this one', async () => {
    const { id, secret } = await make();
    await firm.owner.post(`${V1}/jobs/${other}/links/${id}/end`).send({}).expect(404);
    await (await open(secret)).get(`${V1}/jobs/${job}/survey`).expect(200);
  });
  it('ends with its day, also for whoever is in', async () => {
    const { secret, until } = await make({ days: 1 });
    expect(Date.parse(until) - NOW.getTime()).toBe(86_400_000);
    const guest = await open(secret);
    now = new Date(NOW.getTime() + 86_400_000);
    try {
      const late = await guest.get(`${V1}/jobs/${job}/survey`);
      expect([late.status, detail(late)]).toEqual([401, 'Sign in first']);
      await firm.browser().post(`${V1}/shared/open`).send({ secret }).expect(404);
    } finally {
      now = NOW;
    }
  });
  it('that is guessed is refused, counted and logged', async () => {
    const guess = await firm
      .browser()
      .post(`${V1}/shared/open`)
      .send({ secret: 'a'.repeat(32) });
    expect([guess.status, detail(guess)]).toEqual([
      404,
      'This link is not good: it was ended, its time is over, or a part of it is missing. Ask whoever gave it to you',
    ]);
    const { body } = await firm.owner.get(`${V1}/security-log?limit=500`).expect(200);
    const what = (body as { events: { what: string }[] }).events.map((e) => e.what);
    expect(what).toEqual(expect.arrayContaining(['wrong link', 'link made', 'link opened', 'link ended']));
  });
  it('is left by its reader', async () => {
    const guest = await open((await make()).secret);
    await guest.post(`${V1}/session/end`).send({}).expect(204);
    await guest.get(`${V1}/jobs/${job}/survey`).expect(401);
  });
});
