/**
 * A build-up: the layers that seal a zone, as a model from which quantities, films, timing and limits follow.
 * Every number carries its source. Inside: kg/m², L/m², kg/L, °C, K, %, h, min, m, mm, m/s, m²/h.
 */
import { z } from 'zod';
import { familySchema } from '../family/index.ts';
import { ACCEPTANCE_RULES } from '../film/index.ts';
import { idSchema, nameSchema, sourced } from '../job/index.ts';
import { detailRulesSchema } from './detailrules.ts';
import { detailWaySchema } from './detailways.ts';
import { layerSchema, type Layer } from './layers.ts';
import { text, ZONE_CONDITIONS } from './numbers.ts';

/** Where practitioners differ: a question with its answers, one of which is taken. */
const choiceSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  options: z
    .array(z.strictObject({ id: idSchema, name: nameSchema, says: text(300) }))
    .min(2)
    .max(6),
  chosen: idSchema,
});

export const PAPER_KINDS = ['data sheet', 'application instructions', 'safety sheet'] as const;

/** A paper of the binder. The file is kept by its own hash, so that a frozen revision keeps its papers. */
export const paperSchema = z.strictObject({
  id: idSchema,
  kind: z.enum(PAPER_KINDS),
  title: nameSchema,
  /** As printed on it, YYYY-MM-DD. */
  date: z.iso.date(),
  /** Layers whose product it is about; none: the build-up as a whole. */
  layerIds: z.array(idSchema).max(30),
  file: z
    .strictObject({
      sha256: z.string().regex(/^[0-9a-f]{64}$/, '64 hexadecimal digits'),
      name: nameSchema,
      mime: z.enum(['application/pdf', 'image/png', 'image/jpeg']),
      bytes: z.number().int().min(1),
    })
    .optional(),
});
export type Paper = z.infer<typeof paperSchema>;

const upkeepSchema = z.strictObject({
  /** Years until it is coated again; absent where it is not (it is replaced). */
  recoatYears: sourced(z.number().gt(0).max(60)).optional(),
  /** Layers that are laid again then. */
  recoatLayers: z.array(idSchema).max(10).default([]),
  /** Years until it is renewed as a whole. */
  lifeYears: sourced(z.number().gt(0).max(80)),
  inspectPerYear: sourced(z.number().gt(0).max(12)),
  note: text(400).default(''),
});

export const buildUpSchema = z.strictObject({
  id: idSchema,
  revision: z.number().int().min(1),
  /** Revision of the firm's library that it was taken from. */
  taken: z.strictObject({ revision: z.number().int().min(1) }).optional(),
  name: nameSchema,
  family: familySchema,
  summary: text(400),
  acceptance: z.enum(ACCEPTANCE_RULES),
  leastDryFilmMm: sourced(z.number().gt(0).max(200)),
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, 'three capital letters, such as EUR')
    .default('EUR'),
  /** Whether it may stay open to the sun, and what may go on it. */
  exposure: z.enum(['exposed', 'covered']).default('exposed'),
  traffic: z.enum(['no', 'feet', 'wheels']).default('no'),
  slopeMaxPct: sourced(z.number().min(0).max(10000)).optional(),
  choices: z.array(choiceSchema).max(8).default([]),
  /** Details are made after this layer; absent: before the first coat over the primer. */
  detailsAfter: idSchema.optional(),
  /** How its details are made; absent: as its family usually does. */
  details: detailRulesSchema.optional(),
  /** Details made with a product of their own; the rest is made by the rules, with the field's coat or sheet. */
  detailWays: z.array(detailWaySchema).max(12).optional(),
  layers: z.array(layerSchema).min(1).max(40),
  upkeep: upkeepSchema.optional(),
  cautions: z.array(text(400)).max(20),
  papers: z.array(paperSchema).max(60).default([]),
});

/** A zone's build-up: which revision, which options, and what asks for other rates. */
const zoneBuildUpSchema = z.strictObject({
  zoneId: idSchema,
  buildUpId: idSchema,
  revision: z.number().int().min(1),
  conditions: z.array(z.enum(ZONE_CONDITIONS)).max(ZONE_CONDITIONS.length).default([]),
  choices: z.record(idSchema, idSchema).default({}),
  /** A test has spared the primer: it is neither ordered nor laid here. */
  withoutPrimer: z.boolean().optional(),
});

export const buildUpDocSchema = z.strictObject({
  /** Every revision that the job uses or that its record refers to. */
  buildUps: z.array(buildUpSchema).max(100),
  zones: z.array(zoneBuildUpSchema).max(200),
});

export type Choice = z.infer<typeof choiceSchema>;
export type BuildUp = Omit<z.infer<typeof buildUpSchema>, 'layers'> & { layers: Layer[] };
export type BuildUpInput = z.input<typeof buildUpSchema>;
export type ZoneBuildUp = z.infer<typeof zoneBuildUpSchema>;
export type BuildUpDoc = { buildUps: BuildUp[]; zones: ZoneBuildUp[] };
export const EMPTY_BUILD_UPS: BuildUpDoc = { buildUps: [], zones: [] };
