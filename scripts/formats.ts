/** Writes the published JSON Schemas, the page about the settings, and the drawing of the rooms. Run by `npm run formats`; a test holds them to the code. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { z } from 'zod';
import { buildUpFileSchema } from '@lentum/core/library';
import { jobFileSchema } from '@lentum/core/jobfile';
import { printoutSchema } from '@lentum/core/printout';
import { storedEntrySchema } from '@lentum/core/record';
import { receiptSchema } from '@lentum/core/sealed';
import { settingsPage } from '../server/src/operations/settings.ts';
import { draw, DRAWING } from './architecture/drawing.ts';

const folder = new URL('../docs/formats/', import.meta.url);
mkdirSync(folder, { recursive: true });
for (const [name, title, schema] of [
  ['job', 'Lentum job file', jobFileSchema],
  ['build-up', 'Lentum build-up file', buildUpFileSchema],
  ['printout', 'Lentum printout: what is printed or drawn as PDF', printoutSchema],
  ['record', 'Entry of a Lentum record, as stored', storedEntrySchema],
  ['receipt', 'What a server has signed of the end of a Lentum record', receiptSchema],
] as const) {
  const json = { title, ...z.toJSONSchema(schema, { io: 'input', unrepresentable: 'any' }) };
  writeFileSync(new URL(`${name}.schema.json`, folder), `${JSON.stringify(json, null, 2)}\n`);
}

const page = new URL('../docs/configuration.md', import.meta.url);
const style = await resolveConfig(page);
writeFileSync(page, await format(settingsPage(), { ...style, parser: 'markdown' }));

writeFileSync(DRAWING, await draw());
