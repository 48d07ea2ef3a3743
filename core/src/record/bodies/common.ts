/**
 * What the bodies of several kinds share. Reading an entry changes nothing in it: no defaults, no trimming, one way to
 * write an instant; what is stored is what is hashed. Instants are as the device's clock showed them, in UTC.
 */
import { z } from 'zod';
import { idSchema, instantSchema, notPlainText, plainText } from '../../job/index.ts';

/** To the millisecond, as every device writes it. */
export const instant = instantSchema.regex(/T\d\d:\d\d:\d\d\.\d{3}Z$/, {
  error: 'an instant to the millisecond, such as 2026-05-04T08:30:00.000Z',
});

const isClean = (s: string): boolean => s === s.trim() && !s.includes('\r') && notPlainText(s) === undefined;
/** Text made such as entries hold it: normal form C, one kind of line end, no control characters, no blanks at its ends. */
export const cleanText = (s: string): string => plainText(s.replace(/\r\n?/g, '\n')).trim();
const clean = { error: 'text without spaces at its ends, control characters or half characters' };

/** Text that may be empty. */
export const text = (most: number) => z.string().max(most).refine(isClean, clean);
/** Text that says something. */
export const said = (most: number) => z.string().min(1).max(most).refine(isClean, clean);
export const note = { note: said(2000).optional() };
export const at = { at: instant };
export const span = {
  startedAt: instant,
  /** Absent while it goes on. */
  finishedAt: instant.optional(),
};
/** A layer of a revision that the job holds. */
export const layer = {
  buildUpId: idSchema,
  revision: z.number().int().min(1),
  layerId: idSchema,
};
export const celsius = z.number().min(-40).max(300);
export const batch = text(60);
export const minutes = z.number().min(0).max(20160);
export const litres = z.number().min(0).max(100000);
export const kg = z.number().min(0).max(100000);
/** How it was put down. */
export const METHODS = ['rolled', 'sprayed', 'poured', 'trowelled', 'brushed', 'broomed'] as const;
export const spraying = {
  /** As printed on the tip. */
  tip: said(40).optional(),
  pressureBar: z.number().gt(0).max(3000).optional(),
};
export const opened = z
  .array(
    z.strictObject({
      containerId: idSchema,
      opened: z.number().int().min(1).max(1000),
      batch,
    }),
  )
  .max(50);
