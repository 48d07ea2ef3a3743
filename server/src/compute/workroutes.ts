/** Computations of the work itself: details, order, mixes, bays, the bench. */
import { z } from 'zod';
import { calculate, CALCULATORS } from '@lentum/core/bench';
import { buildUpDocSchema, buildUpSchema } from '@lentum/core/buildup';
import { coursesFigures, cutLines, howGood, layLines } from '@lentum/core/courses';
import { cutLists, detailSchedule, sealantJoint } from '@lentum/core/details';
import { given } from '@lentum/core/figures';
import { instantSchema, jobHeadSchema } from '@lentum/core/job';
import { leftOversOf, orderSchema, quickCourses, takeoff } from '@lentum/core/order';
import {
  baySchema,
  bayRoute,
  flammableIn,
  kettleCard,
  LIES,
  mixCard,
  splitZone,
  type ReadTemperature,
} from '@lentum/core/site';
import { pointSchema, surveySchema, zoneSchema } from '@lentum/core/survey';
import { unprocessable } from '../http/errors.ts';
import { coatOf, compute, unwrap } from './helpers.ts';

const readTemperature = z.strictObject({ tempC: z.number().min(-40).max(90), at: instantSchema });
const asRead = ({ tempC, at }: z.output<typeof readTemperature>): ReadTemperature => ({
  tempC,
  atMs: Date.parse(at),
});

export const workRoutes = [
  compute(
    'takeoff',
    'Net, gross and containers for a survey and its build-ups',
    z.strictObject({
      ...{ survey: surveySchema, buildUp: buildUpDocSchema, order: orderSchema },
      units: jobHeadSchema.shape.units.optional(),
    }),
    ({ survey, buildUp, order, units }) => takeoff(survey, buildUp, order, { system: units }),
  ),
  compute(
    'details',
    'Details of every zone with pieces, material, steps and time, and the cut list of each roll. With the order: ends that the courses leave over are cut first, as the order counts them',
    z.strictObject({ survey: surveySchema, buildUp: buildUpDocSchema, order: orderSchema.optional() }),
    ({ survey, buildUp, order }) => {
      const courses = order && quickCourses(survey, buildUp, order);
      const schedule = detailSchedule(survey, buildUp);
      return {
        zones: schedule.zones.map(({ zone, work, groups, minutes }) => ({
          zoneId: zone.id,
          minutes,
          details: work.map(({ detail, pieces, ...rest }) => ({
            ...detail,
            ...rest,
            pieces: pieces.map(({ pattern, sample: _drawn, ...piece }) => ({
              ...piece,
              faces: pattern.faces,
            })),
          })),
          pieces: groups.map(({ label, count, details, piece }) => ({
            label,
            count,
            details,
            name: piece.name,
          })),
        })),
        missing: schedule.missing.map(({ zone, problems }) => ({ zoneId: zone.id, problems })),
        cutLists: cutLists(schedule, leftOversOf(courses)).map(({ roll, zones, leftOvers, nest }) => ({
          roll,
          leftOvers,
          zoneIds: zones.map((k) => k.zone.id),
          ...nest,
        })),
      };
    },
  ),
  compute(
    'courses',
    'Courses of every rolled layer with its pieces, cut list and bound; boards in rows. A quick search: the application looks longer',
    z.strictObject({ survey: surveySchema, buildUp: buildUpDocSchema, order: orderSchema }),
    ({ survey, buildUp, order }) => {
      const plan = quickCourses(survey, buildUp, order);
      return {
        materials: plan.materials.map((m) => ({
          name: m.name,
          bought: m.bought,
          howGood: howGood(m),
          leastRolls: m.answer?.leastRolls,
          leastAnyStart: m.leastAnyStart,
          figures: coursesFigures(m),
          pieces: m.pieces,
          cutList: cutLines(m),
          layLists: m.material.layouts.map((l) => ({
            zoneId: l.zone.id,
            layerId: l.rolled.layer.id,
            courses: layLines(m, l).map(({ pieces, ...line }) => ({
              ...line,
              pieces: pieces.map((p) => p.label),
            })),
          })),
          problems: m.problems,
        })),
        boards: plan.boards.map(({ zone, layer, boards, leastBoards, planes, fasteners }) => ({
          zoneId: zone.id,
          layerId: layer.id,
          boards,
          leastBoards,
          pieces: planes.flatMap((p) => p.pieces),
          fasteners,
        })),
      };
    },
  ),
  compute(
    'joint',
    'Depth, backer rod and sealant of a joint',
    z.strictObject({ widthMm: z.number().gt(0).max(500), lengthM: z.number().gt(0).max(100000) }),
    ({ widthMm, lengthM }) =>
      sealantJoint(
        given('width of the joint', widthMm, 'gap', 'measured'),
        given('length', lengthM, 'length', 'measured'),
      ),
  ),
  compute(
    'mix',
    'How much of a coat may be mixed now, of what, and what it covers',
    z.strictObject({
      buildUp: buildUpSchema,
      layerId: z.string(),
      /** The surface doses the catalyst, the resin in its container runs the clock. */
      surface: readTemperature.optional(),
      resin: readTemperature,
      at: instantSchema,
      slopePct: z.number().min(0).max(10000),
      areaLeftM2: z.number().min(0).max(1e6),
      people: z.number().min(1).max(50),
      outputM2PerH: z.number().gt(0).max(2000).optional(),
    }),
    ({ buildUp, layerId, surface, resin, at, ...terms }) =>
      unwrap(
        mixCard(coatOf(buildUp, layerId), {
          ...terms,
          surface: surface && asRead(surface),
          resin: asRead(resin),
          nowMs: Date.parse(at),
        }),
      ),
  ),
  compute(
    'kettle',
    'The kettle charge of a hot coat',
    z.strictObject({
      buildUp: buildUpSchema,
      layerId: z.string(),
      areaLeftM2: z.number().min(0).max(1e6),
      holdsKg: z.number().gt(0).max(5000).optional(),
    }),
    ({ buildUp, layerId, areaLeftM2, holdsKg }) =>
      unwrap(kettleCard(coatOf(buildUp, layerId), areaLeftM2, { holdsKg, flammable: flammableIn(buildUp) })),
  ),
  compute(
    'bench',
    'One of the quick calculators; what is left out takes its typical value',
    z.strictObject({
      calculator: z.string().max(40),
      values: z.record(z.string(), z.union([z.number(), z.string()])),
    }),
    ({ calculator, values }) => {
      const found = CALCULATORS.find((c) => c.key === calculator);
      if (!found)
        throw unprocessable([
          {
            kind: 'unknown',
            field: 'calculator',
            label: 'Calculator',
            actual: calculator,
            expected: `one of ${CALCULATORS.map((c) => c.key).join(', ')}`,
          },
        ]);
      return unwrap(calculate(found, values));
    },
  ),
  compute(
    'bays',
    'A zone cut into equal bays that one container or one mix covers',
    z.strictObject({
      zone: zoneSchema,
      buildUp: buildUpSchema,
      layerId: z.string(),
      basis: z.discriminatedUnion('kind', [
        z.strictObject({ kind: z.literal('container'), containerId: z.string() }),
        z.strictObject({ kind: z.literal('mix') }),
      ]),
      lie: z.enum(LIES).optional(),
      fallRad: z.number().min(-10).max(10).optional(),
      courseM: z.number().min(0.05).max(10).optional(),
    }),
    ({ zone, buildUp, layerId, basis, lie, fallRad, courseM }) => {
      let n = 0;
      return unwrap(
        splitZone(zone, coatOf(buildUp, layerId), basis, () => `${zone.code}${(n += 1)}`, {
          ...(lie === undefined ? {} : { lie }),
          fallRad,
          courseM,
        }),
      );
    },
  ),
  compute(
    'bay-route',
    'An order of bays in which nobody is walled in, with the way out at each step',
    z.strictObject({
      bays: z.array(baySchema).max(1000),
      accessM: pointSchema,
      zoneName: z.string().max(120),
    }),
    ({ bays, accessM, zoneName }) => unwrap(bayRoute(bays, accessM, zoneName)),
  ),
];
