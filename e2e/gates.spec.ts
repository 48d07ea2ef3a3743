/** What stands against the next layer, on screen: the demo's story of it, each case settled, answered for, or neither. */
import { expect, freshDemo, measure, test } from './support.ts';

test('silicone, a damp slab, a damp corner, a thin membrane, far too much base: each holds, with its number', async ({
  page,
}) => {
  const id = await freshDemo(page);
  const verdict = page.locator('.verdict');
  for (const [zone, bay, says] of [
    ['balcony', 'balcony-1', /Hold: substrate: .*nothing but silicone bonds to silicone/],
    ['deck', 'deck-1', /Hold: moisture: 8\.0.% is above 6\.0.%, the primer’s own limit/],
    ['terrace', 'terrace-13', /Hold: moisture: 5\.2.% is above 4\.5.%, the primer’s own limit/],
    ['terrace', 'terrace-8', /Hold: film of membrane, reinforced: thin: 1\.68.mm of 2\.17.mm; 1\.8.L short/],
    ['office', 'office-1', /Hold: film of base emulsion: too thick: 3\.00.mm, at most 2\.56.mm/],
  ] as const) {
    await page.goto(`/jobs/${id}/site?part=bays&zone=${zone}&bay=${bay}`);
    await expect(verdict.filter({ hasText: says }).first()).toBeVisible();
  }
});

test('wind that stops the spray: rolled in three passes by one tap', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=bays&zone=canopy&bay=canopy-7`);
  const wind = page.locator('li[data-gate="weather/wind"]');
  await expect(wind).toContainText(/Roll it instead: 3 passes of about 0\.15.mm each/);
  await wind.getByRole('button', { name: 'Roll it today' }).click();
  await expect(wind).toHaveCount(0);
  // Of the wind nothing is left to say; whether it is a go hangs on the dew of the hour.
  const verdict = page.locator('.verdict').filter({ hasText: 'C7 · base coat.' }).first();
  await expect(verdict).toContainText(/Go|Hold/);
  await expect(verdict).not.toContainText(/wind \d/);
});

test('a stale reading is settled by a fresh one; a permit by nobody’s word; another gate by name and reason', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=bays&zone=workshop&bay=workshop-2`);
  const stale = page.locator('li[data-gate="weather/reading"]');
  await expect(stale).toContainText(/a reading is valid for 60.min/);
  await stale.getByRole('button', { name: 'Read air and surface' }).click();
  await measure(page, 'Air temperature', '17');
  await measure(page, 'Humidity', '55');
  await measure(page, 'Surface temperature', '19');
  await page.getByRole('button', { name: 'Keep the reading' }).first().click();
  await expect(stale).toHaveCount(0);

  await page.goto(`/jobs/${id}/site?part=bays&zone=garden&bay=garden-1`);
  const permit = page.locator('li[data-gate="hot/permit"]');
  await expect(permit.getByRole('button', { name: 'Open a permit' })).toBeVisible();
  await expect(permit.getByRole('button', { name: 'Answer for it' })).toHaveCount(0);

  await page.goto(`/jobs/${id}/site?part=bays&zone=hall&bay=hall-7`);
  await expect(page.locator('li[data-gate="details/refused"]')).toContainText('On Marek’s word');
});

test('a finished bay is opened to foot traffic by one tap', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=bays&zone=hall&bay=hall-1`);
  const feet = page.locator('li[data-gate="opening/feet"]');
  await expect(feet).toContainText('nobody has opened it');
  await feet.getByRole('button', { name: 'Open it' }).click();
  await expect(feet).toHaveCount(0);
  await expect(page.getByText(/^Open: .*foot traffic/)).toBeVisible();
});
