/** How far each stage of the open job is. */
import { useTimeoutFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { ProgrammeDoc } from '@lentum/core/planning';
import { useJob } from '../app/job.ts';
import type { Stage } from './stagelist.ts';

export type StageMark = 'none' | 'work' | 'done' | 'attention';

export interface StageState {
  readonly mark: StageMark;
  readonly reason: string;
}

/** Marks that are computed from everything wait this long after a page was opened. */
const SETTLED_MS = 1500;

const plural = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

const LOOKING: StageState = { mark: 'none', reason: 'Being counted' };

/** A plan that was kept is what the crews go by; without one there is only what could be planned. */
function programmeState(
  { crews, kept }: Pick<ProgrammeDoc, 'crews' | 'kept'>,
  bays: number,
  time: (ms: number) => string,
): StageState {
  if (bays === 0) return { mark: 'none', reason: 'No bays to plan yet' };
  if (kept) return { mark: 'done', reason: `Plan kept ${time(Date.parse(kept.plannedAt))}` };
  return crews.length === 0
    ? { mark: 'none', reason: 'No crew named yet' }
    : { mark: 'work', reason: `${plural(crews.length, 'crew')} named, no plan kept yet` };
}

export function useStageStates() {
  const job = useJob();
  // Details take longer than the rest: their mark comes once the page stands.
  const settled = ref(false);
  useTimeoutFn(() => (settled.value = true), SETTLED_MS);
  return computed<Record<Stage['key'], StageState>>(() => {
    const zones = job.zones;
    const open = zones.filter((z) => !z.quantities.ok);
    const unsaid = zones.reduce(
      (sum, z) =>
        sum +
        (z.quantities.ok ? z.quantities.value.shape.sides.filter((s) => s.edge.kind === 'unsaid').length : 0),
      0,
    );
    const estimated = zones.filter((z) => z.zone.outline.kind === 'estimated').length;
    const without = zones.filter((z) => !z.buildUp);
    const bays = job.statuses;
    const gridded = new Set(bays.map((b) => b.bay.zoneId));
    const urgent = bays.filter((b) => b.state === 'closing' || b.state === 'missed' || b.state === 'held');
    const doubtful = bays.filter((b) => b.doubt && b.state !== 'accepted');
    const accepted = bays.filter((b) => b.state === 'accepted');
    const details = settled.value ? job.details.zones.flatMap((z) => z.work) : [];
    const refused = details.filter((w) => w.problems.length > 0);
    const found = details.reduce((sum, w) => sum + w.detail.count, 0);
    const at = (mark: StageMark, reason: string): StageState => ({ mark, reason });
    return {
      survey:
        zones.length === 0
          ? at('none', 'No zone yet')
          : open.length > 0
            ? at('attention', `${open.map((z) => z.zone.name).join(', ')}: the outline is not closed`)
            : estimated > 0
              ? at('work', `${plural(estimated, 'zone')} by area alone, not measured`)
              : unsaid > 0
                ? at('work', `${plural(unsaid, 'side')} not described yet`)
                : at('done', `${plural(zones.length, 'zone')}, all closed and described`),
      'build-up':
        zones.length === 0 || without.length === zones.length
          ? at('none', 'No build-up chosen yet')
          : without.length > 0
            ? at('work', `No build-up yet for ${without.map((z) => z.zone.name).join(', ')}`)
            : at('done', 'Every zone has a build-up'),
      details: !settled.value
        ? LOOKING
        : job.details.zones.length === 0
          ? at('none', 'No zone with a build-up yet')
          : refused.length > 0
            ? at('attention', `${plural(refused.length, 'detail')} cannot be cut as measured`)
            : job.details.missing.length > 0
              ? at('work', `${plural(job.details.missing.length, 'zone')} without details yet`)
              : at('done', `${plural(found, 'detail')} with their pieces`),
      order: !job.isCounted
        ? LOOKING
        : job.takenOff.lines.length === 0
          ? at('none', 'Nothing to order yet')
          : job.takenOff.missing.length > 0
            ? at('work', `${plural(job.takenOff.missing.length, 'zone')} not in the order yet`)
            : at('done', `${plural(job.takenOff.lines.length, 'line')}, every zone counted`),
      programme: programmeState(job.documents.programme.draft, bays.length, (ms) => job.time(ms)),
      site:
        bays.length === 0
          ? at('none', 'No bays yet')
          : urgent.length > 0
            ? at('attention', `${plural(urgent.length, 'bay')} held, closing or missed`)
            : gridded.size < zones.length
              ? at('work', `${plural(zones.length - gridded.size, 'zone')} without bays`)
              : at(
                  accepted.length === bays.length ? 'done' : 'work',
                  `${accepted.length} of ${plural(bays.length, 'bay')} accepted`,
                ),
      record:
        job.entries.length === 0
          ? at('none', 'Nothing on record yet')
          : doubtful.length > 0
            ? at('attention', `${plural(doubtful.length, 'bay')} with a film that is thin or does not add up`)
            : at(
                accepted.length === bays.length && bays.length > 0 ? 'done' : 'work',
                plural(job.entries.length, 'entry', 'entries'),
              ),
      handover:
        bays.length === 0
          ? at('none', 'Nothing to hand over yet')
          : at(
              accepted.length === 0 ? 'none' : 'work',
              `${accepted.length} of ${plural(bays.length, 'bay')} accepted`,
            ),
    };
  });
}
