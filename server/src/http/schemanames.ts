/** Schemas that have a name of their own wherever they are published. */
import type { z } from 'zod';
import {
  buildUpDocSchema,
  buildUpSchema,
  detailRulesSchema,
  layerSchema,
  limitsSchema,
} from '@lentum/core/buildup';
import { coursePlanSchema, coursesSchema } from '@lentum/core/courses';
import {
  idSchema,
  instantSchema,
  jobHeadSchema,
  jobRulesSchema,
  nameSchema,
  sourceSchema,
} from '@lentum/core/job';
import { orderSchema } from '@lentum/core/order';
import { crewSchema, programmeSchema } from '@lentum/core/planning';
import { provingSchema } from '@lentum/core/proving';
import {
  entryInstantSchema,
  entrySchema,
  firstFormSchema,
  personSchema,
  secondFormSchema,
  storedEntrySchema,
} from '@lentum/core/record';
import { baySchema, siteSchema } from '@lentum/core/site';
import {
  edgeSchema,
  featureSchema,
  levelsSchema,
  openingSchema,
  outlineSchema,
  surveySchema,
  zoneSchema,
} from '@lentum/core/survey';
import { columnsSchema, weatherDocSchema, weatherSeriesSchema } from '@lentum/core/weather';
import { drawingSchema } from '@lentum/core/printout';

export const NAMED: readonly (readonly [z.ZodType, id: string, description: string])[] = [
  [idSchema, 'id', 'Letters, digits, hyphens and underscores; one of its kind in a job'],
  [nameSchema, 'name', 'A name that people read'],
  [instantSchema, 'instant', 'An instant in UTC, to the millisecond'],
  [entryInstantSchema, 'moment', 'An instant in UTC with its milliseconds, as entries have it'],
  [sourceSchema, 'source', 'Where a number comes from'],
  [jobHeadSchema, 'jobHead', 'Name, place, time zone, units and words of a job'],
  [
    jobRulesSchema,
    'jobRules',
    'Numbers of practice that the job sets for itself, and what is accepted before it is covered',
  ],
  [surveySchema, 'survey', 'Zones as they were measured, in metres of the plan'],
  [zoneSchema, 'zone', 'One roof, balcony, terrace, ramp, deck, wall or flight of stairs'],
  [outlineSchema, 'outline', 'The outline of a zone, in the way in which it was measured'],
  [edgeSchema, 'edge', 'What is at a side of a zone'],
  [openingSchema, 'opening', 'A roof light, a machine or a cut-out'],
  [featureSchema, 'feature', 'An outlet, a pipe, a crack, a ridge or another thing at a place of a zone'],
  [levelsSchema, 'levels', 'Heights that were read, m; what was not read is not there'],
  [buildUpDocSchema, 'buildUps', 'The build-ups of a job, by revision, and which zone has which'],
  [buildUpSchema, 'buildUp', 'One revision of a build-up: its layers, rules of details, cautions and papers'],
  [layerSchema, 'layer', 'A coat, fabric, broadcast, sheet, protection or pieces'],
  [limitsSchema, 'limits', 'Limits of the weather and of the ground, °C and %'],
  [detailRulesSchema, 'detailRules', 'How a build-up makes its details, mm'],
  [orderSchema, 'order', 'Allowances, stock, deliveries and offers'],
  [coursesSchema, 'courses', 'How courses run, lap and keep off'],
  [coursePlanSchema, 'coursePlan', 'What of the courses of a layer was set by hand'],
  [programmeSchema, 'programme', 'Crews, hours, days off, costs and plans that were kept'],
  [crewSchema, 'crew', 'People that work together, with skills and machines'],
  [provingSchema, 'proving', 'What of a handover is asked for'],
  [siteSchema, 'site', 'Bays and what they are held for'],
  [baySchema, 'bay', 'A part of a zone that is worked in one go'],
  [weatherDocSchema, 'weather', 'Place and clock of the weather, and what was set by hand'],
  [weatherSeriesSchema, 'weatherSeries', 'Hours of weather, observed or forecast'],
  [columnsSchema, 'weatherColumns', 'Values by the hour; null where none is known'],
  [
    storedEntrySchema,
    'storedEntry',
    'An entry with its number, its time of arrival and its link of the chain',
  ],
  [entrySchema, 'entry', 'What somebody entered, as it was entered'],
  [firstFormSchema, 'entryFirstForm', 'An entry as it was written at first'],
  [secondFormSchema, 'entrySecondForm', 'An entry as it is written now'],
  [personSchema, 'person', 'A name, or what stands for it'],
  [drawingSchema, 'drawing', 'Lines, areas and texts of a drawing, mm'],
];
