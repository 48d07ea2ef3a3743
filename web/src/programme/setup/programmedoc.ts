/** The document that the parts of the set-up change, with undo. */
import { DateTime } from 'luxon';
import { computed } from 'vue';
import type { ProgrammeDoc } from '@lentum/core/planning';
import { useJob } from '../../app/job.ts';

export function useProgrammeDoc() {
  const job = useJob();
  const draft = computed(() => job.documents.programme.draft);
  return {
    draft,
    change: (next: Partial<ProgrammeDoc>): void => {
      job.documents.programme.draft = { ...draft.value, ...next };
    },
    /** Roofs to choose from. */
    zones: computed(() => job.zones.map((z) => ({ value: z.zone.id, label: z.zone.name }))),
    /** An instant as a field for a date and a time has it, by the clocks of the job; and back. */
    localAt: (instant: string): string =>
      DateTime.fromISO(instant, { zone: job.timeZone }).toFormat("yyyy-LL-dd'T'HH:mm"),
    instantOf: (local: string): string | undefined =>
      DateTime.fromISO(local, { zone: job.timeZone }).toUTC().toISO({ suppressMilliseconds: false }) ??
      undefined,
    today: computed(() => DateTime.fromMillis(job.nowMs, { zone: job.timeZone }).toISODate() ?? ''),
    isPast: (instant: string): boolean => Date.parse(instant) < job.nowMs,
  };
}
