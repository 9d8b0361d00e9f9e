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
};
