/** A worker for the survey, and its end. */
import { wrap, type Remote } from 'comlink';
import type { SurveyWork } from './survey.worker.ts';

export interface OpenSurveyWork {
  readonly remote: Remote<SurveyWork>;
  readonly end: () => void;
}

export function openSurveyWork(): OpenSurveyWork {
  const worker = new Worker(new URL('./survey.worker.ts', import.meta.url), { type: 'module' });
  return { remote: wrap<SurveyWork>(worker), end: () => worker.terminate() };
}
