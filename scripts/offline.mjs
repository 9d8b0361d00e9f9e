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
          globPatterns: ['**/*.{html,js,css,woff2,svg,json,webmanifest}'],
          // Pages are asked for without a slash at the end: /walk, not /walk/index.html.
          manifestTransforms: [
            (manifest) => ({
              manifest: manifest.map((entry) => ({ ...entry, url: entry.url.replace(/^(.+)\/index\.html$/, '$1') })),
            }),
          ],
          swDest: `${folder}/service-worker.js`,
          cleanupOutdatedCaches: true,
          clientsClaim: true,
          skipWaiting: true,
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
