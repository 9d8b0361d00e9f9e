/** Dangers of the work, each short and deferring to those who decide. */
export const CAUTIONS = {
  lead: 'Paint of that age can hold lead. Test it before anything is sanded or scraped; until then no dry abrasion, and local rules and licensed practice decide.',
  'fire-door':
    'A fire door keeps its rating only with what its certificate allows: ask for it before paint, planing, new holes or planted moulding. Its closer and seals stay as they are, and it does not stay off overnight where it is required.',
  heavy: 'Two people to take it off and to hang it.',
  'window-weight':
    'A sash is heavy and its cords and weights are under load: wedge it before a cord is loosened, two people for a large one, and nobody below an open upper window.',
  ladder:
    'Worked from a ladder or over a stair: level footing, three points of contact, nobody below; a tower or a platform for longer work.',
  electricity:
    'Power off at the breaker and proved dead before a plate is loosened. If in doubt, leave it to an electrician.',
  springs:
    'Springs and cables of this door are under tension: never loosen them or what holds them. Leave repairs to a door fitter.',
  glass: 'Old panes and putty break without warning: gloves and eye protection.',
  child:
    'A child touches and mouths it: only paint that is declared safe for toys where you are, and no use before it is fully hard. Old paint is tested for lead first.',
  radiator:
    'Painted cold and switched off, with what is made for hot metal; it stays off until the paint is dry, and the first heating is aired well. Pipes and valves are left to a fitter.',
  food: 'Food lies on it: leave it bare, or only with a finish that its maker declares for food once it is fully hard.',
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
