/** Sources that answer over HTTP, by hand: two shapes tried and matched, chosen in a job, asked; a meter; hosts. */
import type { Page } from '@playwright/test';
import { violations } from './axe.ts';
import { expect, freshDemo, sticksOut, test } from './support.ts';

const part = (page: Page) => page.getByRole('region', { name: 'Sources of weather and readings' });
const dialog = (page: Page) => page.getByRole('dialog', { name: 'Add a source' });

/** As a new user would: what it tells, a stand-in, tried, and the guess at its columns taken. */
async function tried(page: Page, kind: string, standIn: string): Promise<void> {
  await part(page).getByRole('button', { name: 'Add a source' }).click();
  await dialog(page)
    .locator('label', { hasText: new RegExp(`^${kind}`) })
    .click();
  await dialog(page).getByRole('button', { name: standIn, exact: true }).click();
  await dialog(page).getByRole('button', { name: 'Try it now' }).click();
  await expect(dialog(page).getByRole('heading', { name: 'What is read of it' })).toBeVisible();
}
async function add(page: Page): Promise<void> {
  await dialog(page).getByRole('button', { name: 'Add the source' }).click();
  await expect(dialog(page)).toBeHidden();
}
async function unit(page: Page, column: string, name: string): Promise<void> {
  await dialog(page)
    .getByRole('combobox', { name: `Unit of ${column}`, exact: true })
    .press('Enter');
  await page.getByRole('option', { name, exact: true }).click();
}

test('sources are tried, matched, chosen and asked', async ({ page }) => {
  const job = await freshDemo(page);
  await page.goto('/settings');
  await tried(page, 'Forecast', 'Stand-in, lists side by side');
  await expect(dialog(page).getByText(/240 hours from .*, in 20 ways/)).toBeVisible();
  expect(await violations(page)).toEqual([]);
  // A wrong unit is doubted, and is not kept.
  await unit(page, 'air', '°C');
  await expect(dialog(page).getByText(/°F as its unit, as it seems/)).toBeVisible();
  await expect(dialog(page).getByRole('button', { name: 'Add the source' })).toBeDisabled();
  await unit(page, 'air', '°F');
  await add(page);
  await tried(page, 'Past hours', 'Stand-in, a table of text');
  await add(page);
  await tried(page, 'Station', 'Stand-in station');
  await add(page);
  await expect(part(page).getByText('Stand-in, a table of text')).toBeVisible();

  await page.goto(`/jobs/${job}/site?part=weather`);
  await page.getByText('sources of the firm, over the network').click();
  const asks = page.getByRole('group', { name: 'Sources that this job asks' });
  for (const name of ['Stand-in, lists side by side', 'Stand-in, a table of text', 'Stand-in station'])
    await asks.getByText(name, { exact: true }).click();
  const hours = page.getByRole('region', { name: 'Hours that are known' });
  await expect(hours.getByRole('row', { name: /lists side by side forecast, 20 ways/ })).toBeVisible();
  await expect(hours.getByRole('row', { name: /a table of text observed/ })).toBeVisible();
  await expect(page.getByText(/forecast, made up, answered/)).toBeVisible();

  // What the station reads is taken on site.
  await page.goto(`/jobs/${job}/site?part=bays&zone=hall`);
  await page.getByRole('button', { name: 'Take a reading' }).click();
  await expect(page.getByText(/Stand-in station now: air/)).toBeVisible();
  await page.getByRole('button', { name: 'From the instruments' }).click();
  await expect(page.getByLabel('Air temperature', { exact: true }).first()).not.toHaveValue('');

  // It is put away again, and the job says that it names one that is not here.
  await page.goto('/settings');
  await part(page).getByRole('button', { name: 'Put Stand-in station away' }).click();
  await page.getByRole('button', { name: 'Put it away' }).click();
  await expect(part(page).getByText('Stand-in station')).toBeHidden();
  await page.goto(`/jobs/${job}/site?part=weather`);
  await expect(page.getByText(/One source that this job names is not here/)).toBeVisible();
  await page.getByRole('button', { name: 'Leave out' }).click();
  await expect(page.getByText(/that this job names/)).toBeHidden();
});

test('a host is allowed and no longer allowed; an address that is none is said at its field', async ({
  page,
}) => {
  await freshDemo(page);
  await page.setViewportSize({ width: 360, height: 740 });
  await page.goto('/settings');
  await part(page).getByRole('textbox', { name: 'Host to allow' }).fill('https://10.0.0.1/w');
  await part(page).getByRole('button', { name: 'Allow it' }).click();
  await expect(part(page).getByText(/expected the name of a host in small letters/)).toBeVisible();
  await part(page).getByRole('textbox', { name: 'Host to allow' }).fill('https://hours.example/w?x=1');
  await part(page).getByRole('button', { name: 'Allow it' }).click();
  await expect(part(page).getByText('hours.example', { exact: true })).toBeVisible();
  await part(page).getByRole('button', { name: 'Add a source' }).click();
  await dialog(page)
    .getByRole('textbox', { name: 'Address', exact: true })
    .fill('http://hours.example/{where}');
  await dialog(page).getByRole('button', { name: 'Try it now' }).click();
  await expect(
    dialog(page)
      .getByText(/expected an address that begins with https/)
      .first(),
  ).toBeVisible();
  expect(await sticksOut(page)).toBe(0);
  await dialog(page).getByRole('button', { name: 'Cancel' }).click();
  await part(page).getByRole('button', { name: 'No longer allow hours.example' }).click();
  await expect(part(page).getByText('hours.example', { exact: true })).toBeHidden();
});
