/** The morning on the roof: what can be done now, a start dragged into the evening, a reading that turns the call. */
import { expect, freshDemo, measure, test } from './support.ts';

test('the morning: bays in the order of what missing costs; a start dragged into the evening turns the verdict', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site`);
  const list = page.getByRole('region', { name: 'Bays by what missing them costs' });
  const group = (name: string) =>
    list.locator('.group', { has: page.getByRole('heading', { name, exact: true }) });
  await expect(group('Can be done now')).toContainText('before the film is rain-safe');
  await expect(group('Opens later')).toContainText('above the dew point');
  await expect(group('At work')).toContainText('by the weather and its forecast');
  await expect(group('Overcoat time missed')).toContainText(
    'abrade, wipe clean and prime again. It takes about',
  );
  const names = await list.getByRole('heading').allTextContents();
  expect(names.indexOf('Overcoat time missed')).toBeLessThan(names.indexOf('Can be done now'));

  await list.getByRole('button', { name: 'Choose bay C4', exact: true }).click();
  const card = page.getByRole('region', { name: 'Chosen bay' });
  await expect(card.getByRole('heading', { name: /Bay C4/ })).toBeVisible();
  await expect(card.getByText('every condition holds')).toBeVisible();
  await expect(card.getByText(/Chance that it holds/).first()).toBeVisible();
  const handle = page.getByRole('slider', { name: 'Start of laying' });
  await handle.focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('PageUp');
  await expect(card.locator('.verdict', { hasText: 'If you start.' })).toContainText(/rain|wet/);
  await page.keyboard.press('Home');
  await expect(card.locator('.verdict', { hasText: 'If you start.' })).toContainText('every condition holds');
  // By the mouse: the knob goes where it is drawn to.
  const knob = await handle.locator('.knob').boundingBox();
  if (!knob) throw new Error('no handle');
  await page.mouse.move(knob.x + 7, knob.y + 7);
  await page.mouse.down();
  await page.mouse.move(knob.x + 220, knob.y + 7, { steps: 5 });
  await page.mouse.up();
  await expect(card.locator('.verdict', { hasText: 'If you start.' })).toContainText(/rain|wet/);
  // A figure opens to its working.
  await card
    .getByRole('button', { name: /^laying/ })
    .first()
    .click();
  await expect(page.locator('.el-drawer')).toContainText('area by output and crew');
});

test('a reading near the dew point shuts the canopy at once; more people lay it faster', async ({ page }) => {
  const id = await freshDemo(page);
  await page.goto(`/jobs/${id}/site?part=today&bay=canopy-4`);
  const card = page.getByRole('region', { name: 'Chosen bay' });
  await expect(card.getByRole('heading', { name: /Bay C4/ })).toBeVisible();
  const laying = card.getByRole('button', { name: /^laying/ }).first();
  const before = await laying.textContent();
  await card.getByRole('button', { name: '6 people' }).click();
  await expect(laying).not.toHaveText(before ?? '');
  await card.getByRole('button', { name: 'Take a reading' }).click();
  await measure(page, 'Air temperature', '12');
  await measure(page, 'Humidity', '88');
  await measure(page, 'Surface temperature', '11.5');
  await card.getByRole('button', { name: 'Keep the reading' }).click();
  await expect(card.locator('.verdict').first()).toContainText('above the dew point');
  await expect(card.locator('.verdict').first()).toContainText('Hold');
});
