/** The application on this device, also without a signal; a newer one waits until nothing is half typed. */
import { shallowRef } from 'vue';
import type { Router } from 'vue-router';
import { registerSW } from 'virtual:pwa-register';

/** A newer version is here, and how it is taken; undefined while there is none. */
export const newVersion = shallowRef<() => Promise<void>>();

/** It is looked for this often while the page stays open. */
const LOOK_MS = 60 * 60_000;

/** Something is open over the page: a form that somebody may be filling in. */
const somethingOpen = (): boolean =>
  [...document.querySelectorAll<HTMLElement>('.el-overlay')].some((o) => o.style.display !== 'none');

export function keepApplication(router: Router): void {
  const take = registerSW({
    onNeedRefresh: () => (newVersion.value = () => take(true)),
    onRegisteredSW: (_address, registration) => {
      if (registration) setInterval(() => void registration.update().catch(() => undefined), LOOK_MS);
    },
  });
  // Between two pages nothing is half typed: drafts are kept, and a form that is open holds it back.
  router.afterEach((to, from) => {
    if (newVersion.value && to.path !== from.path && !somethingOpen()) void newVersion.value();
  });
}
