import { z } from 'zod';

// In a browser the page's security policy forbids code made at run time, which zod would try, and be reported for.
if ('document' in globalThis || 'importScripts' in globalThis) z.config({ jitless: true });

export { z };
