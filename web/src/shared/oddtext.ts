/** A field of a document keeps what was typed into it and cannot be read: over leaving the page, and over closing the tab. */
import { inject, provide, watch, type InjectionKey, type Ref } from 'vue';
import { useRoute } from 'vue-router';
import { useOddFields } from '../app/oddfields.ts';

const KEPT: InjectionKey<(() => string) | undefined> = Symbol('where what cannot be read is kept');

/**
 * The fields of a page belong to a document: what cannot be read there is kept.
 * @param zoneId of the zone that they are of, where the address may leave it out
 */
export function keepOddTexts(zoneId?: () => string | undefined): void {
  const route = useRoute();
  // What the address says of the page: its stage, zone and part.
  const page = route.fullPath.split('?')[0] ?? '';
  const parts = (): string =>
    (['zone', 'part', 'layer', 'detail'] as const)
      .map((k) => [k, (k === 'zone' ? zoneId?.() : undefined) ?? route.query[k]] as const)
      .flatMap(([k, v]) => (typeof v === 'string' ? [`${k}=${v}`] : []))
      .join('&');
  provide(KEPT, () => (parts() === '' ? page : `${page}?${parts()}`));
}

/** Those of something that is opened over such a page keep nothing: it has no place to come back to. */
export const keepNoOddTexts = (): void => provide(KEPT, undefined);

/**
 * @param text what is typed
 * @param problem why it cannot be read; empty where it can
 * @param show writes the figure that the document has
 * @returns a function to be called when something was typed
 */
export function useOddText(
  label: () => string,
  text: Ref<string>,
  problem: Ref<string>,
  show: () => void,
): () => void {
  const where = inject(KEPT, undefined);
  if (!where) return () => undefined;
  const { of, set, drop } = useOddFields();
  const here = () => ({ label: label(), page: where() });
  /** Of this very field: the same one may stand for another zone the next moment. */
  watch(
    [() => of(here()), () => `${here().page} ${here().label}`],
    ([kept, now], [, before]) => {
      const moved = before !== undefined && now !== before;
      if (kept && (moved || problem.value === '')) {
        text.value = kept.text;
        problem.value = kept.says;
      } else if (!kept && problem.value !== '') {
        problem.value = '';
        show();
      }
    },
    { immediate: true },
  );
  return () => {
    if (problem.value === '') drop(here());
    else set({ ...here(), text: text.value, says: problem.value });
  };
}
