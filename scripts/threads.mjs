import { posix, resolve } from 'node:path';

const THREAD = /new URL\('(\.\/[\w-]+\.thread\.ts)', import\.meta\.url\)/g;

/**
 * An Astro integration: what the server runs in a thread, `new URL('./name.thread.ts', import.meta.url)`, becomes a file
 * of its own in the build, with the URL of that file. Vite does so for the browser's workers, not for Node's threads.
 * @returns {import('astro').AstroIntegration}
 */
export function threads() {
  return {
    name: 'nivel-threads',
    hooks: {
      'astro:config:setup': ({ updateConfig }) => updateConfig({ vite: { plugins: [threadFiles()] } }),
    },
  };
}

/** @returns {import('astro').ViteUserConfig['plugins']} */
function threadFiles() {
  return {
    name: 'nivel-thread-files',
    apply: 'build',
    // Before types are stripped, which writes quotes anew.
    enforce: 'pre',
    transform(code, id) {
      if (!code.includes('.thread.ts')) return undefined;
      return code.replace(THREAD, (_whole, path) => {
        const file = this.emitFile({ type: 'chunk', id: resolve(posix.dirname(id), path) });
        return `new URL(import.meta.ROLLUP_FILE_URL_${file})`;
      });
    },
    // Beside the file that asks for it, wherever the server lies.
    resolveFileUrl({ fileName, chunkId }) {
      if (!fileName.includes('.thread')) return undefined;
      const path = posix.relative(posix.dirname(chunkId), fileName);
      return `new URL(${JSON.stringify(`./${path}`)}, import.meta.url).href`;
    },
  };
}
