/** The whole way by hand: a job from nothing to a judged coat, out as a file and in again. */
import type { Page } from '@playwright/test';
import { downloaded, expect, measure, rectangle, saved, test } from './support.ts';

const PATHS: Record<number, RegExp> = { 2: /build-up/, 4: /order/, 6: /site/, 7: /record/ };

async function stage(page: Page, number: number): Promise<void> {
  await page.keyboard.press(`Alt+${number}`);
  await expect(page).toHaveURL(PATHS[number] ?? /none/);
  // The page before is gone once its own stage is.
  await expect(page.locator(`[aria-current="page"]`, { hasText: String(number) })).toBeVisible();
  await page.waitForTimeout(300);
}

test('from a measured outline to a judged coat, exported and imported figure for figure', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Start a job' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Harbour office');
  await page.getByLabel('Place', { exact: true }).fill('Quay 2');
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Harbour office' })).toBeVisible();

  // Survey: 8 × 6 m walked, first with a wrong side.
  await page.getByRole('button', { name: 'Walk round the edge' }).click();
  const walk = page.getByRole('dialog', { name: 'Walk round the edge' });
  await measure(page, 'Side 1, length', '8');
  await measure(page, 'Side 2, length', '6');
  await expect(walk.getByRole('button', { name: 'Make the zone' })).toBeDisabled();
  await measure(page, 'Side 3, length', '26\' 3"');
  await measure(page, 'Side 4, length', '6');
  await expect(walk.getByRole('status')).toContainText('4 sides');
  await walk.getByRole('button', { name: 'Make the zone' }).click();
  await expect(walk).toBeHidden();
  await expect(page.getByText(/the walk ends 1\smm from its start/)).toHaveCount(0);
  await measure(page, 'Side 3, length', '7,95');
  await expect(page.getByText(/Open: the walk ends 50\smm from its start, 1 in 559/)).toBeVisible();
  await expect(page.locator('section.figures .large')).toHaveCount(0);
  await page.getByRole('button', { name: 'Accept the adjustment' }).click();
  await expect(page.locator('section.figures .large')).toContainText('47.');
  await page.getByRole('button', { name: 'Take the adjustment back' }).click();
  await measure(page, 'Side 3, length', '8');
  await page.getByRole('button', { name: 'Add a roof light' }).click();
  await rectangle(page, 'Roof light 1', ['1', '1', '1', '1', '150']);
  await expect(page.locator('section.figures .large')).toHaveText('47.00 m²');
  await saved(page);

  // Build-up.
  await stage(page, 2);
  await page.getByRole('button', { name: 'Choose for me' }).click();
  await page
    .locator('.choose .row', { hasText: 'Reinforced polyurethane, fabric throughout.' })
    .getByRole('button', { name: 'Take it' })
    .click();
  await expect(
    page.getByRole('heading', { name: 'Reinforced polyurethane, fabric throughout' }),
  ).toBeVisible();
  const rate = page.getByLabel('First coat, rate in kg/m²');
  await rate.fill('13.5 m2/25 kg');
  await rate.blur();
  await expect(rate).toHaveValue('1.85');
  await rate.fill('2');
  await rate.blur();
  await expect(page.locator('tr', { hasText: 'two thirds under the fabric' })).toContainText('1.54');
  await saved(page);

  // Order moves with it: 47 m² × (2 + 1.1) kg/m² and what goes up the kerb, 151.1 kg; what laps of the fabric drink
  // makes it 155.0 kg; 5 % more are 162.8 kg.
  await stage(page, 4);
  const resin = page.locator('tr', { hasText: 'First coat, Second coat' });
  await expect(resin).toContainText('162.8 kg');
  await expect(resin).toContainText('6 × 25 kg pail, 3 × 5 kg pail');
  await resin.getByRole('button', { name: /gross: 162.8 kg, show working/ }).click();
  await expect(page.getByText('Polyurethane resin, laid × (1 + waste, liquid / 100)')).toBeVisible();
  await page.keyboard.press('Escape');

  // Site: bays for one pail, conditions, a coat.
  await stage(page, 6);
  await page.getByRole('button', { name: 'Cut it into bays' }).click();
  await expect(page.getByText('4 bays.')).toBeVisible();
  await page.getByRole('button', { name: 'Cut into bays', exact: true }).click();
  await page.getByRole('button', { name: 'Take a reading' }).click();
  await measure(page, 'Air temperature', '11.6');
  await measure(page, 'Humidity', '83');
  await measure(page, 'Surface temperature', '11.1');
  await expect(page.getByText('Hold: surface').first()).toBeVisible();
  await measure(page, 'Surface temperature', '72 F');
  await expect(page.getByText('The limits that a reading tells hold: surface').first()).toBeVisible();
  await page.getByRole('button', { name: 'Keep the reading' }).click();
  // The card below moves when the reading has been kept: its pot life and its verdict come with it.
  await expect(page.getByRole('button', { name: 'Take a reading' })).toBeVisible();
  await page.getByRole('button', { name: 'Choose bay A1', exact: true }).click();
  await expect(page).toHaveURL(/bay=/);
  await page.getByRole('button', { name: 'Prepared', exact: true }).press('Enter');
  await expect(page.getByLabel('Bay A1 prepared')).toBeVisible();

  await page.getByRole('button', { name: 'Log a coat' }).click();
  await page.getByRole('combobox', { name: 'Layer' }).press('Enter');
  await page.getByRole('option', { name: 'First coat' }).click();
  await expect(page.getByRole('option', { name: 'First coat' })).toBeHidden();
  await page.getByLabel('Batch of container 1').fill('F-77');
  await measure(page, 'Left over', '3');
  for (const tooth of ['1.20', '1.30', '1.20'])
    await page.getByRole('button', { name: `Last wet tooth ${tooth} mm` }).click();
  await expect(page.locator('.verdict', { hasText: 'Thin:' }).last()).toContainText('while it is still wet');
  await page.getByRole('button', { name: 'Keep, still laying' }).click();
  await expect(page.getByRole('button', { name: 'Go on with the coat' })).toBeVisible();
  await page.getByRole('button', { name: 'Go on with the coat' }).click();
  await measure(page, 'Left over', '1');
  for (let i = 0; i < 3; i += 1) await page.getByRole('button', { name: /Take back reading 1,/ }).click();
  for (const tooth of ['1.50', '1.60', '1.60'])
    await page.getByRole('button', { name: `Last wet tooth ${tooth} mm` }).click();
  await page.locator('#coat-start').fill(
    await page
      .locator('#coat-start')
      .inputValue()
      .then((v) => `${v.slice(0, 11)}00:01`),
  );
  await page.getByRole('button', { name: 'Finished now' }).click();
  await expect(page.getByLabel(/^Bay A1 .*(wet|curing)/)).toBeVisible();

  // Record: the film from both sides, a correction that keeps the old entry.
  await stage(page, 7);
  const coat = page.locator('article.coat').first();
  await expect(coat).toContainText('Enough: readings 1.65 mm, consumption 1.57 mm, design 1.54 mm');
  await expect(coat).toContainText('batch F-77');
  await coat.getByRole('button', { name: 'Correct', exact: true }).click();
  await page.getByLabel('Batch of container 1').fill('F-78');
  await page.getByRole('button', { name: 'Keep the correction' }).click();
  await expect(coat).toContainText('batch F-78');
  await expect(page.locator('tr.gone', { hasText: 'batch F-77' }).first()).toContainText('corrected by');
  await page.getByRole('button', { name: 'Check the chain' }).click();
  await expect(page.getByText(/The chain is whole: \d entries/)).toBeVisible();

  // Out and in again.
  const csv = await downloaded(page, () => page.getByRole('link', { name: 'Record as CSV' }).click());
  expect(csv.text).toContain('F-78');
  const json = await downloaded(page, () => page.getByRole('link', { name: 'Whole job as JSON' }).click());
  const verdict = await coat.innerText();
  await page.getByRole('link', { name: 'Jobs' }).click();
  await page.getByLabel('Job file').setInputFiles({
    name: 'harbour.json',
    mimeType: 'application/json',
    buffer: Buffer.from(json.text),
  });
  await expect(page.locator('section.figures .large')).toHaveText('47.00 m²');
  await stage(page, 7);
  await expect(page.locator('article.coat').first()).toHaveText(verdict.replace(/\s+/g, ' '), {
    useInnerText: true,
  });
});
