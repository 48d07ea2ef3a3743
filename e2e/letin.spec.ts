/** Ways in without a password: a phone by a code, a reader by a link. */
import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { inThreeThemes, overflowing } from './axe.ts';
import { DESK, firmServer, PASSWORD, PHONE, signIn, type FirmServer } from './firmhouse.ts';
import { expect, test } from './support.ts';

let firm: FirmServer;
test.describe.configure({ mode: 'serial' });
test.beforeAll(async () => {
  firm = await firmServer('lentum_e2e_letin');
});
test.afterAll(() => firm.end());

/** The owner at the desk; the first one switches accounts on. */
async function ownerAt(page: Page): Promise<string> {
  const api = `${firm.base}/api/v1`;
  const owner = { login: 'oda', password: PASSWORD };
  const begun = await page.request.post(`${api}/firm/accounts`, {
    data: { firm: 'Harbour Coatings', name: 'Oda', ...owner },
  });
  if (!begun.ok()) expect((await page.request.post(`${api}/session`, { data: owner })).ok()).toBe(true);
  const { jobs } = (await (await page.request.get(`${api}/jobs`)).json()) as {
    jobs: { id: string; job: { name: string } }[];
  };
  return jobs.find((j) => j.job.name === 'Velmora ferry terminal')?.id ?? '';
}

test('a phone comes in by a code, for one job, signs what is entered, and is signed out', async ({
  browser,
}) => {
  const { context: office, page: desk } = await firm.browser(browser, DESK);
  const job = await ownerAt(desk);
  const other = randomUUID();
  const head = { name: 'Another roof', place: '', timeZone: 'Europe/Lisbon', units: 'metric' };
  expect((await desk.request.put(`${firm.base}/api/v1/jobs/${other}`, { data: head })).status()).toBe(201);
  await desk.goto('/settings');
  await desk.getByRole('button', { name: 'Let a phone in' }).click();
  const asking = desk.getByRole('dialog', { name: 'A phone for Oda' });
  expect(await inThreeThemes(desk)).toEqual([]);
  await asking.getByRole('combobox', { name: 'It sees' }).press('Enter');
  await desk.getByRole('option', { name: 'Velmora ferry terminal' }).click();
  await asking.getByRole('button', { name: 'Show the code' }).click();
  const code = (await desk.getByRole('dialog').locator('p.code').textContent()) ?? '';
  expect([...(await inThreeThemes(desk)), ...(await overflowing(desk))]).toEqual([]);

  const { context: van, page: phone } = await firm.browser(browser, PHONE);
  await phone.goto(`/join#${code.trim()}`);
  await expect(phone.getByText('for one job: Velmora ferry terminal.')).toBeVisible();
  await expect(phone.getByLabel('New password')).toHaveCount(0);
  await phone.getByLabel('What this device is called').fill('Van phone');
  expect([...(await inThreeThemes(phone)), ...(await overflowing(phone))]).toEqual([]);
  await phone.getByRole('button', { name: 'Come in' }).click();
  await expect(phone.getByRole('link', { name: 'Velmora ferry terminal' })).toBeVisible();
  await expect(phone.getByRole('link', { name: 'Another roof' })).toHaveCount(0);
  await phone.goto(`/jobs/${job}/site`);
  await phone.getByRole('button', { name: 'Prepared' }).first().click();
  await expect(phone.getByRole('button', { name: 'Take it back' })).toBeVisible();
  const { entries } = (await (
    await phone.request.get(`${firm.base}/api/v1/jobs/${job}/record?after=170&limit=2000`)
  ).json()) as { entries: { entry: { signature?: { jobId: string } } }[] };
  expect(entries.at(-1)?.entry.signature?.jobId).toBe(job);

  await desk.getByRole('button', { name: 'Done' }).click();
  await desk.getByRole('button', { name: 'Sign out there: Van phone' }).click();
  await desk.getByRole('dialog').getByRole('button', { name: 'Sign out there' }).click();
  await expect(desk.getByText('Van phone')).toHaveCount(0);
  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  for (const c of [office, van]) await c.close();
});

test('a link opens the handover for somebody without an account, who changes nothing; ended, it is shut', async ({
  browser,
}) => {
  const { context: office, page: desk } = await firm.browser(browser, DESK);
  const job = await ownerAt(desk);
  await desk.goto(`/jobs/${job}/handover?zone=canopy`);
  await desk.getByRole('button', { name: 'Share', exact: true }).click();
  const dialog = desk.getByRole('dialog', { name: 'Links to share' });
  await dialog.getByRole('button', { name: 'New link' }).click();
  await dialog.getByRole('button', { name: 'Make the link' }).click();
  await expect(dialog).toContainText('For whom: nothing was entered');
  await dialog.getByLabel('For whom').fill('The harbour office');
  expect([...(await inThreeThemes(desk)), ...(await overflowing(desk))]).toEqual([]);
  await dialog.getByRole('button', { name: 'Make the link' }).click();
  const address = (await dialog.locator('p.address').textContent()) ?? '';
  await expect(dialog).toContainText('not opened yet; made by Oda');
  expect([...(await inThreeThemes(desk)), ...(await overflowing(desk))]).toEqual([]);

  const { context: away, page: guest } = await firm.browser(browser, DESK);
  await guest.goto(address.trim());
  await expect(guest).toHaveURL(new RegExp(`/jobs/${job}/handover`));
  await expect(guest.getByRole('heading', { level: 1, name: 'Velmora ferry terminal' })).toBeVisible();
  await expect(guest.getByText('You read this page.')).toBeVisible();
  await expect(guest.getByRole('button', { name: 'Share', exact: true })).toHaveCount(0);
  await expect(guest.getByRole('link', { name: 'Build-ups' })).toHaveCount(0);
  for (const name of ['Hand over', 'Something went wrong', 'Add a snag'])
    await expect(guest.getByRole('button', { name, exact: true })).toHaveCount(0);
  await guest.goto(`/jobs/${job}/details?zone=hall`);
  await expect(guest.getByRole('button', { name: 'Print this card' })).toBeEnabled();
  await expect(guest.getByRole('button', { name: 'It is made' })).toHaveCount(0);
  await guest.goto(`/jobs/${job}/survey?zone=hall`);
  await expect(guest.getByRole('textbox', { name: 'Zone', exact: true })).toBeDisabled();
  await expect(guest.getByRole('textbox', { name: 'Side 3, length' })).not.toBeEditable();
  await expect(guest.getByRole('button', { name: 'Add a roof light' })).toBeDisabled();
  await expect(guest.getByRole('button', { name: 'New zone' })).toHaveCount(0);
  await expect(guest.getByRole('button', { name: 'Export' })).toBeEnabled();
  expect([...(await inThreeThemes(guest)), ...(await overflowing(guest))]).toEqual([]);
  await guest.goto(`/jobs/${job}/order`);
  await expect(guest.getByRole('columnheader', { name: 'Weight' }).first()).toBeVisible();
  await expect(guest.getByRole('columnheader', { name: 'Price' })).toHaveCount(0);
  await guest.goto(`/jobs/${job}/record`);
  await expect(guest.getByRole('region', { name: 'Coats' })).toContainText('Enough');
  await guest.goto('/settings');
  await expect(guest.getByRole('heading', { name: 'You read a job of Harbour Coatings' })).toBeVisible();
  expect([...(await inThreeThemes(guest)), ...(await overflowing(guest))]).toEqual([]);

  await desk.reload();
  await desk.getByRole('button', { name: 'Share', exact: true }).click();
  await expect(dialog).toContainText('opened once');
  await dialog.getByRole('button', { name: 'End the link for The harbour office' }).click();
  await desk.getByRole('button', { name: 'End it', exact: true }).click();
  await expect(dialog).toContainText(/ended \d/);
  await guest.reload();
  await expect(guest.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await guest.goto(address.trim());
  await expect(guest.getByRole('alert')).toContainText('This link is not good: it was ended');
  for (const c of [office, away]) await c.close();
});

test('a passkey is made, lets in without a password, and is taken back', async ({ browser }) => {
  const { context, page } = await firm.browser(browser, DESK);
  await ownerAt(page);
  // A device that holds passkeys and is opened by a finger.
  const device = await context.newCDPSession(page);
  await device.send('WebAuthn.enable');
  await device.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      ...{ protocol: 'ctap2', transport: 'internal', automaticPresenceSimulation: true },
      ...{ hasResidentKey: true, hasUserVerification: true, isUserVerified: true },
    },
  });
  // Of an address of numbers none is made.
  await page.goto('/settings');
  await expect(page.getByText('A passkey needs a server with a name')).toBeVisible();

  const site = firm.base.replace('127.0.0.1', 'localhost');
  await page.goto(site);
  await signIn(page, 'oda');
  await expect(page.getByRole('link', { name: 'Velmora ferry terminal' })).toBeVisible();
  await page.goto(`${site}/settings`);
  await page.getByRole('button', { name: 'Make a passkey on this device' }).click();
  const takeBack = page.getByRole('button', { name: 'Take it back: passkey of Computer' });
  await expect(takeBack).toBeVisible();
  expect([...(await inThreeThemes(page)), ...(await overflowing(page))]).toEqual([]);
  // A second one on the same device is not made.
  await page.getByRole('button', { name: 'Make a passkey on this device' }).click();
  await expect(page.getByText('This device has a passkey for you already.')).toBeVisible();

  const out = page.getByRole('button', { name: 'Sign out', exact: true });
  const byKey = page.getByRole('button', { name: 'Sign in with a passkey' });
  await out.click();
  await expect(byKey).toBeVisible();
  expect([...(await inThreeThemes(page)), ...(await overflowing(page))]).toEqual([]);
  await byKey.click();
  await expect(page.getByRole('heading', { name: 'You at Harbour Coatings' })).toBeVisible();

  await takeBack.click();
  await page.getByRole('dialog').getByRole('button', { name: 'Take it back' }).click();
  await expect(takeBack).toHaveCount(0);
  await out.click();
  await byKey.click();
  await expect(page.getByText('This passkey is not good here')).toBeVisible();
  await context.close();
});
