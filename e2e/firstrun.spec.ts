/** A new job on a phone, in US units: from nothing to an order, led from one step to the next. */
import { randomUUID } from 'node:crypto';
import { expect, measure, sticksOut, test } from './support.ts';

test('an area, a build-up, an order: each step leads to the next, in few taps', async ({ page }) => {
  await page.addInitScript(() => {
    const counter = window as unknown as { taps: number };
    counter.taps = 0;
    addEventListener('click', (e) => (counter.taps += e.isTrusted ? 1 : 0), true);
  });
  await page.setViewportSize({ width: 360, height: 780 });
  const id = randomUUID();
  const head = { name: 'Kiosk roof', place: '', timeZone: 'America/Chicago', units: 'us' };
  expect((await page.request.put(`/api/v1/jobs/${id}`, { data: head })).status()).toBe(201);
  await page.goto(`/jobs/${id}/survey`);
  await expect(page.getByRole('heading', { name: 'What do you know of the roof?' })).toBeVisible();
  // Nothing is led to before something is known.
  const step = page.locator('p.next');
  await expect(step).toHaveCount(0);

  await page.getByRole('button', { name: 'Estimate by area' }).click();
  const asked = page.getByRole('dialog', { name: 'Estimate by area' });
  await measure(page, 'Area', '1200');
  await asked.getByRole('button', { name: 'Estimate', exact: true }).click();
  await expect(asked).toBeHidden();
  await step.getByRole('link', { name: 'Choose its build-up' }).click();
  await expect(page).toHaveURL(/build-up/);
  await expect(step).toHaveCount(0);
  await page.getByRole('button', { name: 'Choose for me' }).click();
  await page.getByRole('button', { name: 'Take it' }).first().click();
  await step.getByRole('link', { name: 'See the order' }).click();
  const order = page.getByRole('region', { name: 'Lines of the order' }).or(page.locator('table')).first();
  await expect(order).toBeVisible();
  await expect(page.getByRole('button', { name: /, gross/ }).first()).toBeVisible();
  await expect(page.locator('main')).toContainText(/gal|lb/);
  await expect(page.locator('main')).not.toContainText(/\d\s(kg|m²|mm)\b/);
  expect(await sticksOut(page)).toBe(0);
  await expect(step.getByRole('link', { name: 'Cut it into bays' })).toBeVisible();
  const taps = await page.evaluate(() => (window as unknown as { taps: number }).taps);
  console.log(`from nothing to an order: ${taps} taps and one figure`);
  // It was 14 actions.
  expect(taps).toBeLessThanOrEqual(7);
});
