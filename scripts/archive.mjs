/** npm run archive -- copy, and npm run archive -- back --to INSTANT: the database as it was at a moment, as a backup. */
import { runOnDatabase } from './lib/ondatabase.mjs';
import { GaveUp, script } from './lib/say.mjs';

await script(async () => {
  if (!process.env.LENTUM_ARCHIVE)
    throw new GaveUp('LENTUM_ARCHIVE is not set; expected the folder of the archive, as npm start has it.');
  await runOnDatabase('scripts/archive/cli.ts', {
    needs: ({ cluster }) => {
      if (cluster === undefined)
        throw new GaveUp('DATABASE_URL names a database of somebody else: it is archived by its own means.');
    },
  });
});
