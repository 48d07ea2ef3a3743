/** Two firms on one server: the same browser, two names, and nothing of one under the name of the other. */
import { addFirm } from '../server/src/access/firmsmade.ts';
import { inThreeThemes } from './axe.ts';
import { DESK, firmServer, PASSWORD, signIn, type FirmServer } from './firmhouse.ts';
import { expect, test } from './support.ts';

let firm: FirmServer;
test.beforeAll(async () => {
  firm = await firmServer('lentum_e2e_firms', {
    env: { LENTUM_FIRMS: 'several', LENTUM_DEMO: 'off' },
    host: 'north.localhost',
  });
});
test.afterAll(() => firm.end());

test('two firms are used side by side, each under its own name', async ({ browser }) => {
  test.setTimeout(120_000);
  const { context, page } = await firm.browser(browser, DESK);
  const south = firm.base.replace('north.', 'south.');
  // Nobody is reached under a name that no firm has.
  const statusOf = async (address: string): Promise<number | undefined> =>
    (await page.goto(address))?.status();
  expect(await statusOf(`${south}/api/v1/session`)).toBe(403);
  const codes: Record<string, string> = {};
  for (const name of ['north', 'south'])
    codes[name] = (
      await addFirm(firm, { host: `${name}.localhost`, firm: `${name} roofs`, owner: 'Oda' }, new Date())
    ).code;
  // A name that was asked for is looked up again after ten seconds.
  await expect.poll(() => statusOf(`${south}/api/v1/session`), { timeout: 20_000 }).toBe(200);

  // Asked by the page itself: only a browser knows names that end in .localhost.
  const asked = (method: string, path: string, body: object): Promise<number> =>
    page.evaluate(
      async (of) => {
        const headers = { 'Content-Type': 'application/json' };
        const { status } = await fetch(`/api/v1${of.path}`, {
          method: of.method,
          headers,
          body: JSON.stringify(of.body),
        });
        return status;
      },
      { method, path, body },
    );
  const begin = async (base: string, name: string): Promise<void> => {
    await page.goto(`${base}/join`);
    await page.getByLabel('Code').fill(codes[name] ?? '');
    await page.getByRole('button', { name: 'Go on' }).click();
    await page.getByLabel('Name to sign in').fill('oda');
    await page.getByLabel('New password', { exact: true }).fill(PASSWORD);
    await page.getByRole('button', { name: 'Come in' }).click();
    await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
    const head = { name: `Roof of the ${name}`, place: '', timeZone: 'Europe/Lisbon', units: 'metric' };
    expect(await asked('PUT', '/jobs/roof', head)).toBe(201);
  };
  await begin(firm.base, 'north');
  await begin(south, 'south');
  for (const [base, own, other] of [
    [firm.base, 'north', 'south'],
    [south, 'south', 'north'],
  ]) {
    await page.goto(`${base}/`);
    await expect(page.getByRole('link', { name: `Roof of the ${own}` })).toBeVisible();
    await expect(page.getByText(`Roof of the ${other}`)).toHaveCount(0);
    // The server itself is the business of whoever looks after all of them.
    await page.goto(`${base}/server`);
    await expect(page.getByText('Entries on record')).toBeVisible();
    await expect(page.getByRole('heading', { name: 'At work on this database' })).toHaveCount(0);
  }
  expect(await inThreeThemes(page)).toEqual([]);
  // Signed out in one, signed in in the other.
  expect(await asked('POST', '/session/end', {})).toBe(204);
  await page.goto(`${south}/`);
  await signIn(page, 'nobody');
  await expect(page.getByRole('alert')).toBeVisible();
  await page.goto(`${firm.base}/`);
  await expect(page.getByRole('link', { name: 'Roof of the north' })).toBeVisible();
  await context.close();
});
