/** Heavy work of the survey, off the main thread. Giving it up is ending the worker. */
import '../shared/nojit.ts';
import { expose } from 'comlink';
import { fallsReport } from '@lentum/core/falls';
import type { Zone } from '@lentum/core/survey';

const work = { falls: (zone: Zone) => fallsReport(zone) };
export type SurveyWork = typeof work;
expose(work);
