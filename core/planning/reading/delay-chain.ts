import type { Link } from './delay-explainer.ts';

/** Work of one kind that follows each other in a chain, the first of it first. */
export interface ChainBatch {
  /** What is done: “D-03: second coat, front”, or “Denib (14 pieces)”. */
  what: string;
  taskId: string;
  start: number;
  end: number;
  /** Minutes from its start until what comes next in the chain starts. */
  span: number;
  kind: Link['kind'];
  /** Why the first of it starts no earlier, and until when. */
  because: string;
  until: number | null;
}

/** How many links are told at first. */
export const MAX_LINKS = 7;

/** A chain back as whole batches, from its beginning on. */
export function chainOfBatches(links: readonly Link[]): ChainBatch[] {
  const batches: Link[][] = [];
  for (const link of links.toReversed()) {
    if (link.isMoment) continue;
    const last = batches.at(-1);
    if (last?.[0]?.step === link.step) last.push(link);
    else batches.push([link]);
  }
  return batches.flatMap((batch, index) => {
    const [first] = batch;
    if (first === undefined) return [];
    const end = batch.reduce((latest, link) => Math.max(latest, link.end), first.end);
    const { taskId, start, kind, because, until } = first;
    const pieces = new Set(batch.map(({ piece }) => piece)).size;
    const what = pieces > 1 ? `${first.step} (${pieces} pieces)` : first.what;
    return [{ what, taskId, start, end, kind, because, until, span: (batches[index + 1]?.[0]?.start ?? end) - start }];
  });
}

/** Of a chain the links that take longest, in their order, and the last one; all of a short one. */
export function longestLinks(chain: readonly ChainBatch[], most = MAX_LINKS): ChainBatch[] {
  const last = chain.at(-1);
  const others = chain.slice(0, -1).sort((one, other) => other.span - one.span);
  const longest = new Set(others.slice(0, most - 1));
  return chain.filter((batch) => batch === last || longest.has(batch));
}
