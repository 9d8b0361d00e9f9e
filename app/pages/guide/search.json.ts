import { guideEntries } from '../../guide/entries.ts';
import { searchEntries } from '../../guide/search-entries.ts';

export const prerender = true;

/** What Find knows of the guide. */
export async function GET(): Promise<Response> {
  const entries = await guideEntries();
  return Response.json(
    entries.flatMap(({ id, data, body }) =>
      searchEntries({ id, title: data.title, question: data.question, body: body ?? '' }),
    ),
  );
}
