/** npm run owner-code [-- [--firm HOST] NAME]: a code for an owner who cannot come in any more, made at the machine itself. */
import { runOnDatabase } from './lib/ondatabase.mjs';

await runOnDatabase('server/src/access/owncode.ts');
