import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const alias = { '~~': fileURLToPath(new URL('.', import.meta.url)) };

export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias },
        test: {
          name: 'unit',
          include: ['core/**/*.test.ts', 'reference/**/*.test.ts', 'app/**/*.test.ts', 'server/**/*.test.ts'],
        },
      },
      {
        resolve: { alias },
        test: {
          name: 'application',
          include: ['e2e/**/*.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 60_000,
          fileParallelism: false,
        },
      },
    ],
  },
});
