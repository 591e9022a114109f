import { defineNitroPlugin } from 'nitropack/runtime';
import { isWide } from '../access/listening';
import { isClosed } from '../access/passphrase';
import { closeStore, useStore } from '../database/open';
import { DatabaseRefused } from '../database/refusals';
import { encodeLibrary } from '../http/library-parts';

/**
 * Opens the database and loads the library before the first request, so that a fault in either stops the start, and
 * closes it when the server stops, so that its main file is whole.
 */
export default defineNitroPlugin((nitro) => {
  const stop = (sentence: string) => {
    console.error(sentence);
    closeStore();
    process.exit(1);
  };
  try {
    encodeLibrary(useStore());
  } catch (error) {
    if (!(error instanceof DatabaseRefused)) throw error;
    stop(error.message);
  }
  if (isWide() && !isClosed(useStore().db))
    stop(
      'Outwash does not listen wider than this machine without a passphrase: whoever reached it could change everything. ' +
        'Set one with  npm run passphrase  and start again.',
    );
  nitro.hooks.hook('close', closeStore);
});
