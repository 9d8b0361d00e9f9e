/** Dangers of the work, each short and deferring to those who decide. */
export const CAUTIONS = {
  lead: 'May contain lead: test before sanding or scraping. No dry sanding until then. Local rules and licensed practice decide.',
  'fire-door':
    'Fire door: check its certificate before paint, planing, holes or moulding. Leave closer and seals alone. Never leave it off overnight.',
  heavy: 'Two people to take it off and hang it.',
  'window-weight': 'Sash cords and weights are under load: wedge it first. Two people for a large one. No one below.',
  ladder: 'Ladder or stair work: level footing, three points of contact, no one below. Use a tower for longer work.',
  electricity:
    'Isolate at the consumer unit and prove dead before loosening a plate. If in doubt, call an electrician.',
  springs: 'Springs and cables are under tension: never loosen them. Leave repairs to a door fitter.',
  glass: 'Old glass and putty break without warning: gloves and glasses.',
  child: 'Children mouth it: use toy-safe paint only, and not before full cure. Test old paint for lead first.',
  radiator:
    'Paint it cold and off, with paint for hot metal. Keep it off until dry. Ventilate at first heating. Leave pipes and valves to a fitter.',
  food: 'Food contact: leave bare, or use a food-safe finish, fully cured.',
} as const;
export type CautionId = keyof typeof CAUTIONS;

/** Dangers that no kind of piece tells, but what a piece or its room is called. */
const SAID: readonly { id: CautionId; by: RegExp }[] = [
  {
    id: 'child',
    by: /\b(cots?|cribs?|nursery|nurseries|toys?|child(ren)?('?s)?|kids?|bab(y|ies)|highchairs?|playrooms?|playgroups?)\b/i,
  },
  { id: 'radiator', by: /\bradiators?\b/i },
  {
    id: 'food',
    by: /\b(worktops?|countertops?|work ?tops?|counter ?tops?|butcher ?blocks?|bread|cutting boards?|food)\b/i,
  },
];

/** The dangers that names and notes tell. */
export const cautionsSaidBy = (words: string): CautionId[] =>
  SAID.filter(({ by }) => by.test(words)).map(({ id }) => id);
