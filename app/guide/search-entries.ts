/** A place in the guide that Find leads to. */
export interface GuideEntry {
  address: string;
  /** “Plan: Finish sooner”. */
  words: string;
  /** What stands there, to be found by. */
  text: string;
}

/** The id that a heading gets, as Astro makes it. */
export const headingId = (heading: string): string =>
  heading
    .toLowerCase()
    .replace(/[^\p{L}\p{N}\s-]/gu, '')
    .trim()
    .replace(/\s/g, '-');

/** Words of a page without what only its make-up needs: imports, parts, marks. */
const plain = (text: string): string =>
  text
    .replace(/^import .*$/gm, '')
    .replace(/<[^>]*>/g, ' ')
    .replace(/!?\[([^\]]*)\]\([^)]*\)/g, '$1')
    .replace(/[*_`#]/g, '')
    .replace(/\s+/g, ' ')
    .trim();

/** A page of the guide as places to find: the page itself, and each of its headings. */
export function searchEntries(page: { id: string; title: string; question: string; body: string }): GuideEntry[] {
  const [head = '', ...parts] = page.body.split(/^## /m);
  const address = `/guide/${page.id}`;
  return [
    { address, words: `${page.title}: ${page.question}`, text: plain(head) },
    ...parts.map((part) => {
      const [heading = '', ...rest] = part.split('\n');
      return {
        address: `${address}#${headingId(heading)}`,
        words: `${page.title}: ${heading.trim()}`,
        text: plain(rest.join('\n')),
      };
    }),
  ];
}
