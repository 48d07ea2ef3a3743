/** The firm's morning: the jobs in one list, in order of what missing them costs. */
import { randomUUID } from 'node:crypto';
import { emptyJob, expect, ownDemo, test } from './support.ts';

test('jobs say what can be done and what waits, in order of cost; copies are told apart; one is found by its place', async ({
  page,
}) => {
  // A job of its own: a demo is put away when another test starts one.
  const tag = randomUUID().slice(0, 8);
  const place = `Velmora quay ${tag}`;
  const id = await ownDemo(page, (demo) => ({ ...demo, job: { ...demo.job, place } }));
  const { job: head } = (await (await page.request.get(`/api/v1/jobs/${id}`)).json()) as { job: object };
  expect((await page.request.post(`/api/v1/jobs/${id}/weather/fetch`, { data: {} })).status()).toBe(200);
  const copyOf = async (name: string, place: string): Promise<void> => {
    const r = await page.request.put(`/api/v1/jobs/${randomUUID()}`, {
      data: { ...head, name, place },
    });
    expect(r.status()).toBe(201);
  };
  await copyOf(`Copied terminal ${tag}`, 'North quay');
  await copyOf(`Copied terminal ${tag}`, 'North quay');
  await emptyJob(page);

  await page.goto('/jobs');
  const find = page.getByRole('textbox', { name: 'Find a job by name or place' });
  await find.fill(`COPIED TERMINAL ${tag}`);
  const jobs = page.locator('ul.jobs > li');
  await expect(jobs).toHaveCount(2);
  await expect(page.getByText(/^1 of 2 of this name, started /)).toHaveCount(1);
  await expect(page.getByText(/^2 of 2 of this name, started /)).toHaveCount(1);
  await find.fill('no such place');
  await expect(page.getByText('No open job has “no such place” in its name or its place.')).toBeVisible();

  await find.fill(place);
  const terminal = jobs.filter({ hasText: 'Velmora ferry terminal' }).first();
  await expect(terminal).toContainText('H4 second coat: thin while wet');
  await expect(terminal).toContainText(/C1–C3 stripe coat, start by \d\d:\d\d/);
  await expect(terminal).toContainText('acceptance: H3, W1');
  await expect(terminal).toContainText(/rain from \d\d:\d\d/);
  await expect(terminal).toContainText('Deck and sheets');

  // A job without work stands behind those with some, though it is the newest.
  await find.fill('');
  await expect(jobs.filter({ hasText: 'No bays yet.' }).first()).toBeVisible();
  await expect(jobs.last()).toContainText('No bays yet.');
  await expect(jobs.first()).not.toContainText('No bays yet.');
  await page.setViewportSize({ width: 360, height: 800 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(360);
  await page.setViewportSize({ width: 1280, height: 800 });

  await find.fill(place);
  await terminal.getByRole('link', { name: 'C1–C3 stripe coat' }).click();
  await expect(page).toHaveURL(/part=today&bay=canopy-1/);
  await expect(page.getByRole('region', { name: 'Chosen bay' })).toContainText('Bay C1');
});
