import { fileURLToPath } from 'node:url';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

const alias = {
  '@': fileURLToPath(new URL('./src', import.meta.url)),
  'server-only': fileURLToPath(new URL('./tests/support/serverOnly.ts', import.meta.url)),
};

/** Only what hangs is given up: speed is shown in the benchmarks, and a busy machine must not fail what is right. */
const patience = { testTimeout: 900_000, hookTimeout: 900_000, expect: { poll: { timeout: 120_000 } } };

export default defineConfig({
  resolve: { alias },
  test: {
    ...patience,
    // By itself one worker would be kept free on a machine of two cores.
    maxWorkers: 2,
    projects: [
      {
        extends: true,
        test: {
          name: 'core',
          environment: 'node',
          // Pure functions need no world of their own: reading the modules once halves the time.
          isolate: false,
          include: [
            'src/core/**/*.test.ts',
            'src/server/**/*.test.ts',
            'src/features/**/*.test.ts',
            'src/player/**/*.test.ts',
            'src/offline/**/*.test.ts',
            'src/session/**/*.test.ts',
            'src/sync/**/*.test.ts',
            'src/terms/**/*.test.ts',
            'src/forms/**/*.test.ts',
            'demo/**/*.test.ts',
          ],
        },
      },
      {
        extends: true,
        // One plants files into the project, another copies it.
        test: {
          name: 'rules',
          environment: 'node',
          fileParallelism: false,
          include: ['tests/rules/**/*.test.ts'],
        },
      },
      {
        extends: true,
        plugins: [react()],
        test: {
          name: 'interface',
          environment: 'jsdom',
          setupFiles: ['tests/support/patience.ts'],
          include: ['src/{ui,forms,features,player}/**/*.test.tsx'],
        },
      },
      {
        // Needs the build: it runs after it.
        extends: true,
        test: { name: 'faults', environment: 'node', fileParallelism: false, include: ['tests/faults/**/*.test.ts'] },
      },
      {
        extends: true,
        test: {
          name: 'database',
          globalSetup: ['tests/support/databaseSetup.ts'],
          setupFiles: ['tests/support/ownDatabase.ts'],
          environment: 'node',
          include: ['tests/{data,server,security}/**/*.test.ts'],
        },
      },
    ],
  },
});
