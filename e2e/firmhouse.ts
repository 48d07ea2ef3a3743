/** A server of its own for tests of a firm: where people sign in is of a whole database. */
import type { Browser, BrowserContext, Page } from '@playwright/test';
import { ensureDatabase, releaseServer } from '../scripts/lib/postgres.mjs';
import { startApp } from '../scripts/lib/server.mjs';
import { PAGES } from './playwright.config.ts';

export const PASSWORD = 'blue ladder tin 44';
export const DESK = { width: 1280, height: 800 };
export const PHONE = { width: 390, height: 844 };

export interface FirmServer {
  readonly base: string;
  /** Of the role that serves. */
  readonly url: string;
  /** Of the role that owns the data. */
  readonly ownerUrl: string;
  /** A browser that keeps nothing from another one. */
  readonly browser: (
    browser: Browser,
    viewport: { width: number; height: number },
  ) => Promise<{ context: BrowserContext; page: Page }>;
  readonly end: () => Promise<void>;
}

/**
 * @param name of the database, made anew
 * @param host under which it is asked for; any name that ends in .localhost leads to this machine
 */
export async function firmServer(
  name: string,
  { env = {}, host = '127.0.0.1' }: { env?: Record<string, string>; host?: string } = {},
): Promise<FirmServer> {
  const database = await ensureDatabase(name, { fresh: true });
  // Any free port: tests beside this one start servers too.
  const app = await startApp(database, { port: 0, quiet: true, env });
  const base = `http://${host}:${app.port}`;
  return {
    ...{ base, url: database.url, ownerUrl: database.ownerUrl },
    browser: async (browser, viewport) => {
      const context = await browser.newContext({
        ...{ ...PAGES, baseURL: base, viewport },
        hasTouch: viewport === PHONE,
      });
      return { context, page: await context.newPage() };
    },
    end: async () => {
      await app.stop();
      await releaseServer(database);
    },
  };
}

export const signIn = async (page: Page, name: string): Promise<void> => {
  await page.getByLabel('Name to sign in').fill(name);
  await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
  await page.getByRole('button', { name: 'Sign in', exact: true }).click();
};
