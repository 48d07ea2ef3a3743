/** A job with hundreds of bays: judged beside the page, and as the API judges it. */
import { expect, freshDemo, test } from './support.ts';

interface SiteDocument {
  bays: { id: string; label: string; zoneId: string }[];
}
const TIMES = 6;

test('hundreds of bays are judged beside the page, as the API judges them', async ({ page }) => {
  const id = await freshDemo(page);
  const address = `/api/v1/jobs/${id}/site`;
  const answer = await page.request.get(address);
  const site = (await answer.json()) as SiteDocument;
  const more = Array.from({ length: TIMES }, (_, n) =>
    site.bays.map((b) => ({ ...b, id: `${b.id}-again-${n}`, label: `${b.label} ${'abcdefgh'[n]}` })),
  ).flat();
  const put = await page.request.put(address, {
    data: { ...site, bays: [...site.bays, ...more] },
    headers: { 'If-Match': answer.headers()['etag'] ?? '' },
  });
  expect(put.status()).toBe(200);
  const bays = site.bays.length + more.length;
  expect(bays).toBeGreaterThan(200);

  const worker = page.waitForEvent('worker', (w) => w.url().includes('judge'));
  await page.goto(`/jobs/${id}/site?part=bays&zone=deck&bay=deck-1-again-0`);
  await worker;
  const says = /Hold: moisture: 8\.0.% is above 6\.0.%, the primer’s own limit/;
  await expect(page.locator('.verdict').filter({ hasText: says }).first()).toBeVisible();
  const told = (await (await page.request.get(`/api/v1/jobs/${id}/today`)).json()) as {
    bays: { label: string; sentences: string[] }[];
  };
  expect(told.bays).toHaveLength(bays);
  expect(told.bays.find((b) => b.label === 'D1 a')?.sentences.join(' ')).toMatch(says);

  // What is entered on one bay is judged there, and the others stay as they were.
  await page.goto(`/jobs/${id}/site?part=bays&zone=terrace&bay=terrace-13`);
  await page
    .getByRole('button', { name: /^Prepared, \d+ bays/ })
    .first()
    .click();
  await expect(page.getByLabel('Bay T14 a prepared')).toBeVisible();
  await page.goto(`/jobs/${id}/site?part=today`);
  await expect(page.getByRole('region', { name: 'Bays by what missing them costs' })).toBeVisible();
});
