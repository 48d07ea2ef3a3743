/** What the frame needs of the job that is open. The job itself is fetched with the first page that asks for it. */
import { ref, shallowRef } from 'vue';
import type { JobHead } from '@lentum/core/job';
import type { System } from '@lentum/core/units';

interface Undoable {
  readonly undo: () => void;
  readonly redo: () => void;
}

export interface OpenJob {
  readonly head: Pick<JobHead, 'units' | 'wording' | 'currency'> | undefined;
  readonly system: System;
  /** By the stage whose page they are edited on. */
  readonly documents: Readonly<Partial<Record<string, Undoable>>>;
}

/** Undefined until a page has asked for a job. */
export const openJob = shallowRef<OpenJob>();

/** The job that was last gone to, known before any of it has arrived. */
export const lastJobId = ref('');
