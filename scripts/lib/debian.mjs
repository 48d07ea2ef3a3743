/** Debian's packages: installed when we may, otherwise the one command to run is said. */
import { run } from './run.mjs';
import { GaveUp, say } from './say.mjs';

export async function ensureDebian(names, found, what) {
  if (found()) return;
  const command = `apt-get update && apt-get install -y --no-install-recommends ${names.join(' ')}`;
  if (process.getuid?.() !== 0)
    throw new GaveUp(`${what} is missing. Install it with:\n\n  sudo sh -c "${command}"\n`);
  say(`Installing ${what} from Debian's packages …`);
  const { code, output } = await run('sh', ['-c', command], {
    quiet: true,
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
  if (code !== 0 || !found())
    throw new GaveUp(
      `${what} could not be installed. Run this by hand and start again:\n\n  ${command}\n\n${output.slice(-1500)}`,
    );
}
