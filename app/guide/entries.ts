import { getCollection } from 'astro:content';

/** A page of the guide as its file says it. */
export interface GuidePage {
  id: string;
  body?: string;
  data: { title: string; question: string; order: number; stage?: string };
}

/** The pages of the guide in their order. */
export async function guideEntries(): Promise<GuidePage[]> {
  // What the collection’s schema makes of them; its own types are there only after a build.
  const pages = (await getCollection('guide')) as unknown as GuidePage[];
  return pages.sort((one, other) => one.data.order - other.data.order);
}
