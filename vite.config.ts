import vue from '@vitejs/plugin-vue';
import { ElementPlusResolver } from 'unplugin-vue-components/resolvers';
import components from 'unplugin-vue-components/vite';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { slimScenes } from './tools/vite/slimScenes';

export default defineConfig({
  root: 'app',
  base: './',
  plugins: [
    slimScenes(),
    vue(),
    components({ dirs: [], dts: 'components.d.ts', resolvers: [ElementPlusResolver({ importStyle: 'css' })] }),
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Zelf',
        short_name: 'Zelf',
        description: 'From a brake warning lamp to proof that it stays off.',
        display: 'standalone',
        background_color: '#F5F1E8',
        theme_color: '#1D2B2F',
        icons: [{ src: 'icon.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        maximumFileSizeToCacheInBytes: 6_000_000,
        navigateFallbackDenylist: [/^\/api/, /^\/ws/],
      },
    }),
  ],
  worker: { format: 'es' },
  build: {
    outDir: '../dist/app',
    emptyOutDir: true,
    assetsInlineLimit: (file) => (file.endsWith('.woff2') ? false : undefined),
  },
  server: { host: '127.0.0.1' },
});
