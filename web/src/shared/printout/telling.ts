/** How printouts of the open job say things: in its words and the units on screen. */
import { jobLines, tellingOf, type Block, type Printout, type Telling } from '@lentum/core/printout';
import { wordingOf } from '@lentum/core/wording';
import { useJob } from '../../app/job.ts';

export function usePrinted(): {
  /** How things are said. */
  readonly telling: () => Telling;
  /** A printout of this moment. */
  readonly printed: (title: string, blocks: (t: Telling) => Block[]) => Printout;
} {
  const job = useJob();
  const ofJob = () => ({
    name: job.head?.name ?? '',
    place: job.head?.place ?? '',
    timeZone: job.timeZone,
    units: job.system,
    numbers: job.head?.numbers,
    inches: job.head?.inches,
    currency: job.currency,
    wording: job.head ? wordingOf(job.head) : ('uk' as const),
  });
  const telling = (): Telling => tellingOf(ofJob());
  return {
    telling,
    printed: (title, blocks) => {
      const t = telling();
      return { title: t.w(title), ...jobLines(ofJob(), job.nowMs), blocks: blocks(t) };
    },
  };
}
