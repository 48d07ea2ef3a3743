/** Heavy work of the survey, off the main thread. Giving it up is ending the worker. */
import '../shared/nojit.ts';
import { expose } from 'comlink';
import {
  findOutlines,
  guessUnit,
  readDxfInSteps,
  type Drawing,
  type DrawingUnit,
} from '@lentum/core/drawings';
import { fallsReport } from '@lentum/core/falls';
import type { Result } from '@lentum/core/problems';
import type { Zone } from '@lentum/core/survey';

/** The drawing that was read last: it stays here, as it can be far larger than what is asked of it. */
let drawing: Drawing | undefined;

const work = {
  falls: (zone: Zone) => fallsReport(zone),
  readDxf: (
    text: string,
    progress: (share: number) => void,
  ): Result<Omit<Drawing, 'paths'> & { guess: DrawingUnit }> => {
    const steps = readDxfInSteps(text);
    for (;;) {
      const step = steps.next();
      if (!step.done) {
        progress(step.value);
        continue;
      }
      if (!step.value.ok) return step.value;
      drawing = step.value.value;
      const { paths: _left, ...facts } = drawing;
      return { ok: true, value: { ...facts, guess: guessUnit(drawing) } };
    }
  },
  outlines: (layers: readonly string[], unit: DrawingUnit) =>
    drawing ? findOutlines(drawing, layers, unit) : { outlines: [], loose: [], tooMany: false },
};
export type SurveyWork = typeof work;
expose(work);
