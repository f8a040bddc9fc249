import { defineConfig } from 'vite';

const PROGRAMS = ['main', 'migrate', 'rebuild', 'loadDemo'];

/**
 * The server’s programs, each in one file and what they share: read one by one, their thousands of
 * files take a start seconds.
 */
export default defineConfig({
  root: import.meta.dirname,
  build: {
    ssr: true,
    outDir: 'dist',
    emptyOutDir: false,
    sourcemap: true,
    rollupOptions: {
      input: Object.fromEntries(PROGRAMS.map((name) => [name, `dist/${name}.js`])),
      output: { entryFileNames: '[name].bundle.js', chunkFileNames: '[name].shared.js' },
    },
  },
  ssr: {
    noExternal: true,
    // What has parts of its own beside it, or reads files; and what others may bring and we do not.
    external: [
      '@fastify/static',
      '@nestjs/microservices',
      '@nestjs/microservices/microservices-module',
      '@nestjs/platform-fastify',
      '@nestjs/websockets',
      '@nestjs/websockets/socket-module',
      '@node-rs/argon2',
      // What its decorators note must be in one place, for the API’s description reads it there.
      'class-transformer',
      'class-transformer/storage',
      'pg',
      'pg-hstore',
      'pg-native',
      'pino',
      'piscina',
      'sequelize',
      'sequelize-typescript',
      'sharp',
      'swagger-ui-dist',
      'umzug',
    ],
  },
});
