import tailwindcss from '@tailwindcss/vite';
import { stationChunk, viewFiles } from './scripts/station-chunk';

/** Found when the scripts are built, and written into the server, which is built after them. */
let files: Record<string, string[]> = {};
let fonts: string[] = [];

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  ssr: false,
  // Seen while the scripts come.
  spaLoadingTemplate: 'spa-loading-template.html',
  devtools: { enabled: false },
  telemetry: false,
  modules: ['@pinia/nuxt'],
  css: ['~/assets/main.css'],
  // Made smaller once, at the build: as brotli and gzip beside each file.
  nitro: {
    compressPublicAssets: { brotli: true, gzip: true },
    virtual: {
      '#view-files': () => `export const views = ${JSON.stringify(files)};\nexport const fonts = ${JSON.stringify(fonts)};`,
    },
  },
  hooks: {
    'build:manifest': (manifest) => {
      files = viewFiles(manifest);
      fonts = [...new Set(Object.values(manifest).map(({ file }) => file))].filter((file) =>
        /^(sans|serif)\..*woff2$/.test(file),
      );
      // A page says itself what it will want (server/plugins/begin-early.ts).
      for (const chunk of Object.values(manifest)) chunk.prefetch = false;
    },
  },
  vite: {
    // The plugin is typed against another copy of Vite's types.
    plugins: [tailwindcss() as never],
    build: { target: 'es2022' },
    $client: { build: { rollupOptions: { output: { manualChunks: stationChunk() } } } },
  },
  app: {
    head: {
      title: 'Outwash',
      htmlAttrs: { lang: 'en' },
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/favicon.svg' }],
      meta: [{ name: 'viewport', content: 'width=device-width, initial-scale=1' }],
    },
  },
  components: [{ path: '~/components', pathPrefix: false }],
  // A view's scripts come when somebody reaches for it, not because a link to it is on the screen.
  experimental: { defaults: { nuxtLink: { prefetchOn: { interaction: true, visibility: false } } } },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
});
