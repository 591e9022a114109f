import { defineNitroPlugin } from 'nitropack/runtime';
import { DatabaseRefused } from '../database/connection';
import { closeStore, useStore } from '../database/open';
import { encodeLibrary } from '../http/library-parts';

/**
 * Opens the database and loads the library before the first request, so that a fault in either stops the start, and
 * closes it when the server stops, so that its main file is whole.
 */
export default defineNitroPlugin((nitro) => {
  try {
    encodeLibrary(useStore());
  } catch (error) {
    if (!(error instanceof DatabaseRefused)) throw error;
    console.error(error.message);
    process.exit(1);
  }
  nitro.hooks.hook('close', closeStore);
});
