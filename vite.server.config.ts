import { defineConfig } from 'vite';

/** The server as one bundle, so that `npm start` is up at once. */
export default defineConfig({
  build: {
    ssr: 'server/main.ts',
    target: 'node20',
    outDir: 'dist/server',
    emptyOutDir: true,
    rollupOptions: { output: { entryFileNames: 'main.mjs' } },
  },
});
