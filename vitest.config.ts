import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const alias = { '~~': fileURLToPath(new URL('.', import.meta.url)) };

export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'core',
          include: ['core/**/*.test.ts', 'reference/**/*.test.ts', 'app/**/*.test.ts'],
          // Files share what they import: the tests of a pure core leave nothing behind.
          isolate: false,
          // A guard against hanging only: other work runs on the same cores.
          testTimeout: 60_000,
          maxWorkers: 2,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'server',
          include: ['server/**/*.test.ts', 'scripts/**/*.test.ts'],
          isolate: false,
          testTimeout: 60_000,
          maxWorkers: 2,
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'application',
          include: ['e2e/**/*.test.ts'],
          // Each file has a server, a database and a browser of its own; what it imports is shared.
          isolate: false,
          testTimeout: 150_000,
          hookTimeout: 120_000,
          // Two browsers and two servers share the cores: what is waited for may take a while.
          expect: { poll: { timeout: 10_000, interval: 100 } },
          maxWorkers: 2,
        },
      },
    ],
  },
});
