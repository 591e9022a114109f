import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { createInterface } from 'node:readline';
import type { Role } from '../core/model/installation';
import { Passphrase, isClosed, provenBy, savePassphrase } from '../server/access/passphrase';
import { closeDatabase, openDatabase } from '../server/database/connection';
import { DatabaseRefused } from '../server/database/refusals';

/**
 * Sets the passphrase of an Outwash that is stopped: `npm run passphrase`, for looking only `npm run passphrase -- --read`,
 * and with --remove it is taken away. It is typed twice, unseen; from a pipe it is the first line.
 */
const root = process.env.OUTWASH_ROOT ?? process.cwd();
const file = process.env.OUTWASH_DATABASE ?? join(root, 'data/outwash.sqlite');
const role: Role = process.argv.includes('--read') ? 'read' : 'change';

function stopWith(sentence: string): never {
  console.error(sentence);
  process.exit(1);
}

/** A line of what is typed, without its being shown. */
function asked(question: string): Promise<string> {
  const lines = createInterface({ input: process.stdin, output: process.stdout, terminal: process.stdin.isTTY });
  if (process.stdin.isTTY) Object.assign(lines, { _writeToOutput: () => undefined });
  if (process.stdin.isTTY) process.stdout.write(question);
  return new Promise((resolve) => {
    lines.once('line', (line) => {
      if (process.stdin.isTTY) process.stdout.write('\n');
      resolve(line);
      lines.close();
    });
    lines.once('close', () => resolve(''));
  });
}

async function typed(): Promise<string> {
  const first = await asked('New passphrase: ');
  const checked = Passphrase.safeParse(first);
  if (!checked.success) stopWith(checked.error.issues[0]!.message);
  if (process.stdin.isTTY && (await asked('Once more: ')) !== first) stopWith('The two are not the same. Nothing was changed.');
  return first;
}

if (!existsSync(file)) stopWith(`There is no database ${file} yet. Start Outwash once, stop it, then set the passphrase.`);
try {
  const db = openDatabase(file, join(root, 'server/database/migrations'));
  try {
    const remove = process.argv.includes('--remove');
    if (role === 'read' && !remove && !isClosed(db)) stopWith('Set the passphrase to change things first:  npm run passphrase');
    const proven = remove ? null : await provenBy(await typed());
    // Without the one to change things there is nobody whom the other would be for.
    if (remove && role === 'change') savePassphrase(db, 'read', null, new Date().toISOString());
    savePassphrase(db, role, proven, new Date().toISOString());
    console.log(
      remove
        ? 'The passphrase is taken away.'
        : 'The passphrase is set. Whoever was signed in with the one before has to sign in again.',
    );
  } finally {
    closeDatabase(db);
  }
} catch (error) {
  if (!(error instanceof DatabaseRefused)) throw error;
  stopWith(
    error.message.includes('in use')
      ? 'Outwash is running: set the passphrase there, under Settings, or stop it first.'
      : error.message,
  );
}
