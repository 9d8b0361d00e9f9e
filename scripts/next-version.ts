import { cpSync, readdirSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const TEXT = /\.(js|mjs|css|html|webmanifest|json)$/;

/** All files below a folder. */
const filesIn = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name));

/** Copies a build that can be served, in the place of what was there. */
export function copyBuild(from: string, to: string): void {
  rmSync(to, { recursive: true, force: true });
  cpSync(from, to, { recursive: true });
}

/**
 * Makes a build look like that of the next version: every script and style has another name, as after a change of its
 * content, and the ones of before are gone.
 */
export function makeNextVersion(build: string, mark: string): void {
  const assets = join(build, 'client', '_astro');
  const names = readdirSync(assets).filter((name) => /\.(js|css)$/.test(name));
  const renamed = new Map(names.map((name) => [name, name.replace(/\.(js|css)$/, `${mark}.$1`)]));
  const anyName = new RegExp(names.map((name) => name.replaceAll('.', '\\.')).join('|'), 'g');
  for (const file of filesIn(build).filter((path) => TEXT.test(path))) {
    const text = readFileSync(file, 'utf8');
    const changed = text.replace(anyName, (name) => renamed.get(name) ?? name);
    if (changed !== text) writeFileSync(file, changed);
  }
  // Pages have kept their names: the service worker knows them by a mark of what is in them.
  const worker = join(build, 'client', 'service-worker.js');
  writeFileSync(worker, readFileSync(worker, 'utf8').replace(/(revision"?:\s*")([0-9a-f]{32})/g, `$1$2${mark}`));
  for (const [name, next] of renamed) renameSync(join(assets, name), join(assets, next));
}
