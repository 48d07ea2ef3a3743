/** npm run screenshots: one picture of each main view, from the demo data, into docs/screenshots/. */
import { existsSync } from 'node:fs';
import path from 'node:path';
import { ensureDebian } from './lib/debian.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ROOT } from './lib/paths.mjs';
import { node } from './lib/run.mjs';
import { script } from './lib/say.mjs';
import { choosePort } from './lib/server.mjs';

await script(async () => {
  await ensurePackages();
  await ensureDebian(['chromium'], () => existsSync(process.env.CHROMIUM ?? '/usr/bin/chromium'), 'Chromium');
  const { code } = await node([path.join(ROOT, 'node_modules/@playwright/test/cli.js'), 'test'], {
    cwd: path.join(ROOT, 'e2e'),
    env: {
      ...process.env,
      E2E_PORT: String(await choosePort(4195)),
      E2E_DATABASE: 'lentum_pictures',
      LENTUM_PICTURES: 'yes',
    },
  });
  process.exit(code);
});
