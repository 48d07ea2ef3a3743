/**
 * Every address asked by everybody: what a role may is written here by hand, address by address, apart from the table in
 * the code. An address that is not in the list fails.
 */
import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Response } from 'supertest';
import { ROUTES } from '../src/http/allroutes.ts';
import { detail, V1 } from './support/api.ts';
import { openFirm, type Agent, type FirmHouse } from './support/firm.ts';

/** Owner, estimator, foreman, applicator, inspector of the firm; client of the job; guest, by a link to the job. */
const LETTERS = 'OEFAICG';
/** By address: who may. '*' is anybody, signed in or not; '+' whoever has signed in or came by a link. */
const MAY: Readonly<Record<string, string>> = {
  'get /jobs': '+',
  'get /jobs/{jobId}': 'OEFAICG',
  'put /jobs/{jobId}': 'OE',
  'put /jobs/{jobId}/archived': 'OE',
  'get /jobs/{jobId}/links': 'OEF',
  'post /jobs/{jobId}/links': 'OEF',
  'post /jobs/{jobId}/links/{linkId}/end': 'OEF',
  'get /jobs/{jobId}/survey': 'OEFAICG',
  'put /jobs/{jobId}/survey': 'OEF',
  'get /jobs/{jobId}/plan.json': 'OEFAICG',
  'get /jobs/{jobId}/plan.geojson': 'OEFAICG',
  'get /jobs/{jobId}/plan.dxf': 'OEFAICG',
  'get /jobs/{jobId}/areas.csv': 'OEFAICG',
  'get /jobs/{jobId}/build-up': 'OEFAICG',
  'put /jobs/{jobId}/build-up': 'OE',
  'get /jobs/{jobId}/order': 'OEFAICG',
  'put /jobs/{jobId}/order': 'OE',
  'get /jobs/{jobId}/order.csv': 'OEFAICG',
  'get /jobs/{jobId}/courses.csv': 'OEFAICG',
  'get /jobs/{jobId}/pieces.csv': 'OEFAICG',
  'get /jobs/{jobId}/programme': 'OEFAICG',
  'put /jobs/{jobId}/programme': 'OEF',
  'get /jobs/{jobId}/proving': 'OEFAICG',
  'put /jobs/{jobId}/proving': 'OEF',
  'get /batches': 'OEF',
  'get /jobs/{jobId}/days': 'OE',
  'post /compute/programme': 'OEFAICG',
  'get /jobs/{jobId}/programme.ics': 'OEFAICG',
  'get /jobs/{jobId}/site': 'OEFAICG',
  'put /jobs/{jobId}/site': 'OEF',
  'get /jobs/{jobId}/today': 'OEFAICG',
  'get /jobs/{jobId}/closings.ics': 'OEFAICG',
  'get /jobs/{jobId}/morning': 'OEFAICG',
  'get /jobs/{jobId}/weather': 'OEFAICG',
  'put /jobs/{jobId}/weather': 'OEF',
  'get /jobs/{jobId}/weather/series': 'OEFAICG',
  'post /jobs/{jobId}/weather/fetch': 'OEFAICG',
  'get /jobs/{jobId}/weather/reading': 'OEFAICG',
  'get /jobs/{jobId}/weather/readings': 'OEFAICG',
  'put /jobs/{jobId}/weather/series/{seriesId}': 'OEF',
  'post /jobs/{jobId}/weather/series/{seriesId}/withdraw': 'OEF',
  'get /jobs/{jobId}/record': 'OEFAICG',
  'put /jobs/{jobId}/record/{entryId}': 'OEFAIC',
  'get /jobs/{jobId}/receipts': 'OEFAICG',
  'post /jobs/{jobId}/receipts': 'OEFAICG',
  'post /jobs/{jobId}/receipts/compare': 'OEFAICG',
  'get /jobs/{jobId}/record-check': 'OEFAICG',
  'get /jobs/{jobId}/record.csv': 'OEFAICG',
  'get /jobs/{jobId}/handover': 'OEFAICG',
  'get /jobs/{jobId}/handover.pdf': 'OEFAICG',
  'post /jobs/{jobId}/handover/tasks': 'OEFAICG',
  'get /jobs/{jobId}/handover.zip': 'OEFAICG',
  'get /jobs/{jobId}/standing': 'OEFAICG',
  'get /jobs/{jobId}/upkeep': 'OEFAICG',
  'get /jobs/{jobId}/upkeep.ics': 'OEFAICG',
  'get /jobs/{jobId}/upkeep/sheet': 'OEFAICG',
  'get /jobs/{jobId}/upkeep/sheet.pdf': 'OEFAICG',
  'get /jobs/{jobId}/live': 'OEFAICG',
  'get /people': 'OEFA',
  'put /people/{personId}': 'OEFAIC',
  'get /people/{personId}/file': 'O',
  'post /people/{personId}/forget': 'O',
  'put /jobs/{jobId}/pictures/{sha256}': 'OEFAIC',
  'get /jobs/{jobId}/pictures/{sha256}': 'OEFAICG',
  'get /firm/practice': 'OEFA',
  'put /firm/practice': 'OE',
  'get /firm/weather-hosts': 'OEFA',
  'post /firm/weather-hosts/allow': 'O',
  'post /firm/weather-hosts/disallow': 'O',
  'get /firm/weather-sources': 'OEFA',
  'put /firm/weather-sources/{sourceId}': 'OE',
  'post /firm/weather-sources/{sourceId}/put-away': 'OE',
  'post /firm/weather-sources/try': 'OE',
  'get /jobs/{jobId}/weather/sources': 'OEFAICG',
  'get /session': '*',
  'post /firm/accounts': 'O',
  'post /session': '*',
  'post /session/end': '+',
  'get /session/devices': 'OEFAIC',
  'post /session/devices/{sessionId}/end': 'OEFAIC',
  'put /session/password': 'OEFAIC',
  'get /session/passkeys': 'OEFAIC',
  'post /session/passkeys/options': 'OEFAIC',
  'post /session/passkeys': 'OEFAIC',
  'post /session/passkeys/{passkeyId}/end': 'OEFAIC',
  'post /passkeys/options': '*',
  'post /passkeys/sign-in': '*',
  'post /codes/look': '*',
  'post /codes/use': '*',
  'post /codes/use-device': '*',
  'post /shared/open': '*',
  'get /server': 'O',
  'put /session/key': 'OEFAIC',
  'post /session/device-code': 'OEFAIC',
  'get /accounts/{accountId}/devices': 'O',
  'post /accounts/{accountId}/devices/{sessionId}/end': 'O',
  'post /accounts/{accountId}/device-code': 'O',
  'get /accounts': 'O',
  'put /accounts/{accountId}': 'O',
  'post /accounts/{accountId}/code': 'O',
  'post /accounts/{accountId}/closed': 'O',
  'post /accounts/{accountId}/sign-out': 'O',
  'get /security-log': 'O',
  'get /firm/mail': 'O',
  'post /accounts/{accountId}/code/mail': 'O',
  'get /firm/signatures': 'O',
  'put /firm/signatures': 'O',
  'get /library': 'OEFA',
  'get /library/{buildUpId}': 'OEFA',
  'put /library/{buildUpId}': 'OE',
  'get /library/{buildUpId}/revisions': 'OEFA',
  'post /library/{buildUpId}/revisions': 'OE',
  'get /library/{buildUpId}/revisions/{revision}': 'OEFA',
  'get /library/{buildUpId}/file': 'OE',
  'post /library/{buildUpId}/away': 'OE',
  'put /papers/{sha256}': 'OE',
  'get /papers/{sha256}': 'OEFAICG',
  'post /printouts/pdf': 'OEFAICG',
  'get /jobs/{jobId}/file': 'OE',
  'put /jobs/{jobId}/file': 'OE',
  'get /tasks/{taskId}': '+',
  'get /tasks/{taskId}/file': '+',
  'post /tasks/{taskId}/cancel': '+',
  'post /tasks/{taskId}/again': '+',
  'put /demo/{jobId}': 'OE',
  'get /instruments': 'OEFAIC',
  'post /instruments/{instrumentId}/readings': 'OEFAIC',
};

const addressOf = (r: { method: string; path: string }): string => `${r.method} ${r.path}`;
const mayOf = (address: string): string | undefined =>
  MAY[address] ?? (address.startsWith('post /compute/') ? 'OEFAICG' : undefined);

let firm: FirmHouse;
let job = '';
let other = '';
const people = new Map<string, Agent>();
beforeAll(async () => {
  firm = await openFirm('lentum_test_roles');
  job = await firm.startJob();
  other = await firm.startJob();
  people.set('O', firm.owner);
  for (const [letter, role] of [
    ['E', 'estimator'],
    ['F', 'foreman'],
    ['A', 'applicator'],
    ['I', 'inspector'],
  ] as const)
    people.set(letter, (await firm.join(role, role)).agent);
  people.set('C', (await firm.join('client', null, { [job]: 'client' })).agent);
  const link = { opens: 'job', forWhom: 'the neighbour', days: 30 };
  const { body } = await firm.owner.post(`${V1}/jobs/${job}/links`).send(link).expect(201);
  const guest = firm.browser();
  await guest
    .post(`${V1}/shared/open`)
    .send({ secret: (body as { secret: string }).secret })
    .expect(200);
  people.set('G', guest);
});
afterAll(() => firm.end());

/** Asks an address with nothing in the body: whoever may is told what is missing. */
function ask(agent: Agent, method: string, path: string, jobId: string): Promise<Response> {
  const address = path
    .replace('{jobId}', jobId)
    .replace('{revision}', '1')
    .replace('{sha256}', 'f'.repeat(64))
    .replace(/\{\w+\}/g, () => randomUUID());
  const asked = agent[method as 'get' | 'put' | 'post'](`${V1}${address}`);
  return Promise.resolve(method === 'get' ? asked : asked.set('Content-Type', 'application/json').send('{}'));
}

/** The demo needs no body: it is started under an id of its own, not in place of the job. */
const jobFor = (path: string, jobId: string): string => (path.startsWith('/demo') ? randomUUID() : jobId);

describe('every address', () => {
  it('is in the list, and the list has no other', () => {
    const all = ROUTES.map(addressOf);
    expect(all.filter((a) => mayOf(a) === undefined)).toEqual([]);
    expect(Object.keys(MAY).filter((a) => !all.includes(a))).toEqual([]);
  });
  it.each(ROUTES.map((r) => [addressOf(r), r] as const))('%s', async (address, { method, path }) => {
    const may = mayOf(address) ?? '';
    if (address === 'post /session/end') return;
    const nobody = await ask(firm.browser(), method, path, jobFor(path, job));
    if (may === '*') expect(nobody.status).not.toBe(401);
    else expect([nobody.status, detail(nobody)]).toEqual([401, 'Sign in first']);
    for (const letter of LETTERS) {
      const agent = people.get(letter);
      if (!agent) throw new Error(letter);
      const answer = await ask(agent, method, path, jobFor(path, job));
      const says = `${letter} ${address}: ${answer.status} ${answer.text?.slice(0, 200)}`;
      // On a job that a client does not have, or a demo that is not there yet, even the job is not told of.
      const refused = answer.status === 403 || (answer.status === 404 && /^Job: /.test(detail(answer)));
      expect(answer.status, says).not.toBe(401);
      expect(answer.status, says).toBeLessThan(answer.status === 503 ? 504 : 500);
      if (may === '*' || may === '+' || may.includes(letter)) expect(answer.status, says).not.toBe(403);
      else expect(refused, says).toBe(true);
    }
  });
  it.each([
    ['client', 'C'],
    ['guest', 'G'],
  ])('with the id of another job is the same to a %s as a job that is not there', async (_name, letter) => {
    const client = people.get(letter);
    if (!client) throw new Error(letter);
    const none = randomUUID();
    for (const { method, path } of ROUTES.filter(
      (r) => r.path.includes('{jobId}') && !r.path.startsWith('/demo'),
    )) {
      const swapped = await ask(client, method, path, other);
      const missing = await ask(client, method, path, none);
      expect(swapped.status, `${method} ${path}`).toBe(404);
      expect(detail(swapped).replace(other, '?')).toBe(detail(missing).replace(none, '?'));
    }
    const { body } = await client.get(`${V1}/jobs`).expect(200);
    expect((body as { jobs: { id: string }[] }).jobs.map((j) => j.id)).toEqual([job]);
  });
});
