/** By the keyboard alone. */
import { expect, freshDemo, test } from './support.ts';

test('the first stop leads past the head; what a page does most has a key, and the list of keys says so', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=bays&zone=hall&bay=hall-5`);
  await expect(page.getByRole('button', { name: 'Log a coat' })).toBeVisible();
  await page.keyboard.press('Tab');
  const skip = page.getByRole('link', { name: 'To the page' });
  await expect(skip).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();

  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys' });
  await expect(keys).toContainText('log what comes next on the chosen bay');
  // Nothing is done behind what is open.
  await page.keyboard.press('c');
  await expect(page.getByRole('heading', { name: /^Log a coat/ })).toHaveCount(0);
  await page.keyboard.press('Escape');
  await expect(keys).toBeHidden();

  await page.keyboard.press('c');
  await expect(page.getByRole('heading', { name: 'Log a coat on H5' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'Log a coat on H5' })).toBeHidden();
  await page.keyboard.press('r');
  await expect(page.getByRole('textbox', { name: 'Air temperature' })).toBeVisible();

  await page.goto(`/jobs/${id}/site?part=today`);
  await expect(page.getByRole('region', { name: 'The hours ahead' })).toBeVisible();
  await page.keyboard.press('l');
  await expect(page.getByRole('button', { name: /^Permit for hot works/ })).toBeVisible();
  await page.keyboard.press('Escape');
  // A row of figures is one stop: the list of bays shows some sixty of them.
  const list = page.getByRole('region', { name: 'Bays by what missing them costs' });
  const figures = list.locator('button.figure');
  expect(await figures.count()).toBeGreaterThan(20);
  await expect(list.locator('button.figure:not([tabindex="-1"])')).toHaveCount(
    1 + (await list.locator('.reading button.figure').count()),
  );
  // Away from the stage its keys do nothing.
  await page.goto(`/jobs/${id}/order`);
  await expect(page.getByRole('button', { name: /^Polyurethane resin, gross/ })).toBeVisible();
  await page.keyboard.press('c');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
