import { defineNitroPlugin } from 'nitropack/runtime';
import { goRound } from '../http/daily';

/** A server that was just started has other things to do first (ms); after that it looks every hour whether a day has begun. */
const FIRST_MS = 60_000;
const EACH_MS = 3_600_000;

export default defineNitroPlugin((nitro) => {
  const first = setTimeout(goRound, FIRST_MS).unref();
  const each = setInterval(goRound, EACH_MS).unref();
  nitro.hooks.hook('close', () => {
    clearTimeout(first);
    clearInterval(each);
  });
});
