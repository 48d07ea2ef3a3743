/** What a job that has just begun needs next, until the first thing is logged: outline, build-up, order, bays. */
import type { LocationQueryRaw } from 'vue-router';

export interface BeginningZone {
  readonly id: string;
  readonly name: string;
  readonly hasArea: boolean;
  readonly hasBuildUp: boolean;
  readonly hasBays: boolean;
}
export interface NextStep {
  readonly says: string;
  readonly act: string;
  readonly stage: string;
  readonly query: LocationQueryRaw;
}

/**
 * @param stage the page that is open: what it is about is not said again
 * @returns undefined where nothing is measured yet, for the survey asks that by itself; and where all zones are cut
 */
export function nextStep(zones: readonly BeginningZone[], stage: string): NextStep | undefined {
  const open = zones.find((z) => !z.hasArea);
  const bare = zones.find((z) => z.hasArea && !z.hasBuildUp);
  const uncut = zones.find((z) => z.hasArea && z.hasBuildUp && !z.hasBays);
  if (open && stage !== 'survey')
    return {
      says: `${open.name} is not closed yet: it has no area.`,
      act: 'Go on measuring it',
      stage: 'survey',
      query: { zone: open.id },
    };
  if (bare)
    return stage === 'build-up'
      ? undefined
      : {
          says: `${bare.name} is measured. What is it sealed with?`,
          act: 'Choose its build-up',
          stage: 'build-up',
          query: { zone: bare.id },
        };
  if (!uncut) return undefined;
  return stage === 'order'
    ? {
        says: `${uncut.name} is ordered. The work is logged by bays.`,
        act: 'Cut it into bays',
        stage: 'site',
        query: { part: 'bays', zone: uncut.id },
      }
    : stage === 'site'
      ? undefined
      : {
          says: 'Each zone has its build-up: containers, rolls and tools are counted.',
          act: 'See the order',
          stage: 'order',
          query: {},
        };
}
