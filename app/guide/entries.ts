import { getCollection, type CollectionEntry } from 'astro:content';

/** The pages of the guide in their order. */
export async function guideEntries(): Promise<CollectionEntry<'guide'>[]> {
  const entries: CollectionEntry<'guide'>[] = await getCollection('guide');
  return entries.sort((one, other) => one.data.order - other.data.order);
}
