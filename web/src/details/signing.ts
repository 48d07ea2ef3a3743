/** What the record says of each detail, and entering more. */
import { computed } from 'vue';
import { detailTitle, type Detail } from '@lentum/core/details';
import { latestDetails, type DetailEntry } from '@lentum/core/record';
import type { Where } from '../app/entering.ts';
import { rightNow } from '../app/righttime.ts';
import { useJob } from '../app/job.ts';
import { worded } from '../app/wording.ts';

export function useSigning() {
  const job = useJob();
  /** The latest word on each detail, by zone. */
  const latest = computed(
    () => new Map([...job.book.zones.keys()].map((zoneId) => [zoneId, latestDetails(job.book, zoneId)])),
  );
  return {
    stateOf: (detail: Detail): DetailEntry | undefined => latest.value.get(detail.zoneId)?.get(detail.id),
    sign: async (
      detail: Detail,
      step: DetailEntry['step'],
      note: string,
      pictures: Pick<Where, 'attachments' | 'marks'> = {},
    ): Promise<void> => {
      const name = worded(detailTitle(detail));
      await job.tap(
        `${name}: ${step}`,
        'detail',
        { zoneId: detail.zoneId, ...pictures },
        {
          detailId: detail.id,
          name,
          step,
          at: rightNow(),
          ...(note === '' ? {} : { note }),
        },
      );
    },
  };
}
