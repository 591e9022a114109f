import { fonts, views } from '#view-files';
// Brings the types of Nuxt's own hooks.
import type {} from '@nuxt/nitro-server';
import { defineNitroPlugin } from 'nitropack/runtime';
import { standingOf } from '../access/visitor';
import { useStore } from '../database/open';

/** A view of a garden, by its address: the garden and the name of the view. */
const VIEW = /^\/gardens\/([\w%.-]+)(?:\/(\w+))?/;

/**
 * Every page names the version of the library; a view of a garden also what it will want, so that its scripts, its garden
 * and the library come while the first scripts do, and after what draws the page.
 */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:html', (html, { event }) => {
    const { db, digest } = useStore();
    const library = `/api/library/${digest}`;
    // Whoever has to sign in first would be refused all of it.
    const { closed, role } = standingOf(db, event);
    const isIn = role !== null;
    html.head.push(`<meta name="access" content="${closed ? (role ?? 'none') : 'open'}">`);
    const data = (path: string) =>
      isIn ? `<link rel="preload" as="fetch" crossorigin="anonymous" fetchpriority="low" href="${path}">` : '';
    html.head.push(`<meta name="library" content="${library}">`, data(`${library}/places`));
    for (const file of fonts)
      html.head.push(
        `<link rel="preload" as="font" type="font/woff2" crossorigin="anonymous" fetchpriority="low" href="/_nuxt/${file}">`,
      );
    const [, garden, view = ''] = VIEW.exec(event.path) ?? [];
    if (garden === undefined) return;
    const scripts = views[view] ?? views[''] ?? [];
    html.head.push(
      data(`${library}/living`),
      data(`/api/gardens/${garden}`),
      ...scripts.map((file) => `<link rel="modulepreload" as="script" crossorigin href="/_nuxt/${file}">`),
    );
  });
});
