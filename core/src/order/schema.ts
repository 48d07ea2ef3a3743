import { z } from 'zod';
import { sourced } from '../job/index.ts';

const waste = sourced(z.number().min(0).max(100));

/** What the person chose for the order. */
export const orderSchema = z.strictObject({
  wastePct: z.strictObject({
    liquid: waste,
    fabric: waste,
    aggregate: waste,
    sheet: waste.default({ value: 5, source: 'typical' }),
  }),
});

export type OrderDoc = z.infer<typeof orderSchema>;

/** Waste by kind, common practice: liquids 5–10 %. Fabric laps are computed, not guessed; this is for offcuts. */
export const DEFAULT_ORDER: OrderDoc = {
  wastePct: {
    liquid: { value: 5, source: 'typical' },
    fabric: { value: 3, source: 'typical' },
    aggregate: { value: 5, source: 'typical' },
    sheet: { value: 5, source: 'typical' },
  },
};
