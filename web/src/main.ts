import './shared/nojit.ts';
import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import 'element-plus/theme-chalk/base.css';
import 'element-plus/theme-chalk/dark/css-vars.css';
import './frame/tokens.css';
import './frame/element.css';
import './frame/base.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import AppFrame from './frame/AppFrame.vue';
import { tellOfMissingParts } from './frame/missingpart.ts';
import { keepApplication } from './frame/newversion.ts';
import { router } from './frame/router.ts';
import { sendWaiting } from './app/sendwaiting.ts';
import { readSession } from './app/session.ts';

tellOfMissingParts();
createApp(AppFrame).use(createPinia()).use(router).mount('#app');
if (import.meta.env.PROD) keepApplication(router);
void readSession();
// Without a signal it is tried again by itself.
void sendWaiting();
// What is kept here is evidence: the browser is asked not to clear it by itself when it needs room.
if ('storage' in navigator) void navigator.storage.persist().catch(() => undefined);
// Old copies go some time after the start, when nobody waits for it; what clears them is fetched then.
const PRUNED_AFTER_MS = 60_000;
setTimeout(() => {
  void import('./app/device/prune.ts').then(({ prune }) => prune(Date.now())).catch(() => undefined);
}, PRUNED_AFTER_MS);
