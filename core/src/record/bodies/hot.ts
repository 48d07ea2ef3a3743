/** Hot works: charges of the kettle, permits, watches. */
import { z } from 'zod';
import { idSchema } from '../../job/index.ts';
import { at, batch, celsius, instant, kg, layer, note, said } from './common.ts';

export const meltBody = z.strictObject({
  ...layer,
  /** Which charge of the day. */
  charge: z.number().int().min(1).max(100),
  litAt: instant,
  /** Burner off; absent while it burns. */
  offAt: instant.optional(),
  blocks: z.number().int().min(0).max(1000),
  chargedKg: kg.gt(0),
  /** Of the melt in the kettle, and where it is laid. */
  temperatures: z
    .array(z.strictObject({ at: instant, kettleC: celsius, layingC: celsius.optional() }))
    .max(200),
  drawnKg: kg,
  leftKg: kg,
  batch,
  ...note,
});

export const permitBody = z.discriminatedUnion('step', [
  z.strictObject({
    step: z.literal('opened'),
    ...at,
    number: said(60),
    issuedBy: said(80),
    work: said(200),
    until: instant,
    ...note,
  }),
  z.strictObject({ step: z.literal('closed'), ...at, permitId: idSchema, closedBy: said(80), ...note }),
]);

export const watchBody = z.discriminatedUnion('step', [
  z.strictObject({
    step: z.literal('opened'),
    ...at,
    watcher: said(80),
    until: instant,
    extinguisher: z.boolean(),
    permitId: idSchema.optional(),
    ...note,
  }),
  z.strictObject({ step: z.literal('closed'), ...at, watchId: idSchema, nothingFound: z.boolean(), ...note }),
]);
