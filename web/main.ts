import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { createApp } from 'vue';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/bitter/wght.css';
import './theme/scripts.css';
import './theme/tokens.css';
import './theme/base.css';
import App from './App.vue';
import { router } from './router.ts';
import { preset } from './theme/preset.ts';

createApp(App)
  .use(createPinia())
  .use(router)
  .use(PrimeVue, { theme: { preset, options: { darkModeSelector: 'none' } } })
  .mount('#app');
