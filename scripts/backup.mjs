/** npm run backup, restore and drill. `--into NAME` for another database of the project's own; start it with LENTUM_DATABASE. */
import { parseArgs } from 'node:util';
import { runOnDatabase } from './lib/ondatabase.mjs';
import { script } from './lib/say.mjs';

await script(async () => {
  const { positionals, values } = parseArgs({
    allowPositionals: true,
    options: { into: { type: 'string' } },
  });
  const into = values.into === undefined ? {} : { name: values.into };
  await runOnDatabase('server/src/backup/cli.ts', { args: positionals, ...into });
});
