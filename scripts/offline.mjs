import { fileURLToPath } from 'node:url';
import { generateSW } from 'workbox-build';

/**
 * An Astro integration: after the build, lists every page and asset for a service worker, so that all stages open
 * without a server once Nivel has been loaded. Server endpoints are never answered from the cache.
 * @returns {import('astro').AstroIntegration}
 */
export function offline() {
  return {
    name: 'nivel-offline',
    hooks: {
      'astro:build:done': async ({ dir, logger }) => {
        const folder = fileURLToPath(dir);
        const { count, size } = await generateSW({
          globDirectory: folder,
          globPatterns: ['**/*.{html,js,css,woff2,svg,png,json,webmanifest}'],
          // Pages are asked for without a slash at the end, /walk, or with one: never as /walk/index.html.
          manifestTransforms: [
            (manifest) => ({
              manifest: manifest.flatMap((entry) => {
                const page = /^(.+)\/index\.html$/.exec(entry.url)?.[1];
                return page === undefined ? [entry] : [page, `${page}/`].map((url) => ({ ...entry, url }));
              }),
            }),
          ],
          swDest: `${folder}/service-worker.js`,
          cleanupOutdatedCaches: true,
          clientsClaim: true,
          // A new version waits until the painter takes it: a tab's scripts are not changed under it.
          skipWaiting: false,
          runtimeCaching: [
            {
              // Scripts of the version before, which the app puts there for tabs that still run it.
              urlPattern: /\/_astro\//,
              handler: 'CacheFirst',
              options: { cacheName: 'nivel-earlier-scripts', cacheableResponse: { statuses: [200] } },
            },
          ],
          // Its scripts are named by what is in them: what the browser has of them is as good as new.
          dontCacheBustURLsMatching: /^_astro\//,
          ignoreURLParametersMatching: [/./],
          navigateFallbackDenylist: [/^\/api\//],
          inlineWorkboxRuntime: true,
          sourcemap: false,
        });
        logger.info(`${count} files, ${Math.round(size / 1024)} kB, can be opened without a server`);
      },
    },
  };
}
