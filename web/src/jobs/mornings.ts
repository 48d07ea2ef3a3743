/** The firm's morning: each open job in one line, asked one after another, and in order once all have answered. */
import { onScopeDispose, shallowRef, watch, type Ref } from 'vue';
import { byCost, NO_COST, type CostOrder } from '@lentum/core/job';
import { get } from '../app/api.ts';

interface MorningLineTold {
  readonly says: string;
  readonly bays: number;
  readonly bayId: string;
  readonly zoneId: string;
  readonly by?: string;
}
interface DueTold {
  readonly at: string;
  readonly says: string;
  readonly bayId: string;
}
export interface MorningTold {
  readonly at: string;
  readonly timeZone: string;
  readonly bays: { readonly all: number; readonly done: number };
  readonly urgent: readonly MorningLineTold[];
  readonly now: readonly MorningLineTold[];
  readonly waits: readonly MorningLineTold[];
  readonly closes?: DueTold;
  readonly opens?: DueTold;
  readonly delivery?: { readonly on: string; readonly name: string };
  readonly last?: { readonly at: string; readonly who: string; readonly says: string };
  readonly weather?: {
    readonly airC?: number;
    readonly rainMm?: number;
    readonly rainFrom?: string;
    readonly mostWindMPerS?: number;
  };
  readonly order: CostOrder;
}

const AT_ONCE = 2;
const AGAIN_MS = 300_000;

/** What missing costs most first; a job that has not answered stays where it stood, behind those that have. */
export function inMorningOrder<R extends { readonly id: string }>(
  rows: readonly R[],
  told: ReadonlyMap<string, Pick<MorningTold, 'order'>>,
): R[] {
  const of = (row: R): CostOrder => told.get(row.id)?.order ?? NO_COST;
  return [...rows].sort((a, b) => byCost(of(a), of(b)));
}

/**
 * @param ids of the jobs in the list that are open
 * @returns what each says; and the same once all have answered, to put them in order without a jump after each
 */
export function useMornings(ids: Readonly<Ref<readonly string[]>>) {
  const told = shallowRef<ReadonlyMap<string, MorningTold>>(new Map());
  const settled = shallowRef<ReadonlyMap<string, MorningTold>>(new Map());
  let round = 0;

  async function ask(all: readonly string[]): Promise<void> {
    const mine = (round += 1);
    const left = [...all];
    const one = async (): Promise<void> => {
      for (let id = left.shift(); id !== undefined; id = left.shift()) {
        try {
          const { body } = await get<MorningTold>(`/jobs/${id}/morning`);
          if (mine !== round) return;
          told.value = new Map(told.value).set(id, body);
        } catch {
          // The list says what it knows without it.
        }
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, one));
    if (mine === round) settled.value = told.value;
  }
  watch(
    () => ids.value.join(),
    () => void ask(ids.value),
    { immediate: true },
  );
  const again = setInterval(() => {
    if (document.visibilityState === 'visible') void ask(ids.value);
  }, AGAIN_MS);
  onScopeDispose(() => {
    clearInterval(again);
    round = -1;
  });
  return { told, settled };
}
