/** Numbers as the place of the browser writes them; a job in US units from the tape to the paper. */
import { expect, freshDemo, measure, test } from './support.ts';

test.describe('a browser that writes a decimal comma', () => {
  test.use({ locale: 'de-DE' });
  test('shows it and takes it; what can be read in two ways is asked about', async ({ page }) => {
    const id = await freshDemo(page);
    await page.goto(`/jobs/${id}/order`);
    await expect(page.getByText(/\d,\d\s(kg|L)/).first()).toBeVisible();
    await expect(page.locator('main')).not.toContainText(/\d\.\d\s(kg|L|m²)/);
    await page.goto(`/jobs/${id}/survey?zone=hall&part=walk`);
    const side = page.getByRole('textbox', { name: /^Side 1, length/ });
    await expect(side).toHaveValue(/^\d+(,\d+)?$/);
    const before = await side.inputValue();
    await side.fill('1.500');
    await side.press('Tab');
    await expect(page.getByText('can be read in two ways').first()).toBeVisible();
    await side.fill('1,500');
    await side.press('Tab');
    await expect(page.getByText('can be read in two ways').first()).toBeVisible();
    await side.fill(before);
    await side.press('Tab');
    await expect(page.getByText('can be read in two ways')).toHaveCount(0);
  });
});

test.describe('an American browser', () => {
  test.use({ locale: 'en-US' });
  test('a job in US units has feet and inches, falls in twelve, American packs and a clock of two halves', async ({
    page,
  }) => {
    await page.goto('/jobs');
    await page.getByRole('button', { name: 'Start a job' }).click();
    const dialog = page.getByRole('dialog', { name: 'Start a job' });
    // What is wrong is said at its field.
    await dialog.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(dialog.locator('.el-form-item', { hasText: 'Name' }).first()).toContainText(
      'Name is missing; expected a few words.',
    );
    await dialog.getByRole('textbox', { name: 'Name' }).fill('Dock roof');
    await dialog.getByText('US customary').click();
    await expect(dialog.getByText('Roof drain, curb, cant strip, tie-off.')).toBeVisible();
    await dialog.getByText(`12' 6 7/16"`).click();
    await dialog.getByRole('button', { name: 'Start', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Dock roof' })).toBeVisible();

    await page.getByRole('button', { name: 'Walk round the edge' }).click();
    const walk = page.getByRole('dialog', { name: 'Walk round the edge' });
    for (const [side, text] of [`24' 6 7/16"`, `18'`, '7 m 47', '18 ft'].entries())
      await measure(page, `Side ${side + 1}, length`, text);
    await expect(walk.getByRole('textbox', { name: 'Side 1, length' })).toHaveValue(`24' 6 7/16"`);
    await expect(walk.getByRole('textbox', { name: 'Side 3, length' })).toHaveValue(`24' 6 1/8"`);
    await walk.getByRole('button', { name: 'Make the zone' }).click();
    await page.getByRole('button', { name: 'Accept the adjustment' }).click();
    await expect(page.getByText(/44\d\.\d\sft²/).first()).toBeVisible();
    await page.getByRole('button', { name: 'Levels', exact: true }).click();
    await measure(page, 'Fall without levels', '1/4:12');
    await expect(page.getByRole('textbox', { name: 'Fall without levels' })).toHaveValue(/^2\.08/);

    await page.getByRole('link', { name: 'Choose its build-up' }).click();
    await page.getByRole('button', { name: 'Choose for me' }).click();
    await page.getByRole('button', { name: 'Take it' }).first().click();
    await page.getByRole('link', { name: 'See the order' }).click();
    await expect(page.getByText(/\d (gal|lb) (pail|can|kit|drum)/).first()).toBeVisible();
    // No pack holds kilograms or litres, nor do the small things outside a build-up.
    await expect(page.getByText(/Solvent for tools|cleaner for tools/).first()).toBeVisible();
    await expect(page.locator('main')).not.toContainText(
      /\d (kg|g|L|mL|m) (can|box|bag|bottle|cylinder|roll)/,
    );
    // The working, in the units of its reader.
    await page
      .getByRole('button', { name: /, gross/ })
      .first()
      .click();
    const working = page.getByRole('dialog', { name: 'Working' });
    await expect(working.locator('.formula').last()).toContainText(/(gal|lb|ft|ft²)$/);
    await expect(working).not.toContainText(/\d\s(kg|L|m²|mm|m)\b/);
  });
});
