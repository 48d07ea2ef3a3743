/** Keyboard of the whole application. Keys typed into a field are the field's. */
import { useEventListener } from '@vueuse/core';
import { useRouter } from 'vue-router';
import { actKeys } from '../app/actkeys.ts';
import { openJob } from '../app/openjob.ts';
import { usePreferences } from '../app/preferences.ts';
import { STAGES } from './stagelist.ts';

export const KEYS: readonly (readonly [keys: string, what: string])[] = [
  ['Alt + 1 … 8', 'go to a stage by its number'],
  ['[ and ]', 'the zone before, the next zone'],
  ['/', 'find anything in the job'],
  ['u', 'switch between metric and US units'],
  ['↑ and ↓ on a grip', 'move a layer of a build-up'],
  ['Ctrl + Z', 'undo on this page'],
  ['Ctrl + Shift + Z', 'redo'],
  ['?', 'this list'],
  ['Esc', 'close what is open'],
];

/** Whether keys typed there are what it says. */
export const isField = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable ||
    (/^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) &&
      !/^(radio|checkbox)$/.test(target.getAttribute('type') ?? '')));

/** Whether something is open over the page: its keys come first. What is just closing is not. */
export const isCovered = (): boolean =>
  [...document.querySelectorAll('.el-overlay')].some(
    (o) =>
      !/-leave-(active|to)/.test(o.className) &&
      (o.querySelector('[role="dialog"]')?.getClientRects().length ?? 0) > 0,
  );

export interface KeyActions {
  readonly find: () => void;
  readonly help: () => void;
}

export function useKeys(actions: KeyActions): void {
  const router = useRouter();
  const preferences = usePreferences();

  useEventListener(window, 'keydown', (event: KeyboardEvent) => {
    const route = router.currentRoute.value;
    const inJob = typeof route.params['jobId'] === 'string';
    if (event.altKey && !event.ctrlKey && /^Digit[1-8]$/.test(event.code)) {
      const stage = STAGES.find((s) => s.number === Number(event.code.slice(5)));
      if (stage && inJob) {
        event.preventDefault();
        void router.push({ name: stage.key, params: route.params });
      }
      return;
    }
    if (isField(event.target)) return;
    if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z' && inJob) {
      const open = openJob.value?.documents[String(route.name)];
      if (!open) return;
      event.preventDefault();
      if (event.shiftKey) open.redo();
      else open.undo();
      return;
    }
    if (event.ctrlKey || event.metaKey || event.altKey || isCovered()) return;
    if (event.key === '/' && inJob) actions.find();
    else if (event.key === '?') actions.help();
    else if (event.key === 'u') {
      const shown = openJob.value?.system ?? (preferences.units || 'metric');
      preferences.units = shown === 'metric' ? 'us' : 'metric';
    } else {
      const act = actKeys.findLast((a) => a.key === event.key);
      if (!act) return;
      act.run();
    }
    event.preventDefault();
  });
}
