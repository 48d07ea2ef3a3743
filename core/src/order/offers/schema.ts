/** Prices that suppliers gave: by product and pack, with their day. */
import { z } from 'zod';
import { idSchema, nameSchema } from '../../job/index.ts';

/** A plain decimal, as money is kept: never a float. */
const priceSchema = z
  .string()
  .regex(/^\d{1,10}(\.\d{1,4})?$/, 'a plain decimal such as 12.50, with at most 4 decimals');

export const offerSchema = z.strictObject({
  id: idSchema,
  supplier: nameSchema,
  /** The day of the offer, and until when it holds. */
  on: z.iso.date(),
  until: z.iso.date().optional(),
  currency: z.string().regex(/^[A-Z]{3}$/, 'three capital letters, such as EUR'),
  /** Days from ordering to delivery. */
  deliveryDays: z.number().int().min(0).max(365).optional(),
  /** Freight and the like, once for the whole order. */
  freight: priceSchema.optional(),
  note: z.string().max(400).default(''),
  lines: z
    .array(
      z.strictObject({
        /** Key of an order line, and a pack of it. */
        item: z.string().min(1).max(200),
        packId: idSchema,
        /** Their names, kept for when the line is gone. */
        name: nameSchema,
        pack: nameSchema,
        price: priceSchema,
      }),
    )
    .max(1000),
});
export type Offer = z.infer<typeof offerSchema>;
