/** How printouts of the open job say things: in its words and the units on screen. */
import { jobLines, tellingOf, type Block, type Printout, type Telling } from '@lentum/core/printout';
import { wordingOf } from '@lentum/core/wording';
import { useJob } from '../../app/job.ts';
import { usePreferences } from '../../app/preferences.ts';

export function usePrinted(): {
  /** A printout of this moment. */
  readonly printed: (title: string, blocks: (t: Telling) => Block[]) => Printout;
} {
  const job = useJob();
  const preferences = usePreferences();
  return {
    printed: (title, blocks) => {
      const head = {
        name: job.head?.name ?? '',
        place: job.head?.place ?? '',
        timeZone: job.timeZone,
        units: job.system,
        wording: job.head ? wordingOf(job.head) : ('uk' as const),
      };
      const t = tellingOf(head, preferences.currency);
      return { title: t.w(title), ...jobLines(head, job.nowMs), blocks: blocks(t) };
    },
  };
}
