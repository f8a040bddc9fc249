import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

/**
 * The largest file that a browser keeps for the time without a server: the run sheet’s PDF maker.
 */
const LARGEST_KEPT = 4_000_000;

export default defineConfig({
  root: import.meta.dirname,
  plugins: [
    react(),
    tailwindcss(),
    // Pages open without a server too, so that a reload at the stove does not lose sight of the
    // pot.
    VitePWA({
      // The pages register it once they are at rest, so that it takes no time from the first press.
      injectRegister: false,
      registerType: 'autoUpdate',
      manifest: {
        name: 'Idle Kettle',
        short_name: 'Idle Kettle',
        start_url: '/',
        display: 'standalone',
        background_color: '#f5f1e6',
        theme_color: '#1d3f4f',
        icons: [{ src: '/kettle.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,mjs,css,html,svg,woff,woff2}'],
        // The meter of passphrases is large, and of no use without a server.
        globIgnores: ['**/meter-*.js'],
        navigateFallbackDenylist: [/^\/api\//],
        maximumFileSizeToCacheInBytes: LARGEST_KEPT,
      },
    }),
  ],
  resolve: { conditions: ['source', 'module', 'browser', 'development|production'] },
  build: {
    outDir: 'dist',
    emptyOutDir: true,
    sourcemap: false,
    rolldownOptions: {
      output: {
        chunkFileNames: ({ moduleIds }) =>
          moduleIds.some((id) => id.includes('@zxcvbn-ts'))
            ? 'assets/meter-[hash].js'
            : 'assets/[name]-[hash].js',
      },
    },
  },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env['KETTLE_PORT'] ?? 4780}` } },
});
