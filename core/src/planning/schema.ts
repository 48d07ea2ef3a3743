/** What a person says of the days: crews, hours, days off, dates to keep, and what was fixed by hand. */
import { z } from 'zod';
import { idSchema, instantSchema, nameSchema, sourced } from '../job/index.ts';
import { STEP_KEYS } from '../readiness/index.ts';

const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'a time such as 07:30');
const minutes = (most: number) => sourced(z.number().min(0).max(most));
const typical = (value: number) => ({ value, source: 'typical' as const });

/** What not everybody can or may do. */
export const SKILLS = ['torch', 'kettle', 'spray', 'catalysed'] as const;
export type Skill = (typeof SKILLS)[number];

export const crewSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  people: z.number().int().min(1).max(12),
  /** Who they are, for the day sheet. */
  names: z.array(nameSchema).max(12).default([]),
  skills: z.array(z.enum(SKILLS)).max(SKILLS.length).default([]),
  /** Days on which it is not here. */
  off: z.array(z.iso.date()).max(400).default([]),
  /** Days on which alone it is here; none: on every day of work. */
  only: z.array(z.iso.date()).max(60).default([]),
  /** What an hour of one person costs. */
  ratePerH: sourced(z.number().min(0).max(1000)).optional(),
});
export type Crew = z.infer<typeof crewSchema>;

/** What a date asks of a zone. */
export const DEADLINES = ['tight', 'feet', 'wheels', 'done'] as const;
const deadlineSchema = z.strictObject({
  id: idSchema,
  zoneId: idSchema,
  what: z.enum(DEADLINES),
  by: instantSchema,
  /** What each day after it costs. */
  costPerDay: z.number().min(0).max(1e6).default(0),
});
export type Deadline = z.infer<typeof deadlineSchema>;

const pinSchema = z.strictObject({
  taskId: z.string().min(1).max(200),
  crewId: idSchema.optional(),
  startAt: instantSchema.optional(),
});
export type Pin = z.infer<typeof pinSchema>;

/** Whom the crews call, and about what. */
const contactSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  about: z.string().trim().max(120).default(''),
  phone: z
    .string()
    .trim()
    .regex(/^(\+?\d[\d ()/.-]{1,30})?$/, 'a phone number such as +00 555 0100')
    .default(''),
});
export type Contact = z.infer<typeof contactSchema>;

/** How often something is paid for. */
export const COST_PER = ['once', 'day of work', 'day of a crew', 'day on site', 'week begun'] as const;

/** A plan that was kept: what was to be done when, and by whom. */
const keptPlanSchema = z.strictObject({
  plannedAt: instantSchema,
  finishAt: instantSchema.optional(),
  tasks: z
    .array(
      z.strictObject({
        taskId: z.string().min(1).max(200),
        crewId: idSchema,
        startAt: instantSchema,
        endAt: instantSchema,
      }),
    )
    .max(5000),
});
export type KeptPlan = z.infer<typeof keptPlanSchema>;

export const programmeSchema = z.strictObject({
  crews: z.array(crewSchema).max(12).default([]),
  hours: z
    .strictObject({
      from: clock.default('07:00'),
      to: clock.default('16:30'),
      breakFrom: clock.default('12:00'),
      breakMin: z.number().int().min(0).max(180).default(30),
      /** Monday is 1. */
      days: z.array(z.number().int().min(1).max(7)).max(7).default([1, 2, 3, 4, 5]),
    })
    .prefault({}),
  /** Days on which nobody works. */
  off: z
    .array(z.strictObject({ on: z.iso.date(), says: z.string().trim().max(120).default('') }))
    .max(400)
    .default([]),
  /** When somebody comes to accept what is covered next; absent: whenever it is asked for. */
  inspector: z
    .strictObject({
      from: clock.default('11:00'),
      to: clock.default('12:00'),
      days: z.array(z.number().int().min(1).max(7)).max(7).default([1, 2, 3, 4, 5]),
    })
    .optional(),
  /** For the day sheets. */
  contacts: z.array(contactSchema).max(20).default([]),
  machines: z
    .strictObject({
      sprayers: z.number().int().min(0).max(20).default(1),
      kettles: z.number().int().min(0).max(20).default(1),
    })
    .prefault({}),
  times: z
    .strictObject({
      /** At the start and at the end of a day, and between two works. */
      setUpMin: minutes(180).default(typical(20)),
      clearMin: minutes(180).default(typical(20)),
      moveMin: minutes(180).default(typical(20)),
      changeMin: minutes(120).default(typical(10)),
      /** Minutes of one person for one unit of a step of the preparation, where they are not the usual ones. */
      stepMin: z.partialRecord(z.enum(STEP_KEYS), minutes(600)).default({}),
    })
    .prefault({}),
  /** What the work costs beside people and material, and what is put on top of it. */
  costs: z
    .strictObject({
      items: z
        .array(
          z.strictObject({
            id: idSchema,
            name: nameSchema,
            price: sourced(z.number().min(0).max(1e6)),
            per: z.enum(COST_PER),
          }),
        )
        .max(60)
        .default([]),
      addPct: sourced(z.number().min(0).max(200)).optional(),
    })
    .prefault({}),
  /** The hours of a day in which work may be loud: grinding, cutting, stripping; absent: all working hours. */
  loud: z.strictObject({ from: clock.default('09:00'), to: clock.default('16:00') }).optional(),
  /** When a roof is not free: other trades, people on it. */
  taken: z
    .array(
      z.strictObject({
        zoneId: idSchema,
        from: instantSchema,
        to: instantSchema,
        says: z.string().trim().max(200).default(''),
      }),
    )
    .max(200)
    .default([]),
  /** Roofs of which one stays open while work is on another. */
  apart: z
    .array(z.strictObject({ zoneIds: z.array(idSchema).min(2).max(20) }))
    .max(20)
    .default([]),
  /** Roofs whose old covering is opened: what is opened on a day is closed on it. */
  opened: z.array(idSchema).max(200).default([]),
  /** Roofs that are tested with water when all is laid, and for how many hours. */
  floods: z
    .array(z.strictObject({ zoneId: idSchema, hours: sourced(z.number().min(1).max(240)) }))
    .max(200)
    .default([]),
  /** Ground that is not fit yet, and from when it is counted on to be. */
  expects: z
    .array(
      z.strictObject({
        zoneId: idSchema,
        fitAt: instantSchema,
        says: z.string().trim().max(200).default(''),
      }),
    )
    .max(200)
    .default([]),
  deadlines: z.array(deadlineSchema).max(200).default([]),
  pins: z.array(pinSchema).max(500).default([]),
  /** The plan that the crews go by, and the first one that was kept. */
  kept: keptPlanSchema.optional(),
  baseline: keptPlanSchema.optional(),
});
export type ProgrammeDoc = z.infer<typeof programmeSchema>;
export const DEFAULT_PROGRAMME: ProgrammeDoc = programmeSchema.parse({});
