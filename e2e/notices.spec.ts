/** The application names what it is built with, each package under its own licence. */
import { readFileSync } from 'node:fs';
import { expect, test } from './support.ts';

const packagesOf = (folder: string): string[] => {
  const file = new URL(`../${folder}/package.json`, import.meta.url);
  const { dependencies } = JSON.parse(readFileSync(file, 'utf8')) as { dependencies: Record<string, string> };
  return Object.keys(dependencies).filter((name) => !name.startsWith('@lentum/'));
};

test('every package that the application or the core names has its licence in the notices', async ({
  page,
}) => {
  await page.goto('/settings');
  await page.getByRole('link', { name: 'What Lentum is built with, and under which licences' }).click();
  const text = await page.locator('body').innerText();
  const said = new Set(
    text.split(/^-{72}$/m).flatMap((part) => {
      const [, name] = /^(\S+) \d[^\n]*\nLicence: (?!not said)/.exec(part.trim()) ?? [];
      return name === undefined ? [] : [name];
    }),
  );
  expect([...packagesOf('web'), ...packagesOf('core')].filter((name) => !said.has(name))).toEqual([]);
});
