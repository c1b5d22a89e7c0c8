import 'element-plus/es/components/message/style/css';
import { createPinia } from 'pinia';
import { createApp } from 'vue';
import App from './App.vue';
import { createAppRouter } from './router';
import { openDatabase } from './storage/database';
import { createGarageStorage } from './storage/garageStorage';
import { providePorts } from './stores/ports';
import { isoWithOffset } from './shared/time';
import { createAdviserClient } from './workers/adviserClient';
import './shared/theme/fonts.css';
import './shared/theme/tokens.css';
import './shared/theme/base.css';
import './shared/theme/element.css';

const app = createApp(App);
providePorts(app, {
  storage: createGarageStorage(openDatabase()),
  adviser: createAdviserClient(),
  now: () => isoWithOffset(new Date()),
  newId: () => crypto.randomUUID?.() ?? `id-${Date.now().toString(36)}-${Math.random().toString(36).slice(2, 10)}`,
});
app.use(createPinia());
app.use(createAppRouter());
app.config.errorHandler = (error) => {
  console.error(error);
  document.dispatchEvent(
    new CustomEvent('zelf-trouble', { detail: error instanceof Error ? error.message : String(error) }),
  );
};
app.mount('#app');
