/** The pictures of docs/screenshots, from the demo data. Run by `npm run screenshots`. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';
import type { Page } from '@playwright/test';
import { DESK, firmServer, PASSWORD } from './firmhouse.ts';
import { expect, freshDemo, test } from './support.ts';

const folder = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));
const take = async (page: Page, name: string): Promise<void> => {
  await page.waitForTimeout(2600);
  await expect(page.getByText('The order is being counted…')).toHaveCount(0);
  await expect(page.getByRole('img', { name: /Being counted/ })).toHaveCount(0);
  await page.screenshot({ path: `${folder}${name}.png` });
};

test('desk', async ({ page }) => {
  const id = await freshDemo(page);
  // Another job that has hardly begun stands below it.
  const { job: head } = (await (await page.request.get(`/api/v1/jobs/${id}`)).json()) as { job: object };
  const other = { ...head, name: 'Boathouse balconies', place: 'Velmora, north quay', demo: undefined };
  await page.request.put('/api/v1/jobs/boathouse', { data: other });
  await page.goto('/jobs');
  await expect(page.getByText('C1–C3 stripe coat').first()).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('No bays yet.').first()).toBeVisible();
  await take(page, 'jobs');
  for (const stage of ['survey', 'build-up', 'order', 'record']) {
    await page.goto(`/jobs/${id}/${stage}`);
    await take(page, stage);
  }
  await page.goto(`/jobs/${id}/programme`);
  await expect(page.getByRole('button', { name: 'Keep this plan' })).toBeEnabled({ timeout: 90_000 });
  await take(page, 'programme');
  await page.goto(`/jobs/${id}/handover?zone=hall`);
  await page.getByRole('combobox', { name: 'Film of' }).press('Enter');
  await page.getByRole('option', { name: 'Second coat, wet' }).click();
  await expect(page.getByText(/^H3: perhaps thin/)).toBeVisible();
  await take(page, 'handover');
  await page.goto(`/jobs/${id}/upkeep?zone=hall`);
  await expect(page.getByRole('heading', { name: 'Twenty years' })).toBeVisible();
  await page.waitForTimeout(1000);
  await take(page, 'upkeep');
  await page.goto(`/jobs/${id}/survey?zone=workshop&part=levels`);
  await page.waitForTimeout(1500);
  await take(page, 'survey-levels');
  await page.goto(`/jobs/${id}/details?zone=hall&detail=corner-3`);
  await take(page, 'details');
  await page.goto(`/jobs/${id}/order?part=courses&zone=workshop&layer=cap`);
  await page.waitForTimeout(2500);
  await take(page, 'courses');
  await page.goto(`/jobs/${id}/site?part=today&bay=hall-7`);
  await expect(page.getByText(/Chance of staying within limits/).first()).toBeVisible();
  // The strip is docked: to come to it by the keyboard scrolls the page to where it would lie without.
  await page
    .getByRole('slider', { name: 'Start of laying' })
    .evaluate((slider) => (slider as unknown as HTMLElement).focus({ preventScroll: true }));
  for (let n = 0; n < 2; n += 1) await page.keyboard.press('PageUp');
  await take(page, 'today');
  await page.goto(`/jobs/${id}/site?zone=hall&bay=hall-7`);
  await take(page, 'site');
  await page.goto(`/jobs/${id}/order`);
  await page.getByRole('button', { name: /^Polyurethane resin, gross/ }).click();
  await take(page, 'working');
});

test('phone', async ({ page }) => {
  const id = await freshDemo(page);
  await page.addInitScript(() => localStorage.setItem('lentum.theme', 'sun'));
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/jobs/${id}/site?part=bays&zone=terrace&bay=terrace-9`);
  await page.getByRole('button', { name: 'Log a coat' }).click();
  for (const label of ['Bay T10', 'Bay T11'])
    await page.getByRole('button', { name: label, exact: true }).press('Enter');
  await page.getByRole('button', { name: 'begun 1 h ago' }).click();
  await page.getByRole('button', { name: 'to 15 min ago' }).click();
  const left = page.getByRole('textbox', { name: 'Left over', exact: true });
  await left.fill('18');
  await left.blur();
  for (const bay of ['T9', 'T10', 'T11']) {
    await page.getByRole('button', { name: new RegExp(`^Readings on ${bay},`) }).click();
    for (const tooth of ['2.00', '2.50', '2.00'])
      await page.getByRole('button', { name: `Last wet tooth ${tooth} mm` }).click();
  }
  await page.getByText('Which bays').evaluate((e) => e.scrollIntoView());
  await take(page, 'phone-shift');
  await page.goto(`/jobs/${id}/site`);
  await expect(page.getByRole('button', { name: 'Look at H4' })).toBeVisible();
  await take(page, 'phone-today');
  await page.goto(`/jobs/${id}/programme`);
  await expect(page.getByRole('button', { name: 'Keep this plan' })).toBeEnabled({ timeout: 90_000 });
  await page.getByRole('region', { name: /^Day sheet/ }).evaluate((e) => e.scrollIntoView());
  await take(page, 'phone-day');
});

test('paper: the first pages of a handover', async ({ page }) => {
  const id = await freshDemo(page);
  const pdf = await (await page.request.get(`/api/v1/jobs/${id}/handover.pdf?zone=hall`)).body();
  const reader = createRequire(import.meta.url);
  // Drawn by another program than the one that wrote it, on a page of its own.
  await page.route('http://paper.test/**', (route) => {
    const name = new URL(route.request().url()).pathname.slice(1);
    if (name === '') return route.fulfill({ contentType: 'text/html', body: '<!doctype html><body>' });
    if (name === 'paper.pdf') return route.fulfill({ contentType: 'application/pdf', body: pdf });
    return route.fulfill({
      contentType: 'text/javascript',
      body: readFileSync(reader.resolve(`pdfjs-dist/legacy/build/${name}`)),
    });
  });
  await page.setViewportSize({ width: 1400, height: 690 });
  await page.goto('http://paper.test/');
  const drawn = await page.evaluate<number>(`(async () => {
    const pdfjs = await import('/pdf.min.mjs');
    pdfjs.GlobalWorkerOptions.workerSrc = '/pdf.worker.min.mjs';
    document.body.style.cssText = 'margin:0;padding:14px;display:flex;gap:14px;background:#b8b4a6';
    const doc = await pdfjs.getDocument('/paper.pdf').promise;
    for (const n of [1, 2, 3]) {
      const sheet = await doc.getPage(n);
      const viewport = sheet.getViewport({ scale: 448 / sheet.getViewport({ scale: 1 }).width });
      const canvas = document.createElement('canvas');
      Object.assign(canvas, { width: viewport.width, height: viewport.height });
      document.body.append(canvas);
      await sheet.render({ canvasContext: canvas.getContext('2d'), viewport }).promise;
    }
    return document.querySelectorAll('canvas').length;
  })()`);
  expect(drawn).toBe(3);
  await take(page, 'handover-paper');
});

test('people: who may come in, and as what', async ({ browser }) => {
  const firm = await firmServer('lentum_pictures_people');
  const { context, page } = await firm.browser(browser, DESK);
  const api = `${firm.base}/api/v1`;
  const post = async (path: string, data: object): Promise<Record<string, string>> =>
    (await (await page.request.post(`${api}${path}`, { data })).json()) as Record<string, string>;
  await post('/firm/accounts', { firm: 'Harbour Coatings', name: 'Oda', login: 'oda', password: PASSWORD });
  const { jobs } = (await (await page.request.get(`${api}/jobs`)).json()) as { jobs: { id: string }[] };
  const job = jobs[0]?.id ?? '';
  for (const [name, firmRole, role] of [
    ['Elsa', 'estimator', undefined],
    ['Fritz', 'foreman', undefined],
    ['Marek', 'applicator', undefined],
    ['Ivo', null, 'inspector'],
    ['Carla', null, 'client'],
  ] as const) {
    const data = { name, firmRole, jobRoles: role === undefined ? {} : { [job]: role } };
    await page.request.put(`${api}/accounts/${name.toLowerCase()}`, { data });
    const { code = '' } = await post(`/accounts/${name.toLowerCase()}/code`, {});
    if (role === 'client') continue;
    // Whoever uses a code is in: each in a browser of their own.
    const own = await firm.browser(browser, DESK);
    await own.page.request.post(`${api}/codes/use`, {
      data: { code, login: name.toLowerCase(), password: PASSWORD },
    });
    await own.context.close();
  }
  await page.goto('/people');
  await page.getByRole('button', { name: 'Show the log' }).click();
  await expect(page.getByText('Oda let Carla in as client in one job.')).toBeVisible();
  await page.getByRole('heading', { name: 'People', exact: true }).scrollIntoViewIfNeeded();
  await take(page, 'people');
  await context.close();
  await firm.end();
});
