/** The calls of all bays, in the order of what missing them costs. */
import { createSharedComposable } from '@vueuse/core';
import { computed } from 'vue';
import type { Call, CallKind } from '@lentum/core/call';
import { useJob } from '../../app/job.ts';

export const GROUPS: readonly { name: string; kinds: readonly CallKind[] }[] = [
  { name: 'Wet now', kinds: ['wet'] },
  { name: 'Last chance', kinds: ['closing'] },
  { name: 'Will be missed', kinds: ['lost'] },
  { name: 'Overcoat window missed', kinds: ['missed'] },
  { name: 'Can be done now', kinds: ['open'] },
  { name: 'To be checked first', kinds: ['check'] },
  { name: 'Blocked: a gate is closed', kinds: ['blocked'] },
  { name: 'To be prepared', kinds: ['steps'] },
  { name: 'Opens later', kinds: ['opens'] },
  { name: 'At work', kinds: ['curing'] },
  { name: 'Held', kinds: ['held'] },
  { name: 'No opening in sight', kinds: ['shut'] },
  { name: 'To be accepted', kinds: ['accept'] },
];

export const useCalls = createSharedComposable(() => {
  const job = useJob();
  return computed<readonly Call[]>(() => {
    const { work } = job.weather;
    return work && job.state ? work.inOrderOfCost(job.state.calls) : [];
  });
});
