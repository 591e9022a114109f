import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import subsetFont from 'subset-font';

/**
 * Cuts the fonts to the characters that English text, Latin names and measures are written with, and to the weights in
 * use: half of what a first visit would fetch else. Other characters come from the whole files when a page has them
 * (app/assets/fonts.css). `npm run fonts`, after an update of the fonts; the results are kept in the repository.
 */
const ROOT = join(import.meta.dirname, '..');
const ascii = Array.from({ length: 95 }, (_, i) => String.fromCharCode(32 + i)).join('');
const CHARACTERS = `${ascii}\u00a0°±²³·¼½¾×÷–—‘’“”•…−ﬁﬂ`;
const FONTS = [
  // Figures of equal width are kept for the tables; of the serif only what is typed.
  ['source-sans-3/files/source-sans-3-latin-wght-normal.woff2', 'sans.woff2', {}],
  ['alegreya/files/alegreya-latin-wght-normal.woff2', 'serif.woff2', { noLayoutClosure: true }],
  ['alegreya/files/alegreya-latin-wght-italic.woff2', 'serif-italic.woff2', { noLayoutClosure: true }],
];

const folder = join(ROOT, 'app/assets/fonts');
mkdirSync(folder, { recursive: true });
for (const [from, to, options] of FONTS) {
  const whole = readFileSync(join(ROOT, 'node_modules/@fontsource-variable', from));
  const cut = await subsetFont(whole, CHARACTERS, {
    targetFormat: 'woff2',
    variationAxes: { wght: { min: 400, max: 700 } },
    ...options,
  });
  writeFileSync(join(folder, to), cut);
  console.log(`${to}: ${whole.length} bytes before, ${cut.length} now.`);
}
