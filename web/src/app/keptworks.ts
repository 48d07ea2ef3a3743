/** The works of the plan that the crews go by, with the names that they have in the open job; none where none was kept. */
import { computed } from 'vue';
import { keptWorks, type KeptWork } from '@lentum/core/planning';
import { useJob } from './job.ts';

export function useKeptWorks() {
  const job = useJob();
  return computed((): KeptWork[] => {
    const { kept } = job.documents.programme.content;
    return kept
      ? keptWorks(kept, {
          site: job.documents.site.content,
          survey: job.documents.survey.content,
          buildUps: job.documents.buildUps.content,
        })
      : [];
  });
}
