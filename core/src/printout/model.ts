/**
 * One model for everything that is printed: a print view and a PDF draw the same blocks, in the same order. Texts are
 * whole sentences and figures as they are read, in the words and units of the job.
 */
import { z } from 'zod';
import { LONGEST_PAGE_MM } from './sizes.ts';
import { drawingSchema, shapeSchema } from './drawing.ts';

const text = z.string().max(5000);
const MOST_ROWS = 20_000;

const rowSchema = z.strictObject({
  cells: z.array(text).max(20),
  /** Head of a part of the table; an entry that no longer counts. */
  tone: z.enum(['plain', 'part', 'struck', 'strong']).default('plain'),
  /** Small lines under the first cell, or under the widest. */
  notes: z.array(text).max(50).default([]),
});

const simple = [
  /** Keeps to what follows it. */
  z.strictObject({
    kind: z.literal('heading'),
    level: z.union([z.literal(1), z.literal(2), z.literal(3)]),
    text,
  }),
  z.strictObject({
    kind: z.literal('text'),
    text,
    tone: z.enum(['plain', 'quiet', 'strong', 'done', 'mind', 'stop']).default('plain'),
  }),
  z.strictObject({ kind: z.literal('list'), items: z.array(text).max(500) }),
  /** Names and what is said of each. */
  z.strictObject({
    kind: z.literal('facts'),
    rows: z.array(z.tuple([text, text])).max(200),
  }),
  z.strictObject({
    kind: z.literal('table'),
    /** Repeated on each page. `share` of the width; narrow columns take what they need. */
    columns: z
      .array(
        z.strictObject({
          head: text,
          align: z.enum(['left', 'right']).default('left'),
          share: z.number().min(0).max(100).default(0),
        }),
      )
      .min(1)
      .max(20),
    rows: z.array(rowSchema).max(MOST_ROWS),
    /** Once, under the last row. */
    total: z.array(text).max(20).optional(),
  }),
  drawingSchema,
  /** Pictures of a job, three beside each other, each with a line under it. */
  z.strictObject({
    kind: z.literal('pictures'),
    items: z
      .array(
        z.strictObject({
          sha256: z.string().regex(/^[0-9a-f]{64}$/, '64 hexadecimal digits'),
          caption: text,
          /** Drawn over it: a thousand units are its width. */
          shapes: z.array(shapeSchema).max(500).default([]),
        }),
      )
      .max(2000),
  }),
  /** The headings of the first level with their pages, where pages are counted; else their names. */
  z.strictObject({ kind: z.literal('contents'), title: text }),
  /** What follows begins on a new page; in a PDF of its own size, where one is said: for plotters. */
  z.strictObject({
    kind: z.literal('break'),
    page: z
      .strictObject({
        widthMm: z.number().min(50).max(LONGEST_PAGE_MM),
        heightMm: z.number().min(50).max(LONGEST_PAGE_MM),
      })
      .optional(),
  }),
] as const;

const simpleBlockSchema = z.discriminatedUnion('kind', simple);
/** Blocks that are not parted by the end of a page, where they fit on one. */
const groupSchema = z.strictObject({
  kind: z.literal('group'),
  blocks: z.array(simpleBlockSchema).max(50),
});
const blockSchema = z.discriminatedUnion('kind', [...simple, groupSchema]);

export const printoutSchema = z.strictObject({
  /** "Order", "Record of the booking hall roof". */
  title: z.string().min(1).max(200),
  /** Name and place of the job. */
  job: z.string().max(400),
  /** When it was made and in which time zone, as it is read. */
  made: z.string().max(200),
  /** Head of the record's chain and count of its entries: stands on every page. */
  seal: z.string().max(300).optional(),
  /** Stands on every page of what is not complete. */
  draft: z.string().max(200).optional(),
  language: z.enum(['en-GB', 'en-US']).default('en-GB'),
  blocks: z.array(blockSchema).max(20_000),
});

export type SimpleBlock = z.output<typeof simpleBlockSchema>;
export type Block = z.output<typeof blockSchema>;
export type Printout = z.output<typeof printoutSchema>;
export type Row = z.output<typeof rowSchema>;
export type Table = Extract<SimpleBlock, { kind: 'table' }>;
export type PicturesBlock = Extract<SimpleBlock, { kind: 'pictures' }>;
export type PageSize = NonNullable<Extract<SimpleBlock, { kind: 'break' }>['page']>;
export type Tone = Extract<SimpleBlock, { kind: 'text' }>['tone'];
