/** Who made what the application is built with, and under which terms: one file, shipped beside it. */
import { readFileSync, writeFileSync } from 'node:fs';
import license, { type Dependency } from 'rollup-plugin-license';

/** What no module tells of: files that are copied, and a package of nothing but the names of its parts. */
const UNTOLD = ['@fontsource-variable/atkinson-hyperlegible-next', 'highs', 'zxing-wasm', 'vue'];

type Notice = Pick<Dependency, 'name' | 'version' | 'license' | 'licenseText' | 'noticeText'>;
const found = new Map<string, Notice>();

function add(dependencies: readonly Notice[]): void {
  for (const d of dependencies) found.set(`${d.name ?? ''} ${d.version ?? ''}`, d);
}

function untold(name: string): Notice {
  const at = (file: string): URL => new URL(`../node_modules/${name}/${file}`, import.meta.url);
  const told = JSON.parse(readFileSync(at('package.json'), 'utf8')) as { version: string; license: string };
  return {
    ...{ name, version: told.version, license: told.license },
    ...{ licenseText: readFileSync(at('LICENSE'), 'utf8'), noticeText: null },
  };
}

const written = (d: Notice): string =>
  [
    `${d.name ?? ''} ${d.version ?? ''}`,
    `Licence: ${d.license ?? 'not said'}`,
    '',
    (d.licenseText ?? 'Its package has no text of the licence.').trim(),
    ...(d.noticeText ? ['', d.noticeText.trim()] : []),
  ].join('\n');

/** Notes what a part of the application is built with; workers are parts of their own, and are built first. */
export const noted = (): ReturnType<typeof license> => license({ thirdParty: add });

/** The same, and writes the file when all of it is built. */
export const notices = (file: string): ReturnType<typeof license> =>
  license({
    thirdParty: (dependencies) => {
      add(dependencies);
      add(UNTOLD.map(untold));
      const all = [...found].sort(([a], [b]) => a.localeCompare(b, 'en')).map(([, d]) => written(d));
      const head =
        'Lentum contains the packages below. Each is used under its own licence, which follows its name.';
      writeFileSync(file, `${[head, ...all].join(`\n\n${'-'.repeat(72)}\n\n`)}\n`);
    },
  });
