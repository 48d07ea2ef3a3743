/** Writes the published JSON Schemas, the answers of computations, the types of the client, the page about the settings, and the drawing of the rooms. Run by `npm run formats`; a test holds them to the code. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { settingsPage } from '../server/src/operations/settings.ts';
import { PUBLISHED, publishedSchema } from './lib/schemas.ts';
import { answersText, ANSWERS } from './answers/answers.ts';
import { draw, DRAWING } from './architecture/drawing.ts';

const folder = new URL('../docs/formats/', import.meta.url);
mkdirSync(folder, { recursive: true });
for (const name of PUBLISHED) {
  const text = JSON.stringify(publishedSchema(name), null, 2);
  writeFileSync(new URL(`${name}.schema.json`, folder), `${text}\n`);
}

writeFileSync(ANSWERS, answersText());
// After it is written, as the description has it in it.
const { clientTypes, CLIENT_TYPES } = await import('./lib/clienttypes.ts');
writeFileSync(CLIENT_TYPES, await clientTypes());

const page = new URL('../docs/configuration.md', import.meta.url);
const style = await resolveConfig(page);
writeFileSync(page, await format(settingsPage(), { ...style, parser: 'markdown' }));

writeFileSync(DRAWING, await draw());
