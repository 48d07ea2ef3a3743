/** Courses of fabric and sheets, through the interface: proven on the demo, moved by hand, taken to the roof, ordered. */
import type { Page } from '@playwright/test';
import { downloadBy, expect, freshDemo, saved, test } from './support.ts';

const open = (page: Page, id: string, zone: string, layer?: string): Promise<unknown> =>
  page.goto(`/jobs/${id}/order?part=courses&zone=${zone}${layer ? `&layer=${layer}` : ''}`);
/** The search is over, and what is shown is its answer. */
async function settled(page: Page): Promise<void> {
  await expect(page.getByRole('heading', { name: /^Cut list/ })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Stop the search' })).toHaveCount(0, { timeout: 20_000 });
}

test('the workshop’s plies round its machines, the office’s crossed fabric, the hall’s fleece: proven', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await open(page, id, 'workshop');
  await expect(
    page.getByRole('heading', { name: 'Workshop plant roof, base sheet', exact: true }),
  ).toBeVisible();
  await settled(page);
  await expect(page.locator('.facts .verdict').first()).toContainText('11 rolls of 15.00 m: proven least');
  await expect(page.getByText('Cooler is wider than a course')).toBeVisible();
  await open(page, id, 'office', 'all');
  await expect(page.getByText('crossed at 90° over the layer below')).toBeVisible();
  await open(page, id, 'hall');
  await settled(page);
  await expect(page.locator('.facts .verdict').first()).toContainText(
    '4 rolls of 50.00 m: proven least, whatever the start line',
  );
  // What is bought is what is cut.
  await page.getByRole('button', { name: 'What to buy' }).click();
  await expect(page.locator('tr', { hasText: 'Fleece' }).first()).toContainText('roll 1.05 × 50 m');
});

test('a course is moved by hand and the rest follows; a piece that is kept stays; what breaks a rule is said', async ({
  page,
}) => {
  const id = await freshDemo(page);
  await open(page, id, 'workshop', 'cap');
  await settled(page);
  const first = page.getByRole('textbox', { name: 'Width of the first course' });
  const low = page.getByRole('region', { name: 'Lay list' }).locator('tbody tr').nth(1).locator('td').first();
  const handle = page.getByRole('slider', { name: 'Upper edge of the first course' });
  const line = await handle.locator('.grab').boundingBox();
  if (!line) throw new Error('no start line');
  const [x, y] = [line.x + line.width / 2, line.y + line.height / 2];
  const before = Number(await first.inputValue());
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 6, y, { steps: 3 });
  await page.mouse.up();
  await expect(first).not.toHaveValue(String(before));
  const moved = Number(await first.inputValue());
  // The second course begins a side lap of 100 mm below the upper edge of the first.
  await expect(low).toHaveText(`${(moved - 0.1).toFixed(2)} m`);
  await handle.focus();
  await page.keyboard.press('PageDown');
  await expect(first).toHaveValue(String(Number((moved - 0.1).toFixed(3))));
  await settled(page);
  await expect(page.getByText(/Cap sheet, side laps: \d+ mm off those of the layer below/)).toBeVisible();
  const piece = page.getByRole('button', { name: /^W-B2[.\d]*, / }).first();
  await piece.click();
  await page.getByRole('button', { name: 'Keep this piece here' }).click();
  await expect(page.getByRole('columnheader', { name: 'Piece that stays, course' })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'All as it was found' }).click();
  await expect(first).toHaveValue(String(before));
});

test('a search that takes long is stopped: the best so far stays, and what is bought follows it', async ({
  page,
}) => {
  const id = await freshDemo(page);
  // The workshop four times as long and as wide.
  const url = `/api/v1/jobs/${id}/survey`;
  const before = await page.request.get(url);
  const survey = (await before.json()) as {
    zones: { id: string; outline: { legs: { lengthM: number }[] } }[];
  };
  const zone = survey.zones.find((z) => z.id === 'workshop');
  for (const leg of zone?.outline.legs ?? []) leg.lengthM *= 4;
  const put = await page.request.put(url, {
    data: survey,
    headers: { 'If-Match': before.headers()['etag'] ?? '' },
  });
  expect(put.status()).toBe(200);
  await open(page, id, 'workshop', 'cap');
  await expect(page.getByRole('heading', { name: /^Cut list/ })).toBeVisible();
  await page.getByRole('button', { name: 'Stop the search' }).click();
  await expect(page.getByText('The search was stopped: this is the best so far.')).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Cut list/ })).toBeVisible();
  await expect(page.locator('.facts .verdict').first()).toContainText(/\d+ rolls of/);
});

test('lists for the roof, a walk through the laying, boards', async ({ page }) => {
  const id = await freshDemo(page);
  await open(page, id, 'workshop');
  await settled(page);
  const cuts = (await downloadBy(page, 'Cut list, CSV')).trim().split('\r\n');
  expect(cuts[0]).toBe('roll,roll_m,from_stock,cut,at_m,length_m,pieces,where,slit,left_m');
  const lays = (await downloadBy(page, 'Lay list, CSV')).trim().split('\r\n');
  // Each piece is cut once.
  const cut = cuts.slice(1).flatMap((l) => (l.split(',')[6] ?? '').split(' '));
  expect(cut.sort()).toEqual(
    lays
      .slice(1)
      .map((l) => l.split(',')[4])
      .sort(),
  );
  expect(await downloadBy(page, 'Plan, DXF')).toContain('PIECE');
  await page.getByRole('button', { name: 'Walk through the laying' }).click();
  await page.getByRole('button', { name: 'Next piece' }).click();
  await expect(page.getByText(/^2 of \d+: W-A2/)).toBeVisible();
  await open(page, id, 'garden', 'insulation');
  await expect(page.getByText(/\d+ boards of 1\.25\sm × 0\.60\sm/)).toBeVisible();
});
