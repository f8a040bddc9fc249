import { defineConfig } from 'vite';

/**
 * The program of the planning threads in one file: read one by one, its hundreds of files take each
 * thread seconds of a busy machine to begin.
 */
export default defineConfig({
  root: import.meta.dirname,
  build: {
    ssr: 'dist/planning/planning.worker.js',
    outDir: 'dist/planning',
    emptyOutDir: false,
    rollupOptions: { output: { entryFileNames: 'planning.bundle.js' } },
  },
  ssr: { noExternal: true },
});
