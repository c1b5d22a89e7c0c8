import { resolve } from 'node:path';
import vue from '@vitejs/plugin-vue';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import components from 'unplugin-vue-components/vite';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { texts as de } from './core/words/de/shared/page';
import { texts as en } from './core/words/en/shared/page';
import { FIRST_LANGUAGE, folderOf, isLanguage, LANGUAGES, type LanguageId } from './core/words/languages';
import { fastConstants } from './tools/vite/fastConstants';
import { markWords } from './tools/vite/markWords';
import { pageWords } from './tools/vite/pageWords';
import { ownStyles, preloads } from './tools/vite/preloads';
import { slimScenes } from './tools/vite/slimScenes';

const PAGES: Readonly<Record<LanguageId, typeof en>> = { en, de };

/* Each other language answers for its own folder, with a service worker of its own. */
const OTHER_FOLDERS = LANGUAGES.filter(({ id }) => id !== FIRST_LANGUAGE).map(({ id }) => new RegExp(`/${id}(/|$)`));

/** Modes that build the app with marked words, for tests: `marked-de`. */
const MARKED = 'marked-';

/** `vite build --mode de` builds the app with another catalogue of words, into a folder of its own. */
export default defineConfig(({ mode }) => {
  const isMarked = mode.startsWith(MARKED);
  const named = isMarked ? mode.slice(MARKED.length) : mode;
  const language = isLanguage(named) ? named : FIRST_LANGUAGE;
  return {
    root: 'app',
    base: './',
    resolve: {
      alias: [{ find: /^#words\/(.*)$/, replacement: resolve(import.meta.dirname, `core/words/${language}/$1.ts`) }],
    },
    plugins: [
      ...(isMarked ? [markWords()] : [slimScenes()]),
      pageWords({ language, ...PAGES[language] }),
      preloads(['app/pages/GaragePage.vue', 'app/storage/browserShelf.ts']),
      ownStyles(),
      vue(),
      components({ dirs: [], dts: 'components.d.ts', resolvers: [ElementPlusResolver({ importStyle: 'css' })] }),
      VitePWA({
        disable: isMarked,
        registerType: 'prompt',
        injectRegister: false,
        manifest: {
          name: 'Zelf',
          short_name: 'Zelf',
          description: PAGES[language].appDescription,
          lang: language,
          display: 'standalone',
          background_color: '#F5F1E8',
          theme_color: '#1D2B2F',
          icons: [{ src: 'icon.svg', sizes: 'any', type: 'image/svg+xml' }],
        },
        workbox: {
          globPatterns: ['**/*.{js,css,html,svg,woff2}'],
          maximumFileSizeToCacheInBytes: 6_000_000,
          navigateFallbackDenylist: [/^\/ws/, ...(language === FIRST_LANGUAGE ? OTHER_FOLDERS : [])],
        },
      }),
    ],
    worker: { format: 'es', rolldownOptions: fastConstants, plugins: () => (isMarked ? [markWords()] : []) },
    build: {
      outDir: isMarked ? `../dist/marked/${language}` : `../dist/app/${folderOf(language)}`,
      emptyOutDir: true,
      minify: !isMarked,
      assetsInlineLimit: (file) => (file.endsWith('.woff2') ? false : undefined),
    },
    server: { host: '127.0.0.1' },
    preview: { host: '127.0.0.1' },
  };
});
