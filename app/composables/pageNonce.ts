/** The word that lets a style made within this page count: the server made it with the page (server/plugins/headers.ts). */
export const pageNonce = (): string | undefined => document.querySelector<HTMLScriptElement>('script[nonce]')?.nonce;
