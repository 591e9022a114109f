/** Unexpected errors: a notice for the gardener, and the cause in the console. */
export default defineNuxtPlugin((nuxtApp) => {
  const tell = (error: unknown) => {
    console.error(error);
    useNoticesStore().say(
      'Something went wrong here. Your garden is as it was last saved; load the page again if it looks odd.',
      'fault',
    );
  };
  nuxtApp.vueApp.config.errorHandler = tell;
  window.addEventListener('unhandledrejection', (event) => tell(event.reason));
});
