/** The published formats as JSON Schemas. What has a name of its own, or occurs more than once, stands once, below `$defs`. */
import { z } from 'zod';
import { jobFileSchema } from '@lentum/core/jobfile';
import { buildUpFileSchema } from '@lentum/core/library';
import { printoutSchema } from '@lentum/core/printout';
import { storedEntrySchema } from '@lentum/core/record';
import { receiptSchema } from '@lentum/core/sealed';
import { withoutNamelessParts } from '../../server/src/http/namelessparts.ts';
import { PREFIX } from '../../server/src/http/partnames.ts';
import { NAMED } from '../../server/src/http/schemanames.ts';

const names = z.registry<{ id: string; description: string }>();
for (const [schema, id, description] of NAMED) names.add(schema, { id, description });

const FILES = {
  job: ['Lentum job file', jobFileSchema],
  'build-up': ['Lentum build-up file', buildUpFileSchema],
  printout: ['Lentum printout: what is printed or drawn as PDF', printoutSchema],
  record: ['Entry of a Lentum record, as stored', storedEntrySchema],
  receipt: ['What a server has signed of the end of a Lentum record', receiptSchema],
} as const satisfies Readonly<Record<string, readonly [title: string, z.ZodType]>>;
export type PublishedName = keyof typeof FILES;
export const PUBLISHED = Object.keys(FILES) as readonly PublishedName[];

const DEFS = '#/$defs/';
const inText = <T>(value: T, from: string, to: string): T =>
  JSON.parse(JSON.stringify(value).replaceAll(`"${from}`, `"${to}`)) as T;

/** The same with parts that say where they belong, named as those of the API are. */
function withNamedParts(name: string, { $defs = {}, ...root }: { readonly $defs?: object }): object {
  const document = { components: { schemas: { ...$defs, [`${name}File`]: root } } };
  const { components } = inText(withoutNamelessParts(inText(document, DEFS, PREFIX)), PREFIX, DEFS);
  const { [`${name}File`]: whole, ...parts } = components.schemas as Record<string, object>;
  return { ...whole, ...(Object.keys(parts).length > 0 ? { $defs: parts } : {}) };
}

/** A published schema, as the code has it now. */
export function publishedSchema(name: PublishedName): object {
  const [title, schema] = FILES[name];
  const { $schema, ...rest } = z.toJSONSchema(schema, {
    ...{ io: 'input', unrepresentable: 'any', reused: 'ref', metadata: names },
  });
  return { $schema, $id: `urn:lentum:${name}`, title, ...withNamedParts(name, rest) };
}
