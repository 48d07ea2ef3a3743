/** The file of a person: all that is kept of them. */
import { z } from 'zod';
import { instantSchema } from '@lentum/core/job';
import { storedEntrySchema } from '@lentum/core/record';

const when = instantSchema;
const whenIfEver = instantSchema.nullable();

export const personFileSchema = z.object({
  format: z.literal('lentum-person'),
  version: z.literal(1),
  person: z.object({ id: z.string(), name: z.string(), forgottenAt: whenIfEver }),
  account: z
    .object({
      ...{ id: z.string(), login: z.string().nullable(), firmRole: z.string().nullable() },
      ...{ madeAt: when, closedAt: whenIfEver },
    })
    .nullable(),
  roles: z.array(z.object({ jobId: z.string(), role: z.string() })),
  devices: z.array(
    z.object({
      ...{ id: z.string(), device: z.string(), madeAt: z.string(), seenAt: when },
      ...{ name: z.string().nullable(), job: z.string().nullable() },
    }),
  ),
  keys: z.array(
    z.object({
      ...{ key: z.string(), deviceId: z.string(), name: z.string() },
      ...{ madeAt: when, withdrawnAt: whenIfEver },
    }),
  ),
  passkeys: z.array(
    z.object({
      ...{ id: z.string(), name: z.string(), host: z.string(), madeAt: when, usedAt: whenIfEver },
    }),
  ),
  links: z.array(
    z.object({
      ...{ jobId: z.string(), forWhom: z.string(), madeAt: when, until: when, endedAt: whenIfEver },
      opened: z.number(),
    }),
  ),
  log: z.array(
    z.object({
      ...{ n: z.number(), at: when, what: z.string(), address: z.string().nullable() },
      detail: z.record(z.string(), z.unknown()),
      /** Whether they did it, or it was done to them. */
      didIt: z.boolean(),
    }),
  ),
  entries: z.array(
    z.object({
      ...{ jobId: z.string(), job: z.string(), seq: z.number(), receivedAt: when },
      entry: storedEntrySchema.shape.entry,
    }),
  ),
});
