/** The pure computations, callable by scripts: what the interface shows, from the same core. */
import { z } from 'zod';
import {
  buildUpFindings,
  buildUpSchema,
  costs,
  dryFilm,
  isCoat,
  limitsSchema,
  resolve,
  totals,
  wetFilm,
} from '@lentum/core/buildup';
import { conditionsOf, pondsOn, rank, readinessByFamily, slopeOf } from '@lentum/core/choosing';
import { fallsReport, roofLevelsOf } from '@lentum/core/falls';
import { familySchema } from '@lentum/core/family';
import {
  ACCEPTANCE_RULES,
  filmFromReadings,
  GAUGE_IDS,
  judgeReadings,
  readingFromTooth,
  teethOf,
  wetFromDry,
  wetFromMassRate,
} from '@lentum/core/film';
import { compassRule, traverse } from '@lentum/core/geometry';
import { readiness } from '@lentum/core/readiness';
import { dewOf, judgeConditions } from '@lentum/core/site';
import { legSchema, outlineSchema, tapedSolution, zoneQuantities, zoneSchema } from '@lentum/core/survey';
import { parseRate } from '@lentum/core/units';
import { unprocessable } from '../http/errors.ts';
import { compute, unwrap, whole } from './helpers.ts';
import { stateRoute } from './stateroute.ts';
import { workRoutes } from './workroutes.ts';

const reading = z.strictObject({ airC: z.number(), humidityPct: z.number(), surfaceC: z.number() });

export const computeRoutes = [
  ...workRoutes,
  stateRoute,
  compute('dew-point', 'Dew point and margin from air, humidity and surface', reading, (input) =>
    unwrap(dewOf(input)),
  ),
  compute(
    'conditions',
    'Every limit of a layer against one reading',
    z.strictObject({ limits: limitsSchema, reading }),
    ({ limits, reading: r }) => unwrap(judgeConditions(limits, r)),
  ),
  compute(
    'rate',
    'A coverage rate or a film as people write it, and the wet film where density or solids tell it',
    z.strictObject({
      text: z.string().max(100),
      densityKgPerL: z.number().min(0.5).max(4).optional(),
      volumeSolids: z.number().min(0.01).max(1).optional(),
    }),
    ({ text, densityKgPerL, volumeSolids }) => {
      const rate = unwrap(
        parseRate(text, 'volume', { system: 'metric', above: 0, field: 'text', label: 'Rate' }),
      );
      switch (rate.basis) {
        case 'volume':
        case 'wetFilm':
          return { ...rate, wetFilmMm: rate.value };
        case 'dryFilm':
          return volumeSolids === undefined
            ? rate
            : { ...rate, wetFilmMm: wetFromDry(rate.value, volumeSolids) };
        case 'mass':
          return densityKgPerL === undefined
            ? rate
            : { ...rate, wetFilmMm: wetFromMassRate(rate.value, densityKgPerL) };
      }
    },
  ),
  compute(
    'walk',
    'A walked outline: closing error, ratio, and the corners after the compass rule',
    z.strictObject({ legs: z.array(legSchema).min(3).max(500) }),
    ({ legs }) => {
      const walked = traverse(legs);
      return { ...walked, adjusted: compassRule(walked.path) };
    },
  ),
  compute('zone', 'Area, perimeter and sides of a zone, with working', zoneSchema, (zone) =>
    unwrap(zoneQuantities(zone)),
  ),
  compute(
    'taped',
    'A taped outline: its shape, the residual of each measure, what is missing, what is most likely wrong',
    outlineSchema,
    (outline) => {
      if (outline.kind !== 'taped') {
        throw unprocessable([
          { kind: 'wrong', field: 'kind', label: 'Outline', actual: outline.kind, expected: '“taped”' },
        ]);
      }
      return unwrap(tapedSolution(outline, 'outline', 'Outline'));
    },
  ),
  compute('falls', 'Falls, ponds, outlets and levelling of a zone with levels', zoneSchema, (zone) =>
    unwrap(fallsReport(zone)),
  ),
  compute(
    'readiness',
    'Whether a zone can be coated with a family: reasons, primer, preparation',
    z.strictObject({
      zone: zoneSchema,
      family: familySchema,
      primerSchool: z.enum(['test may spare', 'always']),
      now: z.iso.datetime(),
    }),
    ({ zone, family, primerSchool, now }) =>
      unwrap(
        readiness({
          zone,
          family,
          falls: roofLevelsOf(zone),
          school: primerSchool,
          nowMs: Date.parse(now),
        }),
      ),
  ),
  compute(
    'build-up',
    'Films, totals, cost and what does not fit of a build-up, its own options taken, with working',
    buildUpSchema,
    (buildUp) => {
      const laid = resolve(whole(buildUp));
      const coats = laid.layers
        .filter(isCoat)
        .map((c) => ({ layerId: c.id, wet: wetFilm(c), dry: dryFilm(c) }));
      return { coats, ...totals(laid), costs: costs(laid), findings: buildUpFindings(laid) };
    },
  ),
  compute(
    'choose',
    'Build-ups ranked for a surveyed zone, each with its reasons and measures',
    z.strictObject({
      zone: zoneSchema,
      buildUps: z.array(buildUpSchema).min(1).max(100),
      primerSchool: z.enum(['test may spare', 'always']),
      now: z.iso.datetime(),
      traffic: z.enum(['no', 'feet', 'wheels']),
      exposure: z.enum(['exposed', 'covered']),
      coldestC: z.number().min(-40).max(60),
      warmestC: z.number().min(-40).max(90),
      dryHours: z.number().min(0).max(1000),
      daysAllowed: z.number().gt(0).max(1000).optional(),
      pace: z.strictObject({
        tempC: z.number().min(-40).max(90),
        humidityPct: z.number().min(1).max(100),
        crews: z.number().int().min(1).max(50),
        hoursPerDay: z.number().min(1).max(24),
      }),
    }),
    (asked) => {
      const { zone, buildUps, primerSchool, now, pace, daysAllowed, ...rest } = asked;
      const { area } = unwrap(zoneQuantities(zone));
      const falls = roofLevelsOf(zone);
      return rank(buildUps.map(whole), {
        ...rest,
        daysAllowed,
        pace: { ...pace, areaM2: area.value },
        substrate: zone.substrate?.kind,
        readiness: readinessByFamily(zone, falls, primerSchool, Date.parse(now)),
        ponds: pondsOn(falls) ?? false,
        slopePct: slopeOf(zone, falls) ?? 0,
        zoneConditions: conditionsOf(zone, falls, asked.traffic === 'wheels').map((c) => c.condition),
      });
    },
  ),
  compute(
    'acceptance',
    'Wet-film readings judged against a design film by one of the three schools',
    z.strictObject({
      rule: z.enum(ACCEPTANCE_RULES),
      gauge: z.enum(GAUGE_IDS),
      lastWetMm: z.array(z.number()).max(500),
      designWetFilmMm: z.number().gt(0),
    }),
    ({ rule, gauge, lastWetMm, designWetFilmMm }) => {
      const readings = lastWetMm.map((tooth) => unwrap(readingFromTooth(teethOf(gauge), tooth)));
      return { film: filmFromReadings(readings), acceptance: judgeReadings(rule, readings, designWetFilmMm) };
    },
  ),
];
