import { spawnSync } from 'node:child_process';
import { defineNitroPlugin } from 'nitropack/runtime';
import { closeStore } from '../database/open';

interface ListenError extends NodeJS.ErrnoException {
  port?: number;
  address?: string;
}
const OTHER = 'as in  OUTWASH_PORT=4180 npm run demo';
const PATIENCE_MS = 3000;

/** Asks an address for its name, in a process of its own: this one is about to end, and must not go on meanwhile. */
function isOutwash(address: string, port: number): boolean {
  const host = address.includes(':') ? `[${address}]` : address;
  const ask = `fetch('http://${host}:${port}/api/health').then((answer) => answer.json()).then(({ name }) => process.exit(name === 'Outwash' ? 0 : 1), () => process.exit(1))`;
  return spawnSync(process.execPath, ['-e', ask], { timeout: PATIENCE_MS, stdio: 'ignore' }).status === 0;
}

/** Why the port cannot be had; empty for another error. */
function sentenceFor({ syscall, code, port = 0, address = '127.0.0.1' }: ListenError): string {
  if (syscall !== 'listen') return '';
  if (code === 'EACCES') return `Port ${port} may not be listened on here. Choose one from 1024 on, ${OTHER}`;
  if (code === 'EADDRNOTAVAIL') return `This machine has no address ${address}. Choose another one with OUTWASH_HOST.`;
  if (code !== 'EADDRINUSE') return '';
  return isOutwash(address, port)
    ? `Another Outwash is running at port ${port} already. Use that one, stop it, or choose another port, ${OTHER}`
    : `Port ${port} is taken by another program. Choose another one, ${OTHER}`;
}

/** A port that cannot be had ends the server with a sentence and a code that says so. */
export default defineNitroPlugin(() => {
  process.prependListener('uncaughtException', (error: ListenError) => {
    const sentence = sentenceFor(error);
    if (!sentence) return;
    console.error(sentence);
    closeStore();
    process.exit(1);
  });
});
