/** How far each stage of the open job is. */
import { computed } from 'vue';
import type { ProgrammeDoc } from '@lentum/core/planning';
import type { BayStatus } from '@lentum/core/record';
import { useJob } from '../app/job.ts';
import type { WorkFacts } from '../workers/orderwork.ts';
import type { Stage } from './stagelist.ts';

export type StageMark = 'none' | 'work' | 'done' | 'attention';

export interface StageState {
  readonly mark: StageMark;
  readonly reason: string;
}

const plural = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;

const at = (mark: StageMark, reason: string): StageState => ({ mark, reason });
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

function surveyState(
  zones: readonly { readonly zone: { readonly outline: { readonly kind: string } } }[],
  facts: WorkFacts['survey'] | undefined,
): StageState {
  const estimated = zones.filter((z) => z.zone.outline.kind === 'estimated').length;
  if (zones.length === 0) return at('none', 'No zone yet');
  if (!facts) return LOOKING;
  if (facts.open.length > 0) return at('attention', `${facts.open.join(', ')}: the outline is not closed`);
  if (estimated > 0) return at('work', `${plural(estimated, 'zone')} by area alone, not measured`);
  return facts.unsaid > 0
    ? at('work', `${plural(facts.unsaid, 'side')} not described yet`)
    : at('done', `${plural(zones.length, 'zone')}, all closed and described`);
}

function detailsState(facts: WorkFacts['details'] | undefined): StageState {
  if (!facts) return LOOKING;
  if (facts.zones === 0) return at('none', 'No zone with a build-up yet');
  if (facts.refused > 0)
    return at('attention', `${plural(facts.refused, 'detail')} cannot be cut as measured`);
  return facts.missingZones > 0
    ? at('work', `${plural(facts.missingZones, 'zone')} without details yet`)
    : at('done', `${plural(facts.count, 'detail')} with their pieces`);
}

function orderState(facts: WorkFacts['order'] | undefined): StageState {
  if (!facts) return LOOKING;
  if (facts.lines === 0) return at('none', 'Nothing to order yet');
  return facts.missingZones > 0
    ? at('work', `${plural(facts.missingZones, 'zone')} not in the order yet`)
    : at('done', `${plural(facts.lines, 'line')}, every zone counted`);
}

/** Site, record and handover go by the bays. */
function baysStates(
  bays: readonly BayStatus[],
  zones: number,
  entries: number,
): Record<'site' | 'record' | 'handover', StageState> {
  const gridded = new Set(bays.map((b) => b.bay.zoneId));
  const urgent = bays.filter((b) => b.state === 'closing' || b.state === 'missed' || b.state === 'held');
  const doubtful = bays.filter((b) => b.doubt && b.state !== 'accepted');
  const accepted = bays.filter((b) => b.state === 'accepted').length;
  const isAll = accepted === bays.length && bays.length > 0;
  const told = `${accepted} of ${plural(bays.length, 'bay')} accepted`;
  return {
    site:
      bays.length === 0
        ? at('none', 'No bays yet')
        : urgent.length > 0
          ? at('attention', `${plural(urgent.length, 'bay')} held, closing or missed`)
          : gridded.size < zones
            ? at('work', `${plural(zones - gridded.size, 'zone')} without bays`)
            : at(isAll ? 'done' : 'work', told),
    record:
      entries === 0
        ? at('none', 'Nothing on record yet')
        : doubtful.length > 0
          ? at('attention', `${plural(doubtful.length, 'bay')} with a film that is thin or does not add up`)
          : at(isAll ? 'done' : 'work', plural(entries, 'entry', 'entries')),
    handover:
      bays.length === 0 ? at('none', 'Nothing to hand over yet') : at(accepted === 0 ? 'none' : 'work', told),
  };
}

export function useStageStates() {
  const job = useJob();
  return computed<Record<Stage['key'], StageState>>(() => {
    const { zones, workFacts: facts } = job;
    const without = zones.filter((z) => !z.buildUp);
    const count = job.documents.site.content.bays.length;
    // With bays there is something to judge, and until it is judged nothing to tell.
    const bays = count === 0 ? [] : job.state?.calls.map((c) => c.status);
    return {
      survey: surveyState(zones, facts?.survey),
      'build-up':
        zones.length === 0 || without.length === zones.length
          ? at('none', 'No build-up chosen yet')
          : without.length > 0
            ? at('work', `No build-up yet for ${without.map((z) => z.zone.name).join(', ')}`)
            : at('done', 'Every zone has a build-up'),
      details: detailsState(facts?.details),
      order: orderState(facts?.order),
      programme: programmeState(job.documents.programme.draft, count, (ms) => job.time(ms)),
      ...(bays
        ? baysStates(bays, zones.length, job.entries.length)
        : { site: LOOKING, record: LOOKING, handover: LOOKING }),
    };
  });
}
