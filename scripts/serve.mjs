/** One server and nothing else, for whoever sees to the database: `node scripts/serve.mjs`; with `--make` it is only made. */
import { pathToFileURL } from 'node:url';
import { ensureServer } from './lib/bundle.mjs';

const main = await ensureServer();
if (process.argv.includes('--make')) console.log(main);
else await import(pathToFileURL(main).href);
