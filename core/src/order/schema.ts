import { z } from 'zod';
import { coursesSchema } from '../courses/index.ts';
import { idSchema, nameSchema, sourced } from '../job/index.ts';
import { offerSchema } from './offers/schema.ts';
import { supplyRatesSchema } from './supplies/rates.ts';

const waste = sourced(z.number().min(0).max(100));

/** What is in the store, used before anything is bought. */
const stockSchema = z.strictObject({
  id: idSchema,
  /** What it is: the key of an order line. */
  item: z.string().min(1).max(200),
  /** Its name, kept for when the line is gone. */
  name: nameSchema,
  /** In the unit of the line: kg, L, m², m or pieces. */
  amount: z.number().gt(0).max(1e6),
  /** The unit that the line had then; absent in what was entered before lines had that of their containers. */
  unit: z.enum(['mass', 'volume']).optional(),
  opened: z.boolean(),
  bestBefore: z.iso.date().optional(),
});

const deliverySchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  on: z.iso.date(),
  /** Until when the last of it is laid. */
  usedBy: z.iso.date(),
  zoneIds: z.array(idSchema).max(200),
});

const sheetSchema = z.strictObject({
  id: idSchema,
  calculator: z.string().min(1).max(40),
  name: nameSchema,
  values: z.record(z.string().max(40), z.union([z.number(), z.string().max(40)])),
});

export const GROUPINGS = ['job', 'zone', 'delivery'] as const;
export const AIMS = ['least left over', 'least cost'] as const;

/** What the person chose for the order. */
export const orderSchema = z.strictObject({
  wastePct: z.strictObject({
    liquid: waste,
    fabric: waste,
    aggregate: waste,
    sheet: waste.default({ value: 5, source: 'typical' }),
    sundry: waste.default({ value: 10, source: 'typical' }),
  }),
  /** Of what is sprayed. */
  oversprayPct: waste.default({ value: 8, source: 'typical' }),
  /** What a rough surface swallows before film counts, L/m², where the coat names no rate of its own for it. */
  profileLPerM2: sourced(z.number().min(0).max(5)).default({ value: 0.15, source: 'typical' }),
  aim: z.enum(AIMS).default('least left over'),
  groupBy: z.enum(GROUPINGS).default('job'),
  palletKg: sourced(z.number().min(50).max(2000)).default({ value: 700, source: 'typical' }),
  stock: z.array(stockSchema).max(500).default([]),
  deliveries: z.array(deliverySchema).max(100).default([]),
  /** Calculations from the bench that were sent into the job: what was typed; the answer is computed again. */
  sheets: z.array(sheetSchema).max(200).default([]),
  /** How much of the small things a job takes. */
  supplies: supplyRatesSchema.prefault({}),
  /** Prices that suppliers gave, and whose the order counts with; none: those of the build-ups. */
  offers: z.array(offerSchema).max(24).default([]),
  pricesFrom: idSchema.optional(),
  /** Tax on what is bought, per cent. */
  taxPct: z
    .string()
    .regex(/^\d{1,2}(\.\d{1,3})?$/, 'a tax such as 19 or 8.875')
    .default('0'),
  /** How fabric, sheets and boards are laid. */
  courses: coursesSchema.prefault({}),
});

export type OrderDoc = z.infer<typeof orderSchema>;
export type StockItem = z.infer<typeof stockSchema>;
export type Sheet = z.infer<typeof sheetSchema>;
export type Delivery = z.infer<typeof deliverySchema>;
export type WasteKind = keyof OrderDoc['wastePct'];

/** Waste by kind, common practice: liquids 5–10 %. Fabric laps are computed, not guessed; this is for offcuts. */
export const DEFAULT_ORDER: OrderDoc = orderSchema.parse({
  wastePct: {
    liquid: { value: 5, source: 'typical' },
    fabric: { value: 3, source: 'typical' },
    aggregate: { value: 5, source: 'typical' },
  },
});
