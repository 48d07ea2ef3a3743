/** Getting the ground ready and proving it: readings of the air, preparation, tests, trial patches. */
import { z } from 'zod';
import { idSchema } from '../../job/index.ts';
import { STEP_KEYS } from '../../readiness/index.ts';
import { MOISTURE_SCALES, TEST_KINDS, testFacts } from '../../survey/index.ts';
import { at, instant, litres, minutes, note, said, spraying } from './common.ts';

export const conditionsBody = z.strictObject({
  ...at,
  airC: z.number().min(-40).max(60),
  humidityPct: z.number().min(1).max(100),
  surfaceC: z.number().min(-40).max(90),
  windMPerS: z.number().min(0).max(60).optional(),
});

/** Steps of the zone's list that were done, or that nothing of it is left to do. */
export const preparationBody = z.strictObject({
  ...at,
  startedAt: instant.optional(),
  steps: z.array(z.enum(STEP_KEYS)).max(STEP_KEYS.length),
  /** With this, whoever enters it says that the ground is ready for the next layer. */
  complete: z.boolean(),
  method: said(120).optional(),
  ...spraying,
  product: said(120).optional(),
  /** Parts of water to one part of the product. */
  waterParts: z.number().min(0).max(1000).optional(),
  litres: litres.optional(),
  dwellMin: minutes.optional(),
  /** It has been left to dry since. */
  dryingFrom: instant.optional(),
  ...note,
});

/** Where a pulled face parts; in the glue says only that the bond is at least so strong. */
export const BROKE_AT = [
  'in the ground',
  'between ground and coat',
  'between two coats',
  'within a coat',
  'in the glue',
] as const;
/** Whether a test pulls a coat off, and so parts somewhere. */
export const isPulled = (test: unknown): boolean => test === 'pull-off' || test === 'strip-pull';

export const testBody = z
  .strictObject({
    ...at,
    test: z.enum(TEST_KINDS),
    instrument: said(120),
    value: z.union([z.number(), z.string().max(40)]),
    scale: z.enum(MOISTURE_SCALES).optional(),
    /** Pull-off and strip-pull: laid without a primer, which may then be spared. */
    unprimed: z.boolean(),
    /** Pull-off and strip-pull: where it parted. */
    brokeAt: z.enum(BROKE_AT).optional(),
    /** On so much of its face, %. */
    brokePct: z.number().gt(0).max(100).optional(),
    /** The reading in the survey that it was brought over from. */
    broughtOverFrom: idSchema.optional(),
    ...note,
  })
  .superRefine((body, context) => {
    const facts = testFacts(body.test);
    const { value } = body;
    const fits =
      facts.form === 'word'
        ? typeof value === 'string' && facts.answers.includes(value)
        : typeof value === 'number' && value >= facts.least && value <= facts.most;
    if (!fits)
      context.addIssue({
        code: 'custom',
        path: ['value'],
        input: value,
        message:
          facts.form === 'word'
            ? `one of ${facts.answers.map((a) => `“${a}”`).join(', ')}`
            : `${facts.name.toLowerCase()} from ${facts.least} to ${facts.most} ${facts.unit}`,
      });
    if (!isPulled(body.test) && (body.brokeAt ?? body.brokePct) !== undefined)
      context.addIssue({
        code: 'custom',
        path: ['brokeAt'],
        input: body.brokeAt,
        message: 'where it parted only of what was pulled: a pull-off or a strip-pull',
      });
    if (body.test === 'moisture' && body.scale === undefined)
      context.addIssue({
        code: 'custom',
        path: ['scale'],
        input: body.scale,
        message: `the scale it was read on: ${MOISTURE_SCALES.map((s) => `“${s}”`).join(', ')}`,
      });
  });

export const TRIALS = ['spray', 'thickener', 'adhesion', 'fill rate', 'colour'] as const;
export const TRIAL_RESULTS = ['good', 'not good', 'try again'] as const;

export const trialBody = z.strictObject({
  ...at,
  about: z.enum(TRIALS),
  layerId: idSchema.optional(),
  /** When it was looked at, and by whom it was decided. */
  judgedAt: instant.optional(),
  result: z.enum(TRIAL_RESULTS).optional(),
  decidedBy: said(80).optional(),
  /** A known area and what went on to it: the rate of a fill coat. */
  areaM2: z.number().gt(0).max(10000).optional(),
  litres: litres.optional(),
  thickenerPct: z.number().min(0).max(60).optional(),
  shade: said(60).optional(),
  ...spraying,
  ...note,
});
