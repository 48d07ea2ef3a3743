/** An entry of the open job in one line. */
import { computed } from 'vue';
import type { Entry } from '@lentum/core/record';
import { useJob } from '../app/job.ts';

export function useEntryWords(): (entry: Entry) => string {
  const job = useJob();
  const labels = computed(() => new Map(job.documents.site.content.bays.map((b) => [b.id, b.label])));
  const numbers = computed(() => new Map(job.entries.map((s) => [s.entry.id, s.seq])));

  function words(entry: Entry): string {
    const bay =
      'bayId' in entry && entry.bayId !== undefined
        ? `${labels.value.get(entry.bayId) ?? entry.bayId} · `
        : '';
    if (entry.kind === 'conditions') {
      return `air ${job.say(entry.airC, 'temperature')}, humidity ${entry.humidityPct} %, surface ${job.say(entry.surfaceC, 'temperature')}`;
    }
    if (entry.kind === 'detail') return `${entry.name}: ${entry.step}${entry.note ? `, ${entry.note}` : ''}`;
    if (entry.kind === 'step') return `${bay}${entry.step}${entry.note ? `: ${entry.note}` : ''}`;
    if (entry.kind === 'withdrawal')
      return `withdraws entry ${numbers.value.get(entry.supersedes) ?? '?'}: ${entry.reason}`;
    const layer = job.documents.buildUps.draft.buildUps
      .find((b) => b.id === entry.buildUpId && b.revision === entry.revision)
      ?.layers.find((l) => l.id === entry.layerId);
    if (entry.kind === 'laid')
      return `${bay}${layer?.name ?? entry.layerId} laid, ${entry.used} used${entry.batch ? `, batch ${entry.batch}` : ''}${entry.looked ? ', looked at' : ', not looked at'}`;
    const batches = entry.containers.map((c) => c.batch).filter(Boolean);
    return `${bay}${layer?.name ?? entry.layerId}${entry.finishedAt === undefined ? ', begun' : ''}, ${entry.lastWetMm.length} readings${batches.length > 0 ? `, batch ${batches.join(', ')}` : ''}`;
  }

  return words;
}
