import { defineNitroPlugin } from 'nitropack/runtime';
import { closeStore } from '../database/open';

const SENTENCES: Record<string, string> = {
  EADDRINUSE: 'is taken: perhaps Outwash is running already. Choose another one, as in  OUTWASH_PORT=4180 npm run demo',
  EACCES: 'may not be listened on here. Choose one from 1024 on, as in  OUTWASH_PORT=4180 npm run demo',
};

/** A port that cannot be had ends the server with a sentence and a code that says so. */
export default defineNitroPlugin(() => {
  process.prependListener('uncaughtException', (error: NodeJS.ErrnoException & { port?: number }) => {
    const sentence = error.syscall === 'listen' && SENTENCES[error.code ?? ''];
    if (!sentence) return;
    console.error(`Port ${error.port} ${sentence}`);
    closeStore();
    process.exit(1);
  });
});
