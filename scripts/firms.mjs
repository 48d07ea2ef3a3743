/** npm run firms: the firms of the database, where it holds several (docs/firms.md). */
import { runOnDatabase } from './lib/ondatabase.mjs';

await runOnDatabase('server/src/access/firmscli.ts');
