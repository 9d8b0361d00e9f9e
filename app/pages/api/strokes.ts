import type { APIRoute } from 'astro';

export const prerender = false;

/** `POST /api/strokes`: the address that `/api/sequence` had before; it leads there. */
export const ALL: APIRoute = ({ redirect }) => redirect('/api/sequence', 308);
