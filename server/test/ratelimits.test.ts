/** One address that asks too often is told to wait; another is not held up by it. */
import request from 'supertest';
import { describe, expect, it } from 'vitest';
import { ROUTES } from '../src/http/allroutes.ts';
import { createApp } from '../src/http/app.ts';
import { costOf } from '../src/http/ratelimits.ts';
import { detail, NOW, pool, V1 } from './support/api.ts';

const few = () =>
  request(createApp({ pool, now: () => NOW, perMinute: { plain: 3, heavy: 2, file: 1 }, behindProxy: true }));

describe('an address that asks too often', () => {
  it('gets 429 with the seconds to wait, and its other requests and other addresses go on', async () => {
    const own = few();
    const ask = (path: string, from = '10.0.0.1') => own.get(`${V1}${path}`).set('X-Forwarded-For', from);
    for (let i = 0; i < 3; i += 1) await ask('/jobs').expect(200);
    const late = await ask('/jobs')
      .expect(429)
      .expect('Content-Type', /problem\+json/);
    expect(detail(late)).toMatch(/^Too many requests from this address; try again in \d+ s$/);
    expect(Number(late.headers['retry-after'])).toBeGreaterThan(0);
    await ask('/people').expect(429);
    await ask('/jobs/none/file').expect(404);
    await ask('/jobs/none/file').expect(429);
    await ask('/jobs/none/today').expect(404);
    await ask('/jobs', '10.0.0.2').expect(200);
    await ask('/health').expect(200);
    await ask('/ready').expect(200);
  });
});

describe('what a request costs', () => {
  it('is told for every route: bytes and whole jobs, computations, the rest', () => {
    const ofCost = (cost: string): string[] =>
      ROUTES.filter((r) => costOf(r) === cost).map((r) => `${r.method} ${r.path}`);
    expect(ofCost('file')).toEqual([
      'get /jobs/{jobId}/handover.pdf',
      'post /jobs/{jobId}/handover/tasks',
      'get /jobs/{jobId}/upkeep/sheet.pdf',
      'get /jobs/{jobId}/handover.zip',
      'get /people/{personId}/file',
      'put /jobs/{jobId}/pictures/{sha256}',
      'get /library/{buildUpId}/file',
      'put /papers/{sha256}',
      'post /printouts/pdf',
      'get /jobs/{jobId}/file',
      'put /jobs/{jobId}/file',
      'get /tasks/{taskId}/file',
    ]);
    expect(ofCost('heavy').filter((r) => !r.startsWith('post /compute/'))).toEqual([
      'get /jobs/{jobId}/order.csv',
      'get /jobs/{jobId}/courses.csv',
      'get /jobs/{jobId}/pieces.csv',
      'get /jobs/{jobId}/today',
      'get /jobs/{jobId}/closings.ics',
      'get /jobs/{jobId}/morning',
      'post /firm/weather-sources/try',
    ]);
    expect(ofCost('plain')).toContain('put /jobs/{jobId}/record/{entryId}');
  });
});
