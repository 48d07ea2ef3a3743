/** What somebody has to have to change a stage; entries in the record have rules of their own. */
import type { Right } from '@lentum/core/access';
import { whyNot } from '../app/session.ts';

const RIGHT_OF: Readonly<Record<string, Right>> = {
  survey: 'change survey',
  'build-up': 'change build-up',
  details: 'change survey',
  order: 'change order',
  programme: 'change programme',
  handover: 'change handover',
  upkeep: 'change handover',
};

/** Why whoever is signed in may only read a stage, as a sentence; undefined where they may change it. */
export function heldAt(stage: string, jobId: string): string | undefined {
  const right = RIGHT_OF[stage];
  return right && whyNot(right, jobId);
}
