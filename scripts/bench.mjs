import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import { ROOT } from './steps.mjs';

/** Runs a file of bench/ as the application is built: without the helpers that keep names for those who debug. */
const [name = 'run'] = process.argv.slice(2, 3);
process.argv.splice(2, 1);
const folder = join(ROOT, 'node_modules/.cache/bench');
mkdirSync(folder, { recursive: true });
const outfile = join(folder, `${name}.mjs`);
await build({
  entryPoints: [join(ROOT, `bench/${name}.ts`)],
  outfile,
  bundle: true,
  platform: 'node',
  format: 'esm',
  packages: 'external',
  logLevel: 'error',
});
await import(pathToFileURL(outfile).href);
