import { defineConfig } from 'vite';
import { fastConstants } from './tools/vite/fastConstants';

/** The benchmark is measured as the application ships: bundled, not transformed on the fly. */
export default defineConfig({
  publicDir: false,
  build: {
    ssr: 'tools/bench.ts',
    outDir: 'dist/bench',
    target: 'node20',
    rolldownOptions: { output: { ...fastConstants.output, entryFileNames: 'bench.mjs' } },
  },
});
