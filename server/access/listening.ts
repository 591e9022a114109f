import { isIP } from 'node:net';

/** Is an address of this machine only? */
export const isLoopback = (host: string): boolean =>
  host === 'localhost' || host === '::1' || (isIP(host) === 4 && host.startsWith('127.'));

/**
 * Can others than this machine ask the server? It listens on an address that they reach, or answers by a name that a proxy
 * may pass on. Without an address Node listens on all.
 */
export function isWide(env: NodeJS.ProcessEnv = process.env): boolean {
  // Nuxt’s own server for developing has an address of its own.
  if (import.meta.dev) return false;
  const host = env.NITRO_HOST || env.HOST || '';
  return !isLoopback(host) || (env.OUTWASH_NAMES ?? '').trim() !== '';
}
