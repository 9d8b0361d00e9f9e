/** What a page says when a script of it does not arrive. */
export const NOT_LOADED = 'Part of Nivel didn’t load: no connection, or a newer version';

/**
 * Says how the scripts of this page stand. Until they run, the page itself takes any failure for a script that did not
 * arrive, and shows its notice (Page.astro).
 */
export function setScripts(state: 'running' | 'failed'): void {
  document.documentElement.dataset.scripts = state;
}
