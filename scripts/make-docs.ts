import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { publishedPages } from './published/pages';

/** Writes the pages of docs/ that are made from the code. */
for (const [name, text] of Object.entries(await publishedPages(process.cwd()))) writeFileSync(join('docs', name), text);
