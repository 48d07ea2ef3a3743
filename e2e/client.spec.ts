/** A program of somebody else: what it knows of the server is the generated client. */
import { randomUUID } from 'node:crypto';
import { bodyOf, lentumClient, Refused, versionOf, type components } from '@lentum/client';
import { velmora } from '@lentum/demo';
import { expect, freshDemo, test } from './support.ts';

type Parts = components['schemas'];
/** As another program has it out of a file. */
const read = <K extends keyof Parts>(value: unknown): Parts[K] =>
  JSON.parse(JSON.stringify(value)) as Parts[K];

test('the generated client starts a job, brings a survey, is refused in a sentence, and reads what follows from it', async ({
  baseURL,
}) => {
  const lentum = lentumClient({ at: baseURL ?? '' });
  const { survey, buildUp, job } = velmora(new Date());
  const params = { path: { jobId: randomUUID() } };
  const body = { name: 'From outside', place: '', timeZone: job.timeZone, units: 'metric' as const };
  await lentum.PUT('/jobs/{jobId}', { params, body });

  const empty = await lentum.GET('/jobs/{jobId}/survey', { params });
  expect(bodyOf(empty).zones).toEqual([]);
  const write = async (version: number): Promise<number | undefined> => {
    const header = { 'If-Match': `"${version}"` };
    return versionOf(
      await lentum.PUT('/jobs/{jobId}/survey', {
        params: { ...params, header },
        body: read<'survey'>(survey),
      }),
    );
  };
  const first = versionOf(empty) ?? 0;
  const second = await write(first);
  expect(second).toBe(first + 1);
  // Somebody wrote in between: nothing is overwritten, and it is said.
  const refused = await write(first).catch((error: unknown) => error);
  expect(refused).toBeInstanceOf(Refused);
  expect((refused as Refused).status).toBe(412);
  expect((refused as Refused).message).toMatch(/^[A-Z].*version/);

  const builtOn = await lentum.GET('/jobs/{jobId}/build-up', { params });
  const header = { 'If-Match': `"${versionOf(builtOn) ?? 0}"` };
  await lentum.PUT('/jobs/{jobId}/build-up', {
    params: { ...params, header },
    body: read<'buildUps'>(buildUp),
  });
  const order = await lentum.GET('/jobs/{jobId}/order.csv', { params, parseAs: 'text' });
  expect(bodyOf(order).split('\r\n').length).toBeGreaterThan(30);
  const today = bodyOf(await lentum.GET('/jobs/{jobId}/today', { params: { ...params, query: {} } }));
  expect(today.bays).toEqual([]);

  // @ts-expect-error there is no such address
  await expect(lentum.GET('/jobs/{jobId}/weather-of-yesterday', { params })).rejects.toBeInstanceOf(Refused);
});

test('a call is tried on its page: asked, written after a question, refused in a sentence', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto('/settings');
  await page.getByRole('link', { name: 'Try a call' }).click();
  const answer = page.getByRole('region', { name: 'Answer' });
  await page.getByRole('button', { name: 'Ask' }).click();
  await expect(answer.getByRole('status')).toContainText('200 OK');
  await expect(answer).toContainText('Velmora ferry terminal');
  const choose = async (call: string): Promise<void> => {
    await page.getByRole('combobox', { name: 'Call', exact: true }).fill(call);
    await page.getByRole('option', { name: call, exact: true }).click();
  };
  await choose('PUT /jobs/{jobId}/archived');
  await expect(page.getByText('jobId: nothing was entered; the call needs it.')).toBeVisible();
  await page.getByRole('textbox', { name: 'jobId' }).fill(id);
  const body = page.getByRole('textbox', { name: 'Body, JSON' });
  await expect(body).toHaveValue(/"archived": true/);
  await body.fill('{"archived":"yes"}');
  await expect(page.getByRole('region', { name: 'As a command' })).toContainText(
    `/api/v1/jobs/${id}/archived`,
  );
  await page.getByRole('button', { name: 'Send …' }).click();
  await page.getByRole('button', { name: 'Send it' }).click();
  await expect(answer.getByRole('status')).toContainText('422');
  await expect(answer).toContainText('archived');
  // What was entered stays for the next call.
  await choose('GET /jobs/{jobId}/areas.csv');
  await page.getByRole('button', { name: 'Ask' }).click();
  await expect(answer).toContainText('zone,code,figure,value,unit');
  await choose('POST /compute/dew-point');
  await page.getByRole('button', { name: 'Ask' }).click();
  await expect(answer).toContainText('"dewPoint"');
  await choose('PUT /jobs/{jobId}/archived');
  await expect(body).toHaveValue('{"archived":"yes"}');
  await choose('GET /jobs/{jobId}/live');
  await expect(page.getByText('Its answer has no end')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Ask' })).toHaveCount(0);
});
