/** Writes the demo job as a file in the published format. Run by `npm run demo:build`. */
import { writeFileSync } from 'node:fs';
import { writeJobFile } from '@lentum/core/jobfile';
import { DEMO_ANCHOR, DEMO_FILE, velmora } from './src/index.ts';

writeFileSync(
  DEMO_FILE,
  `${JSON.stringify(writeJobFile(velmora(new Date(DEMO_ANCHOR)), DEMO_ANCHOR), null, 1)}\n`,
);
