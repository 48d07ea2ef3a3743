/** The firm's numbers of practice: versions, refusals, and the jobs that begin with them. */
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { practiceOf } from '@lentum/core/practice';
import { api, V1 } from './support/api.ts';

const PATH = `${V1}/firm/practice`;
const RULE = [{ key: 'moisturePrimed', value: 5, says: 'our rule of 2024' }];
const HEAD = { name: 'A roof', place: '', timeZone: 'Etc/GMT', units: 'metric' };
const put = (version: number, body: unknown) =>
  api
    .put(PATH)
    .set('If-Match', `"${version}"`)
    .send(body as object);
const version = async (): Promise<number> =>
  ((await api.get(PATH).expect(200)).body as { version: number }).version;
let begun = 0;

beforeAll(async () => {
  begun = await version();
});
afterAll(async () => {
  await put(await version(), []).expect(200);
});

describe('the numbers of the firm', () => {
  it('are kept by versions; who wrote from an older one is told', async () => {
    const { body, headers } = await put(begun, RULE).expect(200);
    expect(body).toEqual({ version: begun + 1, settings: RULE });
    expect(headers['etag']).toBe(`"${begun + 1}"`);
    expect((await api.get(PATH).expect(200)).body).toEqual({ version: begun + 1, settings: RULE });
    await put(begun, []).expect(412);
    await api.put(PATH).send(RULE).expect(428);
  });
  it.each([
    ['out of its range', [{ key: 'moisturePrimed', value: 50, says: 'x' }], 'from 0 to 12'],
    ['without a source', [{ key: 'moisturePrimed', value: 5, says: '' }], 'says'],
    ['that is none', [{ key: 'moon', value: 5, says: 'x' }], 'key'],
    ['twice', [...RULE, ...RULE], 'each number of practice once'],
  ])('a number %s is refused with one sentence, and nothing is changed', async (_, body, says) => {
    const before = await version();
    const answer = await put(before, body);
    expect([400, 422]).toContain(answer.status);
    expect(JSON.stringify(answer.body)).toContain(says);
    expect(await version()).toBe(before);
  });
  it('a new job begins with them and keeps them; the same request again is the same job', async () => {
    await put(await version(), RULE).expect(200);
    const id = randomUUID();
    await api.put(`${V1}/jobs/${id}`).send(HEAD).expect(201);
    await api.put(`${V1}/jobs/${id}`).send(HEAD).expect(200);
    const rules = async () =>
      ((await api.get(`${V1}/jobs/${id}`).expect(200)).body as { job: { rules?: { practice: never } } }).job
        .rules;
    const held = (await rules())!;
    expect(held.practice).toEqual([{ ...RULE[0], says: 'firm: our rule of 2024' }]);
    expect(practiceOf(held.practice).moisturePrimed).toMatchObject({ value: 5, source: 'chosen' });
    await put(await version(), [{ ...RULE[0]!, value: 4 }]).expect(200);
    expect(await rules()).toEqual(held);
  });
  it('a job that says its own has its own', async () => {
    const id = randomUUID();
    const rules = { practice: [], holdPoints: ['details'] };
    await api
      .put(`${V1}/jobs/${id}`)
      .send({ ...HEAD, rules })
      .expect(201);
    expect((await api.get(`${V1}/jobs/${id}`).expect(200)).body).toMatchObject({ job: { rules } });
  });
});
