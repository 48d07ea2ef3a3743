/** Several people on one job: an owner at the desk, a foreman's phone, an inspector and a client, each in a browser of their own. */
import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import pg from 'pg';
import { inThreeThemes, overflowing } from './axe.ts';
import { DESK, firmServer, PASSWORD, PHONE, signIn, type FirmServer } from './firmhouse.ts';
import { downloaded, expect, test } from './support.ts';

let firm: FirmServer;
test.beforeAll(async () => {
  firm = await firmServer('lentum_e2e_firm');
});
test.afterAll(() => firm.end());

/** The owner lets somebody in and reads the code off the screen. */
async function letIn(owner: Page, name: string, role: string, job?: string): Promise<string> {
  await owner.getByRole('button', { name: 'Let somebody in' }).click();
  await owner.getByLabel('Name, as entries carry it').fill(name);
  await owner.getByRole('combobox', { name: 'In all jobs of the firm' }).press('Enter');
  await owner
    .getByRole('option', { name: job === undefined ? new RegExp(`^${role}`) : /^Only in the jobs/ })
    .click();
  if (job !== undefined) {
    await owner.getByRole('button', { name: 'Add a job' }).click();
    await owner.getByRole('combobox', { name: 'Role in this job' }).press('Enter');
    await owner.getByRole('option', { name: role, exact: true }).click();
  }
  await owner.getByRole('button', { name: 'Make the account and a code' }).click();
  const dialog = owner.getByRole('dialog', { name: `Code for ${name}` });
  const code = (await dialog.locator('.code').textContent()) ?? '';
  if (name === 'Fritz') expect(await inThreeThemes(owner)).toEqual([]);
  await dialog.getByRole('button', { name: 'Done' }).click();
  return code.trim();
}
async function comeIn(page: Page, code: string, name: string): Promise<void> {
  await page.goto(`/join#${code}`);
  await expect(page.getByRole('heading', { name: `Welcome, ${name}` })).toBeVisible();
  await page.getByLabel('Name to sign in').fill(name);
  await page.getByLabel('New password').fill(PASSWORD);
  await page.getByRole('button', { name: 'Come in' }).click();
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
}

test('a firm switches accounts on, and four people work on the demo', async ({ browser }) => {
  test.setTimeout(360_000);
  const { context: desk, page: owner } = await firm.browser(browser, DESK);
  await owner.goto('/settings');
  await owner.getByRole('button', { name: 'Let people sign in' }).click();
  // A password that is guessed soon is told so, and nothing is switched on.
  await owner.getByLabel('Firm', { exact: true }).fill('Harbour Coatings');
  await owner.getByLabel('Your name, as entries carry it').fill('Oda');
  await owner.getByLabel('Name to sign in').fill('oda');
  await owner.getByLabel('Password', { exact: true }).fill('passwordpassword');
  await owner.getByRole('button', { name: 'From now on people sign in' }).click();
  await expect(owner.getByRole('alert')).toContainText('one that is guessed soon');
  await owner.getByLabel('Password', { exact: true }).fill(PASSWORD);
  await owner.getByRole('button', { name: 'From now on people sign in' }).click();
  await expect(owner.getByRole('heading', { name: 'You at Harbour Coatings' })).toBeVisible();
  await owner.getByRole('link', { name: 'People', exact: true }).click();
  const codes = {
    fritz: await letIn(owner, 'Fritz', 'Foreman'),
    ivo: await letIn(owner, 'Ivo', 'Inspector', 'Velmora'),
    carla: await letIn(owner, 'Carla', 'Client', 'Velmora'),
  };
  await expect(owner.getByRole('row', { name: /Carla.*Client in Velmora ferry terminal/ })).toBeVisible();
  expect([...(await inThreeThemes(owner)), ...(await overflowing(owner))]).toEqual([]);
  await owner.getByRole('row', { name: /Carla/ }).getByRole('button', { name: 'Change' }).click();
  await expect(owner.getByRole('dialog', { name: 'Change Carla' })).toBeVisible();
  expect(await inThreeThemes(owner)).toEqual([]);
  await owner.getByRole('button', { name: 'Cancel' }).click();
  await owner.goto('/settings');
  await expect(owner.getByText('this one', { exact: true })).toBeVisible();
  expect([...(await inThreeThemes(owner)), ...(await overflowing(owner))]).toEqual([]);
  // A job that the client has nothing to do with.
  const other = randomUUID();
  const head = { name: 'Another roof', place: '', timeZone: 'Europe/Lisbon', units: 'metric' };
  expect((await owner.request.put(`${firm.base}/api/v1/jobs/${other}`, { data: head })).status()).toBe(201);

  // The foreman's phone: prepares a bay in his own name, sees no prices, does not change the order.
  const { context: van, page: phone } = await firm.browser(browser, PHONE);
  await phone.goto('/');
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  expect([...(await inThreeThemes(phone)), ...(await overflowing(phone))]).toEqual([]);
  await comeIn(phone, codes.fritz, 'Fritz');
  await phone.getByRole('link', { name: 'Velmora ferry terminal' }).click();
  await phone.getByRole('link', { name: 'Today' }).click();
  await phone.getByRole('button', { name: 'Prepared' }).first().click();
  const back = phone.getByRole('button', { name: 'Take it back' });
  await expect(back).toBeVisible();
  const job = /jobs\/([^/?]+)/.exec(phone.url())?.[1] ?? '';
  const record = await phone.request.get(`${firm.base}/api/v1/jobs/${job}/record?after=170&limit=2000`);
  const { people } = (await record.json()) as { people: { name: string }[] };
  expect(people.map((p) => p.name)).toContain('Fritz');
  // A mis-tap: his own entry is his to take back.
  await back.click();
  await expect(phone.getByRole('button', { name: 'Prepared' }).first()).toBeVisible();
  await phone.setViewportSize(DESK);
  await phone.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name: 'Order' }).click();
  await expect(
    phone.getByText('You read this page. Only an owner or an estimator may change the order.'),
  ).toBeVisible();
  await expect(phone.getByRole('columnheader', { name: 'Weight' }).first()).toBeVisible();
  await expect(phone.getByRole('columnheader', { name: 'Price' })).toHaveCount(0);
  await expect(phone.getByRole('button', { name: 'Suppliers' })).toHaveCount(0);

  // The client sees this job and no other, and nothing to change.
  const { context: home, page: client } = await firm.browser(browser, DESK);
  await comeIn(client, codes.carla, 'Carla');
  await expect(client.getByRole('link', { name: 'Velmora ferry terminal' })).toBeVisible();
  await expect(client.getByRole('link', { name: 'Another roof' })).toHaveCount(0);
  await expect(client.getByRole('button', { name: 'Start a job' })).toHaveCount(0);
  await expect(client.getByRole('link', { name: 'Build-ups' })).toHaveCount(0);
  await client.goto(`/jobs/${other}/survey`);
  await expect(client.getByRole('heading', { name: 'This job cannot be opened' })).toBeVisible();
  await client.goto(`/jobs/${job}/record`);
  await expect(client.getByRole('region', { name: 'Coats' })).toContainText('Enough');
  await expect(client.getByRole('button', { name: 'Correct' })).toHaveCount(0);
  await expect(client.getByRole('link', { name: 'Whole job as JSON' })).toHaveCount(0);

  // The inspector keeps a snag; the record has it in his name, and the work is not his to log.
  const { context: third, page: inspector } = await firm.browser(browser, DESK);
  await comeIn(inspector, codes.ivo, 'Ivo');
  await inspector.goto(`/jobs/${job}/site?zone=hall&bay=hall-3`);
  await expect(inspector.getByRole('button', { name: 'Prepared', exact: true })).toHaveCount(0);
  await inspector.getByRole('button', { name: 'Snag', exact: true }).click();
  const sheet = inspector.getByRole('dialog', { name: /^Snag · / });
  await sheet.getByRole('button', { name: 'Bay H3' }).click();
  await sheet.getByRole('textbox', { name: 'What' }).fill('Pinhole beside the drain');
  await sheet.getByRole('button', { name: 'Keep for H3' }).click();
  await expect(sheet).toHaveCount(0);
  await inspector.goto(`/jobs/${job}/record?zone=hall`);
  await expect(
    inspector
      .getByRole('region', { name: 'All entries' })
      .getByRole('row', { name: /Ivo.*Pinhole beside the drain/ }),
  ).toBeVisible();

  // The client takes a receipt home. Somebody who has the database cuts the last entries off, receipts and all.
  const receipt = await downloaded(client, () =>
    client.getByRole('button', { name: 'Receipt', exact: true }).click(),
  );
  await expect(client.getByText('Keep it away from this server.')).toBeVisible();
  const database = new pg.Client({ connectionString: firm.ownerUrl });
  await database.connect();
  const columns = 'tenant_id, job_id, seq, id, supersedes, received_at, entry, previous_hash, hash';
  await database.query(`
    BEGIN; SET LOCAL session_replication_role = replica;
    DELETE FROM receipt;
    CREATE TABLE put_by AS SELECT * FROM record_entry WHERE seq > 170;
    DELETE FROM record_entry WHERE seq > 170;
    COMMIT`);
  await client.reload();
  const alarm = client.getByRole('alert', { name: 'The record is another one' });
  await expect(alarm).toContainText('The tail is missing');
  await client.getByRole('button', { name: 'Check the chain' }).click();
  await expect(client.getByText('The chain is whole: 170 entries')).toBeVisible();
  await client
    .getByLabel('Receipt to compare')
    .setInputFiles({ name: receipt.name, mimeType: 'application/json', buffer: Buffer.from(receipt.text) });
  await expect(client.getByText(/^The record has 170 entries; \d+ were signed/)).toBeVisible();
  await database.query(
    `INSERT INTO record_entry (${columns}) SELECT ${columns} FROM put_by ORDER BY seq; DROP TABLE put_by`,
  );
  await database.end();
  await client.reload();
  await expect(client.getByRole('region', { name: 'Coats' })).toContainText('Enough');
  await expect(alarm).toHaveCount(0);

  // Without a signal, and signed out from the desk meanwhile: the door, the same page behind it, nothing lost.
  await owner.goto(`/jobs/${job}/site`);
  await expect(owner.getByRole('heading', { level: 1, name: 'Velmora ferry terminal' })).toBeVisible();
  const { accounts } = (await (await owner.request.get(`${firm.base}/api/v1/accounts`)).json()) as {
    accounts: { id: string; name: string }[];
  };
  const idOf = (name: string): string => accounts.find((a) => a.name === name)?.id ?? '';
  await phone.setViewportSize(PHONE);
  await phone.goto(`/jobs/${job}/site`);
  await expect(phone.getByRole('heading', { level: 1, name: 'Velmora ferry terminal' })).toBeVisible();
  const prepared = phone.getByRole('button', { name: 'Prepared' }).first();
  await expect(prepared).toBeVisible();
  const before = (await (await phone.request.get(`${firm.base}/api/v1/jobs/${job}/record-check`)).json()) as {
    entries: number;
  };
  await van.setOffline(true);
  await prepared.click();
  await expect(phone.getByText(/1 kept here/)).toBeVisible();
  await owner.request.post(`${firm.base}/api/v1/accounts/${idOf('Fritz')}/sign-out`, { data: {} });
  await van.setOffline(false);
  await expect(phone.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  await signIn(phone, 'fritz');
  await expect(phone.getByRole('heading', { level: 1, name: 'Velmora ferry terminal' })).toBeVisible();
  await expect
    .poll(async () => {
      const { entries } = (await (
        await phone.request.get(`${firm.base}/api/v1/jobs/${job}/record?after=${before.entries}&limit=2000`)
      ).json()) as { entries: { entry: { kind: string; personId: string; signature?: object } }[] };
      return entries.map(({ entry: e }) => [e.kind, e.personId === idOf('Fritz'), e.signature !== undefined]);
    })
    .toEqual([['preparation', true, true]]);

  // The log has it all; a closed account is at the door at once.
  await owner.getByRole('link', { name: 'People', exact: true }).click();
  await owner.getByRole('row', { name: /Carla/ }).getByRole('button', { name: 'Close' }).click();
  await owner.getByRole('button', { name: 'Close it' }).click();
  await expect(owner.getByRole('row', { name: /Carla.*closed/ })).toBeVisible();
  await client.reload();
  await expect(client.getByRole('heading', { name: 'Sign in' })).toBeVisible();
  // Somebody who entered before anybody signed in wants to be forgotten.
  const others = owner.getByRole('region', { name: 'In records without an account' });
  await others.getByRole('button', { name: 'Replace the name of Ines' }).click();
  await owner.getByRole('button', { name: 'Replace it for good' }).click();
  await expect(others.getByRole('row', { name: /Person [0-9a-f]{6}.*replaced/ })).toBeVisible();
  await expect(others.getByText('Ines', { exact: true })).toHaveCount(0);
  await owner.getByRole('button', { name: 'Show the log' }).click();
  await expect(owner.getByText('Oda closed the account of Carla.')).toBeVisible();
  await expect(owner.getByText('Oda signed Fritz out everywhere.')).toBeVisible();
  expect([...(await inThreeThemes(owner)), ...(await overflowing(owner))]).toEqual([]);
  // How the server does is for the owner.
  await owner.goto('/settings');
  await owner.getByRole('link', { name: 'How the server does' }).click();
  await expect(owner.getByRole('row', { name: /process \d+.*pages and tasks/ })).toBeVisible();
  await expect(owner.getByText('Nothing waits, and nothing failed.')).toBeVisible();
  expect([...(await inThreeThemes(owner)), ...(await overflowing(owner))]).toEqual([]);
  await phone.goto('/server');
  await expect(phone.getByText('Only an owner sees how the server does.')).toBeVisible();
  for (const c of [desk, van, home, third]) await c.close();
});
