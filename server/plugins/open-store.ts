import { defineNitroPlugin } from 'nitropack/runtime';
import { useStore } from '../database/open';

/** Opens the database and loads the library before the first request, so that a fault in either stops the start. */
export default defineNitroPlugin(() => {
  useStore();
});
