/**
 * The record: an append-only series of entries. An entry is never changed; a later one may supersede it.
 *
 * An entry has an envelope, the same for every kind, and a body by its kind and the kind's version. A body that has to
 * change gets a new version beside the old one: no field is ever added with a default, so that reading what is stored
 * gives back what was hashed. Entries of the first form (`firstform.ts`) lie in the same chains.
 */
import { z } from 'zod';
import { idSchema } from '../job/index.ts';
import { placeSchema } from '../survey/index.ts';
import { instant } from './bodies/common.ts';
import { conditionsBody, preparationBody, testBody, trialBody } from './bodies/ground.ts';
import { meltBody, permitBody, watchBody } from './bodies/hot.ts';
import { broadcastBody, coatBody, dryFilmBody, gaugeBody, mixBody, plyBody } from './bodies/laying.ts';
import {
  decisionBody,
  detailBody,
  eventBody,
  openingBody,
  remedyBody,
  stockBody,
  withdrawalBody,
} from './bodies/saying.ts';
import { upkeepBody } from './bodies/keeping.ts';
import { pictureMarkSchema } from './bodies/marks.ts';
import { floodBody, leakTestBody, snagBody } from './bodies/testing.ts';
import { firstFormSchema, type FirstForm } from './firstform.ts';

const sha256 = z.string().regex(/^[0-9a-f]{64}$/, '64 hexadecimal digits');
const base64url = z.string().regex(/^[A-Za-z0-9_-]+$/, 'base64url without padding');

/** A bay, and how much of the entry's amounts falls on it: its part of the sum of all shares. */
const shareSchema = z.strictObject({ bayId: idSchema, share: z.number().gt(0).max(1e6) });
export type Share = z.infer<typeof shareSchema>;

const envelope = {
  form: z.literal(2),
  /** Made on the device, so that sending twice stores once. */
  id: idSchema,
  /** Its name lives in a table of its own. */
  personId: idSchema,
  deviceId: idSchema,
  /** Clock of the device. */
  madeAt: instant,
  /** What the server's clock was ahead of the device's when it was last measured; absent while it never was. */
  offsetMs: z.number().int().min(-1e12).max(1e12).optional(),
  /** Absent for what belongs to the job as a whole. */
  zoneId: idSchema.optional(),
  /** None: the zone as a whole, or the job. */
  bays: z.array(shareSchema).max(500),
  place: placeSchema.optional(),
  /** Photos and papers, by the SHA-256 of their content. */
  attachments: z.array(sha256).max(50),
  /** What is drawn on them. */
  marks: z.array(pictureMarkSchema).min(1).max(50).optional(),
  /** The entry that this one takes the place of. */
  supersedes: idSchema.optional(),
  /** By a key of the device, over the canonical form of the entry without this field. */
  signature: z
    .strictObject({
      algorithm: z.literal('ES256'),
      key: base64url.max(200),
      /** The job that it was made in, as the device knew it: signed with the entry, so that it says so nowhere else. */
      jobId: idSchema.optional(),
      value: base64url.max(200),
    })
    .optional(),
  version: z.literal(1),
};

const kind = <K extends string, B extends z.ZodType>(name: K, body: B) =>
  z.strictObject({ ...envelope, kind: z.literal(name), body });

export const secondFormSchema = z.discriminatedUnion('kind', [
  kind('conditions', conditionsBody),
  kind('preparation', preparationBody),
  kind('test', testBody),
  kind('trial', trialBody),
  kind('coat', coatBody),
  kind('ply', plyBody),
  kind('broadcast', broadcastBody),
  kind('mix', mixBody),
  kind('melt', meltBody),
  kind('permit', permitBody),
  kind('watch', watchBody),
  kind('dry film', dryFilmBody),
  kind('gauge', gaugeBody),
  kind('flood', floodBody),
  kind('leak test', leakTestBody),
  kind('snag', snagBody),
  kind('upkeep', upkeepBody),
  kind('event', eventBody),
  kind('opening', openingBody),
  kind('decision', decisionBody),
  kind('detail', detailBody),
  kind('remedy', remedyBody),
  kind('stock', stockBody),
  kind('withdrawal', withdrawalBody),
]);

/** An entry as devices make it now. */
export type Entry = z.infer<typeof secondFormSchema>;
export type Kind = Entry['kind'];
export type EntryOf<K extends Kind> = Extract<Entry, { kind: K }>;
export type Body<K extends Kind> = EntryOf<K>['body'];

export const KINDS = secondFormSchema.options.map((o) => o.shape.kind.value) as readonly Kind[];

/** Either form, as it is stored and hashed. */
export const entrySchema = z.union([secondFormSchema, firstFormSchema]);
export type EntryForm = Entry | FirstForm;
export const isSecondForm = (entry: EntryForm): entry is Entry => 'form' in entry;

/** An entry as the record keeps it: numbered, received, chained. */
export const storedEntrySchema = z.strictObject({
  seq: z.number().int().min(1),
  receivedAt: instant,
  previousHash: sha256,
  hash: sha256,
  entry: entrySchema,
});
export type StoredEntry = z.infer<typeof storedEntrySchema>;

/** Somebody who enters things. The name may be replaced later: no hash covers it. */
export const personSchema = z.strictObject({ id: idSchema, name: z.string().trim().min(1).max(80) });
export type Person = z.infer<typeof personSchema>;
