import { join } from 'node:path';
import tailwindcss from '@tailwindcss/vite';
import { build } from 'esbuild';
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
  modules: ['@pinia/nuxt', '@vite-pwa/nuxt'],
  // Works without the network once it was opened (app/service-worker).
  pwa: {
    strategies: 'injectManifest',
    srcDir: 'service-worker',
    filename: 'sw.ts',
    injectRegister: null,
    client: { registerPlugin: false },
    injectManifest: { globPatterns: ['_nuxt/**/*.{js,css,woff2}', '*.{svg,png}'], maximumFileSizeToCacheInBytes: 6_000_000 },
    manifest: {
      name: 'Outwash',
      short_name: 'Outwash',
      description: 'Butterfly and hummingbird gardens in which every life stage is served.',
      lang: 'en',
      start_url: '/',
      display: 'standalone',
      background_color: '#f4eee1',
      theme_color: '#0b5a60',
      icons: [
        { src: '/icon-192.png', sizes: '192x192', type: 'image/png' },
        { src: '/icon-512.png', sizes: '512x512', type: 'image/png' },
        { src: '/favicon.svg', sizes: 'any', type: 'image/svg+xml' },
      ],
    },
  },
  css: ['~/assets/main.css'],
  // Made smaller once, at the build: as brotli and gzip beside each file.
  nitro: {
    compressPublicAssets: { brotli: true, gzip: true },
    virtual: {
      '#view-files': () => `export const views = ${JSON.stringify(files)};\nexport const fonts = ${JSON.stringify(fonts)};`,
    },
  },
  hooks: {
    // A thread of the server is a file of its own, which the server's bundle does not take along.
    'nitro:init': (nitro) => {
      nitro.hooks.hook('compiled', async () => {
        await build({
          entryPoints: ['server/workers/check-table.thread.ts', 'server/workers/check-file.thread.ts'],
          outdir: join(nitro.options.output.serverDir, 'workers'),
          outExtension: { '.js': '.mjs' },
          external: ['better-sqlite3'],
          bundle: true,
          platform: 'node',
          format: 'esm',
          target: 'node20',
          logLevel: 'error',
        });
      });
    },
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
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/favicon.svg' },
        { rel: 'manifest', href: '/manifest.webmanifest' },
      ],
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'theme-color', content: '#0b5a60' },
      ],
    },
  },
  components: [{ path: '~/components', pathPrefix: false }],
  // A view's scripts come when somebody reaches for it, not because a link to it is on the screen.
  experimental: { defaults: { nuxtLink: { prefetchOn: { interaction: true, visibility: false } } } },
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
});
