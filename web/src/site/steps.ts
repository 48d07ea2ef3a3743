/** What is said of bays by one tap: prepared, details done, held, released, accepted. */
import { ALL_DETAILS, sharesByArea, type Entry } from '@lentum/core/record';
import type { Bay } from '@lentum/core/site';
import { bayRuns } from '@lentum/core/words';
import { rightNow } from '../app/righttime.ts';
import type { useJob } from '../app/job.ts';

export type TappedStep = 'prepared' | 'detailed' | 'held' | 'released' | 'accepted';

const SAID: Readonly<Record<TappedStep, string>> = {
  prepared: 'prepared',
  detailed: 'details done',
  held: 'held',
  released: 'released',
  accepted: 'accepted',
};

/** One entry for all of them, which can be taken back where it was made. */
export function tapStep(
  job: Pick<ReturnType<typeof useJob>, 'tap'>,
  bays: readonly Bay[],
  step: TappedStep,
  reason = '',
): Promise<Entry> {
  const where = { zoneId: bays[0]?.zoneId, bays: sharesByArea(bays) };
  const says = `${bayRuns(bays.map((b) => b.label))}: ${SAID[step]}`;
  const at = rightNow();
  if (step === 'prepared') return job.tap(says, 'preparation', where, { at, steps: [], complete: true });
  if (step === 'detailed')
    return job.tap(says, 'detail', where, { at, detailId: ALL_DETAILS, name: 'All details', step: 'made' });
  const given = reason.trim() || (step === 'released' ? 'Looked at again.' : '');
  return job.tap(says, 'decision', where, { at, what: step, reason: given });
}
