/** A wall below ground as a zone of its own: its edges, who says that the excavation is safe, its strips and its order. */
import type { Page } from '@playwright/test';
import { catalogue } from '@lentum/core/buildup';
import { changedJob, emptyJob, expect, measure, saved, sticksOut, test } from './support.ts';

async function pick(page: Page, label: string, option: string): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click({ force: true });
  await page
    .getByRole('listbox', { name: label, exact: true })
    .getByRole('option', { name: option, exact: true })
    .click();
}

test('a wall below ground is measured, judged, detailed and ordered', async ({ page }) => {
  const id = await emptyJob(page);
  await page.goto(`/jobs/${id}/survey`);
  await page.getByRole('button', { name: 'Four sides', exact: true }).click();
  for (const [i, length] of ['12', '3', '12', '3'].entries())
    await measure(page, `Side ${i + 1}, length`, length);
  await page.getByRole('button', { name: 'Add a diagonal' }).click();
  await measure(page, 'Diagonal 1, length', Math.hypot(12, 3).toFixed(3));
  await expect(page.locator('section.figures .large')).toHaveText('36.00 m²');
  await expect(page.getByRole('button', { name: 'Levels', exact: true })).toBeVisible();
  await pick(page, 'It is', 'Wall below ground or of a planter');
  await expect(page.getByText('Measured as one looks at it, its foot below.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Levels', exact: true })).toHaveCount(0);

  await page.getByRole('button', { name: 'Edges', exact: true }).click();
  await pick(page, 'Side 1, kind of edge', 'Foot, on a footing');
  await measure(page, 'Side 1, width', '200');
  await pick(page, 'Side 3, kind of edge', 'Top of the wall');
  await pick(page, 'Side 2, kind of edge', 'Free or day joint');
  await pick(page, 'Side 4, kind of edge', 'Free or day joint');
  // A wall has no gutter to be chosen.
  await page.getByRole('combobox', { name: 'Side 2, kind of edge' }).click({ force: true });
  const kinds = page.getByRole('listbox', { name: 'Side 2, kind of edge' });
  await expect(kinds.getByRole('option', { name: 'Upstand', exact: true })).toBeVisible();
  await expect(kinds.getByRole('option', { name: 'Gutter', exact: true })).toHaveCount(0);
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: 'Readiness', exact: true }).click();
  await pick(page, 'Substrate', 'Old concrete');
  await expect(
    page.getByText('Has a competent person said, that day, that the excavation is safe'),
  ).toBeVisible();
  await saved(page);
  expect(await sticksOut(page)).toBeLessThanOrEqual(0);

  // Two torched plies: they go up the wall, and its foot and its end are details of their own.
  const torched = catalogue().find((b) => b.id === 'torched-two-ply')!;
  const built = await changedJob(page, id, (job) => ({
    ...job,
    buildUp: {
      buildUps: [torched],
      zones: job.survey.zones.map((z) => ({
        ...{ zoneId: z.id, buildUpId: torched.id, revision: torched.revision, conditions: [], choices: {} },
      })),
    },
  }));
  await page.goto(`/jobs/${built}/details`);
  await expect(page.getByText('Foot of a wall').first()).toBeVisible();
  await page.goto(`/jobs/${built}/order`);
  await expect(page.getByText('Fasteners for bars').first()).toBeVisible();
  await page.goto(`/jobs/${built}/order?part=courses`);
  await expect(page.getByText(/up the wall, as is usual/).first()).toBeVisible();
});
