/** Keys of what a page does most. They are the page's while it is shown, and stand first in the list of keys. */
import { onScopeDispose, shallowReactive } from 'vue';

export interface ActKey {
  readonly key: string;
  readonly what: string;
  readonly run: () => void;
}

export const actKeys = shallowReactive<ActKey[]>([]);

export function useActKeys(acts: readonly ActKey[]): void {
  actKeys.push(...acts);
  onScopeDispose(() => {
    for (const act of acts) actKeys.splice(actKeys.indexOf(act), 1);
  });
}
