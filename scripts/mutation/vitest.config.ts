import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { defineConfig } from 'vitest/config';
import { mutated, type Mutant } from './mutants';

/** The tests of core with one fault in one file, which OUTWASH_MUTANT names; the files themselves stay as they are. */
const mutant = JSON.parse(process.env.OUTWASH_MUTANT!) as Mutant;
const file = resolve(mutant.file);

export default defineConfig({
  plugins: [
    {
      name: 'mutant',
      enforce: 'pre',
      load: (id) => (id === file ? mutated(readFileSync(file, 'utf8'), mutant) : null),
    },
  ],
  test: {
    include: ['core/**/*.test.ts'],
    // Seven plans over the whole library: too slow to be asked for every fault.
    exclude: ['core/plan/planner/demo.test.ts'],
    isolate: false,
    testTimeout: 60_000,
    maxWorkers: 1,
    bail: 1,
  },
});
