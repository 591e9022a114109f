/** How long the first view is left alone before the device is made ready for working without the network (ms). */
const AFTER_MS = 3000;

/**
 * Holds the application on the device, where the browser allows it: on this machine itself, or over https. Nothing fails
 * where it does not; the settings say what does not work then.
 */
export default defineNuxtPlugin({
  name: 'offline',
  setup(nuxt) {
    if (import.meta.dev || !canWorkOffline()) return;
    nuxt.hook('app:mounted', () => {
      setTimeout(() => {
        navigator.serviceWorker.register('/sw.js').catch((error: unknown) => {
          console.warn('The application is not held on this device:', error);
        });
      }, AFTER_MS);
    });
  },
});
