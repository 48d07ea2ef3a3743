/** The program's own words as the open job has them, British or American. What people typed does not pass here. */
import { computed } from 'vue';
import { worded as inWords, wordingOf } from '@lentum/core/wording';
import { openJob } from './openjob.ts';

/** What is spoken now. */
export const spoken = computed(() => ({
  wording: openJob.value?.head ? wordingOf(openJob.value.head) : ('uk' as const),
  units: openJob.value?.system ?? ('metric' as const),
}));

export const worded = (text: string): string => inWords(text, spoken.value.wording, spoken.value.units);
