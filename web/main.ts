import { createPinia } from 'pinia';
import PrimeVue from 'primevue/config';
import { createApp } from 'vue';
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css';
import '@fontsource-variable/bitter/wght.css';
import './theme/scripts.css';
import './theme/tokens.css';
import './theme/base.css';
import App from './App.vue';
import { tellWhatDoesNotOpen } from './frame/opening.ts';
import { router } from './router.ts';
import { preset } from './theme/preset.ts';

const app = createApp(App)
  .use(createPinia())
  .use(router)
  .use(PrimeVue, { theme: { preset, options: { darkModeSelector: 'none' } } });
tellWhatDoesNotOpen(router);
// Until the code of the first screen is there, the page says that it opens.
void router
  .isReady()
  .catch(() => {})
  .then(() => app.mount('#app'));
