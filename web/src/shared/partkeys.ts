/** Keys that turn the parts of a page. */
import { useActKeys } from '../app/actkeys.ts';

type Parts = readonly (readonly [key: string, name: string])[];

export function usePartKeys(parts: () => Parts, chosen: () => string, choose: (key: string) => void): void {
  const turn = (by: 1 | -1): void => {
    const list = parts();
    const at = list.findIndex(([key]) => key === chosen());
    const next = list[(at + by + list.length) % list.length];
    if (next) choose(next[0]);
  };
  useActKeys([
    { key: 'p', what: 'the next part of this page', run: () => turn(1) },
    { key: 'P', what: 'the part before', run: () => turn(-1) },
  ]);
}
