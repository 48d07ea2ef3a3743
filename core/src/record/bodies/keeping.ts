/** What is done once the work is finished: it is handed over, and looked after for years. */
import { z } from 'zod';
import { idSchema } from '../../job/index.ts';
import { at, note, said } from './common.ts';

export const VISIT_WORKS = ['looked at', 'washed', 'outlets cleared', 'repaired', 'coated again'] as const;
export type VisitWork = (typeof VISIT_WORKS)[number];

/** Handed over, or visited in the years after; what was seen stands in the note. */
export const upkeepBody = z.discriminatedUnion('step', [
  z.strictObject({
    step: z.literal('handed over'),
    ...at,
    /** Who took it over. */
    to: said(120),
    /** What was not proven on that day, by its name. */
    unproven: z.array(said(80)).max(40),
    ...note,
  }),
  z.strictObject({
    step: z.literal('visit'),
    ...at,
    done: z.array(z.enum(VISIT_WORKS)).min(1).max(VISIT_WORKS.length),
    /** Details that were looked at; it says nothing of the others. */
    details: z.array(idSchema).max(1000),
    /** Dry film of the layers that are laid again, as a gauge read it, µm. */
    topUm: z.array(z.number().gt(0).max(30_000)).max(200),
    ...note,
  }),
]);
