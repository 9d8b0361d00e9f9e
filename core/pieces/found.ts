import { KNOWN_COAT_IDS, OLD_COATS, type KnownCoat } from './substrate.ts';

const KNOWN_COATS = Object.fromEntries(KNOWN_COAT_IDS.map((id) => [id, OLD_COATS[id].name])) as Record<
  KnownCoat,
  string
>;

/** What can be found out about a surface, each with its results: a question of the trade and its answers. */
export const FOUND = {
  'old-coat': { name: 'Old coat', results: KNOWN_COATS },
  soundness: { name: 'Adhesion', results: { holds: 'Sound', chalks: 'Chalking', 'lets-go': 'Loose' } },
  contamination: { name: 'Grease and wax', results: { clean: 'Clean', grease: 'Grease', wax: 'Wax or silicone' } },
  moisture: { name: 'Moisture', results: { dry: 'Dry', damp: 'Damp' } },
  stains: { name: 'Stains and knots', results: { none: 'No bleeding', bleeds: 'Bleeding' } },
  mould: { name: 'Mould', results: { none: 'No mould', mould: 'Mould' } },
  lead: { name: 'Lead', results: { none: 'No lead', lead: 'Contains lead' } },
  edges: { name: 'Edges', results: { coated: 'Coated like the faces', raw: 'Raw timber or board' } },
  'old-colour': { name: 'Old colour', results: { seen: 'Seen' } },
} as const;
export type FoundId = keyof typeof FOUND;
export const FOUND_IDS = Object.keys(FOUND) as [FoundId, ...FoundId[]];

/** The results of one question. */
export type ResultOf<F extends FoundId> = keyof (typeof FOUND)[F]['results'] & string;

/** A result in words; the id itself where it is none of the question's. */
export function resultInWords(found: FoundId, result: string): string {
  const results: Readonly<Record<string, string>> = FOUND[found].results;
  return results[result] ?? result;
}
