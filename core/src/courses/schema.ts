/** What a person says about courses: the job's rules, and choices for one layer on one zone. */
import { z } from 'zod';
import { idSchema, nameSchema, sourced } from '../job/index.ts';

const metres = (least: number, most: number) => z.number().min(least).max(most);
const typicalMm = (value: number, least: number, most: number) =>
  sourced(z.number().min(least).max(most)).default({ value, source: 'typical' });
const typicalM = (value: number, most: number) =>
  sourced(z.number().min(0).max(most)).default({ value, source: 'typical' });

/** How far the field goes beyond a side (or stops short of it, negative), mm: details take over from there. */
const reachSchema = z.strictObject({
  upstand: typicalMm(0, -300, 1000),
  parapet: typicalMm(0, -300, 1000),
  threshold: typicalMm(0, -300, 1000),
  drip: typicalMm(20, -300, 1000),
  gutter: typicalMm(50, -300, 1000),
  joint: typicalMm(-10, -300, 1000),
  'tie-in': typicalMm(150, -300, 1000),
  free: typicalMm(0, -300, 1000),
  'wall-top': typicalMm(0, -300, 1000),
  footing: typicalMm(0, -300, 1000),
});

const RIDGES = ['cap strip', 'fold over'] as const;

/** Common practice, no source: one place for the whole job. */
const courseRulesSchema = z.strictObject({
  /** Above this fall courses run up the slope; below it across. About 1 in 3. */
  upSlopeAbovePct: sourced(z.number().min(1).max(300)).default({ value: 33, source: 'typical' }),
  reachMm: reachSchema.prefault({}),
  /** Cut clear of kerbs and plinths, mm. */
  openingClearMm: typicalMm(10, 0, 300),
  /** End joints keep this far off outlets and scuppers, m. */
  outletClearM: typicalM(0.5, 5),
  /** No piece is shorter, m. */
  leastPieceM: typicalM(1, 5),
  /** The last course shows at least this much, mm. */
  leastTopMm: typicalMm(150, 0, 1000),
  /** End joints of neighbouring courses apart where the layer says nothing, m. */
  staggerM: typicalM(0.3, 5),
  /** A board is not cut shorter, m. */
  leastBoardM: typicalM(0.3, 2),
  /** Primer on laps over granules, kg/m². */
  lapPrimerKgPerM2: sourced(z.number().min(0).max(2)).default({ value: 0.2, source: 'typical' }),
  ridge: z.enum(RIDGES).default('cap strip'),
  /** Over the ridge on each side, mm. */
  ridgeReachMm: typicalMm(200, 50, 1000),
});

export const WAYS = ['by the fall', 'across the fall', 'up the fall', 'along a side'] as const;

/** Choices by hand for one layer on one zone; whatever is not said is found. */
export const coursePlanSchema = z.strictObject({
  zoneId: idSchema,
  layerId: idSchema,
  way: z.enum(WAYS).default('by the fall'),
  /** Side of the outline, from 0, for courses along a side. */
  side: z.number().int().min(0).max(2000).optional(),
  /** Width of the first course, from the low edge, m. */
  firstM: metres(0.01, 6).optional(),
  /** Pieces that stay where they are: along the course from the left end of the field. */
  fixed: z
    .array(
      z.strictObject({
        id: idSchema,
        plane: z.number().int().min(0).max(50).default(0),
        course: z.number().int().min(0).max(2000),
        fromM: metres(-10, 2000),
        toM: metres(-10, 2000),
      }),
    )
    .max(200)
    .default([]),
  /** No end joint here: set out along side 1 and into the zone. */
  keepOff: z
    .array(
      z.strictObject({
        id: idSchema,
        name: nameSchema,
        alongM: metres(-2000, 2000),
        acrossM: metres(-2000, 2000),
        lengthM: metres(0.01, 2000),
        widthM: metres(0.01, 2000),
      }),
    )
    .max(100)
    .default([]),
});

export const coursesSchema = z.strictObject({
  rules: courseRulesSchema.prefault({}),
  plans: z.array(coursePlanSchema).max(400).default([]),
});

export type CourseRules = z.infer<typeof courseRulesSchema>;
export type CoursePlan = z.infer<typeof coursePlanSchema>;
export type CoursesDoc = z.infer<typeof coursesSchema>;
export type Way = (typeof WAYS)[number];
export const DEFAULT_COURSES: CoursesDoc = coursesSchema.parse({});
export const blankPlan = (zoneId: string, layerId: string): CoursePlan =>
  coursePlanSchema.parse({ zoneId, layerId });
