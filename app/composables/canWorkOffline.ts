/** Does the browser let this page be held on the device? It asks for a secure address, off the machine itself for https. */
export const canWorkOffline = (): boolean => window.isSecureContext && 'serviceWorker' in navigator;
