/** Every view, in three themes and at phone size: axe finds nothing against WCAG A and AA, and nothing overflows. */
import { inThreeThemes, overflowing } from './axe.ts';
import { emptyJob, expect, freshDemo, newZone, test } from './support.ts';
import { visit, VIEWS } from './views.ts';

// In four parts: each loads the demo once, and none is so long that a slow machine cuts it off.
const PARTS = 4;
for (let part = 0; part < PARTS; part++) {
  test(`axe finds nothing in three themes, nothing sticks out at 360 and 1920 px, views ${part + 1} of ${PARTS}`, async ({
    page,
  }) => {
    const id = await freshDemo(page);
    const found: Record<string, string[]> = {};
    for (const [name, path, heading] of VIEWS.filter((_, i) => i % PARTS === part)) {
      await visit(page, path(id));
      await expect(page.getByRole('heading', { name: heading, exact: true })).toBeVisible();
      await page.waitForTimeout(300);
      found[name] = [...(await inThreeThemes(page)), ...(await overflowing(page))];
    }
    if (part === 2) {
      await visit(page, `/jobs/${id}/site?zone=hall&bay=hall-10`);
      await page.getByRole('button', { name: 'Log a coat' }).click();
      await expect(page.getByText('Last wet tooth, mm')).toBeVisible();
      await page.waitForTimeout(500);
      found['coat form'] = await inThreeThemes(page);
    } else if (part === 3) {
      await visit(page, `/jobs/${id}/survey`);
      await page.locator('section.figures .large button').click();
      await page.waitForTimeout(500);
      found['working'] = await inThreeThemes(page);
    }
    expect(found).toEqual(Object.fromEntries(Object.keys(found).map((k) => [k, []])));
  });
}

test('axe finds nothing in the dialogs, in three themes', async ({ page }) => {
  const id = await freshDemo(page);
  const found: Record<string, string[]> = {};
  const scan = async (name: string): Promise<void> => {
    await page.waitForTimeout(500);
    found[name] = await inThreeThemes(page);
    await page.keyboard.press('Escape');
  };
  await page.goto('/jobs');
  await page.getByRole('button', { name: 'Start a job' }).click();
  await scan('start a job');
  await page.goto(`/jobs/${id}/survey`);
  await newZone(page, 'Import an outline');
  await scan('import');
  await page.locator('h1').click();
  await page.keyboard.press('/');
  await page.getByLabel('What to find').fill('bay');
  await scan('find');
  await page.locator('h1').click();
  await page.keyboard.press('?');
  await scan('keys');
  await page.goto(`/jobs/${id}/site?zone=terrace&bay=terrace-14`);
  await page.getByRole('button', { name: 'Mix card' }).click();
  await scan('mix card');
  await page.goto(`/jobs/${id}/site?zone=hall`);
  await page.getByRole('button', { name: 'In which order?' }).click();
  await scan('order of bays');
  await page.goto(`/jobs/${id}/site?part=bays&zone=garden`);
  await page.getByRole('button', { name: 'Log', exact: true }).click();
  await page.waitForTimeout(500);
  found['log'] = await inThreeThemes(page);
  await page.getByRole('button', { name: /^Kettle charge/ }).click();
  await scan('kettle charge');
  await page.goto(`/jobs/${id}/site?part=bays&zone=hall&bay=hall-8`);
  await expect(page.getByLabel('Missed on H8')).toBeVisible();
  found['missed'] = await inThreeThemes(page);
  await page.goto(`/jobs/${id}/record`);
  await page.getByRole('button', { name: 'Print', exact: true }).click();
  await expect(page.getByRole('dialog').locator('.printout h1')).toBeVisible();
  found['print'] = await inThreeThemes(page);
  await page.keyboard.press('Escape');
  await page.locator('article.coat').first().getByRole('button', { name: 'Withdraw' }).click();
  await scan('withdraw');
  expect(found).toEqual(Object.fromEntries(Object.keys(found).map((k) => [k, []])));
});

test('axe finds nothing in what opens over a page, in three themes', async ({ page }) => {
  const id = await freshDemo(page);
  const empty = await emptyJob(page);
  const found: Record<string, string[]> = {};
  const open = async (name: string, path: string, button: string | RegExp): Promise<void> => {
    await visit(page, path);
    await page
      .getByRole('button', { name: button, exact: typeof button === 'string' })
      .first()
      .click();
    await expect(page.getByRole('dialog')).toBeVisible();
    await page.waitForTimeout(500);
    found[name] = await inThreeThemes(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toBeHidden();
  };
  await open('where a batch is', '/jobs', 'Where a batch is');
  await open('job', `/jobs/${id}/survey?zone=hall`, 'Change');
  await open('rules', `/jobs/${id}/survey?zone=hall`, 'Rules');
  await open('snag', `/jobs/${id}/survey?zone=hall`, 'Snag');
  await open('walk', `/jobs/${empty}/survey`, 'Walk round the edge');
  await open('estimate', `/jobs/${empty}/survey`, 'Estimate by area');
  await open('outline', `/jobs/${empty}/survey`, 'Import an outline');
  await open('crews', `/jobs/${id}/programme`, 'Crews and dates');
  await open('hours', `/jobs/${id}/site?part=weather`, 'Add hours from a file');
  await open('what went wrong', `/jobs/${id}/handover?zone=hall`, 'Something went wrong');
  await open('ply', `/jobs/${id}/site?part=bays&zone=workshop&bay=workshop-3`, 'Log the base sheet');
  await open('reading', `/jobs/${id}/site?part=today`, /^Read air and surface/);
  await page.setViewportSize({ width: 390, height: 844 });
  await open('more', `/jobs/${id}/site?part=today`, 'More');
  expect(found).toEqual(Object.fromEntries(Object.keys(found).map((k) => [k, []])));
});

test('targets on the phone are at least 48 px where a gloved hand taps', async ({ page }) => {
  const id = await freshDemo(page);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`/jobs/${id}/site?zone=hall&bay=hall-10`);
  await page.getByRole('button', { name: 'Log a coat' }).click();
  await expect(page.getByText('Last wet tooth, mm')).toBeVisible();
  for (const name of [
    /^Last wet tooth/,
    'Finished now',
    'Keep, still laying',
    /^One (more|less) of container/,
  ]) {
    for (const button of await page.getByRole('button', { name }).all()) {
      const box = await button.boundingBox();
      expect(Math.min(box?.height ?? 0, box?.width ?? 0), String(name)).toBeGreaterThanOrEqual(48);
    }
  }
});
