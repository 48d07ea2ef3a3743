import '@fontsource-variable/atkinson-hyperlegible-next/index.css';
import 'element-plus/theme-chalk/base.css';
import 'element-plus/theme-chalk/dark/css-vars.css';
import './app/tokens.css';
import './app/element.css';
import './app/base.css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import AppFrame from './app/AppFrame.vue';
import { router } from './app/router.ts';
import { sendWaiting } from './app/sendwaiting.ts';

createApp(AppFrame).use(createPinia()).use(router).mount('#app');
// Without a signal it is tried again by itself.
void sendWaiting();
