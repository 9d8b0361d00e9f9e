import { z } from 'zod';
import { choice, fieldsOf } from './board-fields.ts';
import { panelFill } from './fills/panel.ts';
import { says } from './phrases.ts';
import { PROFILE_IDS, PROFILES, profileSection } from './profiles.ts';
import { slope } from './relief.ts';
const BEVEL = { bevelWidth: z.number().min(5).max(120), bevelDepth: z.number().min(1).max(25) };
const MOULDING = { mouldingWidth: z.number().min(6).max(90), mouldingDepth: z.number().min(3).max(40) };
/** How the panels of a frame are made, in mm: flat, raised with a bevel, or with a moulding around them. */
export const PANEL_SHAPE = {
  panel: z.enum(['flat', 'raised', 'moulded']),
  ...BEVEL,
  profile: z.enum(PROFILE_IDS),
  ...MOULDING,
};
export const USUAL_PANEL = {
  panel: 'raised',
  bevelWidth: 40,
  bevelDepth: 8,
  profile: 'ovolo',
  mouldingWidth: 18,
  mouldingDepth: 9,
};
/** Profile names by id, for a field's choices. */
export const PROFILE_WORDS = Object.fromEntries(PROFILE_IDS.map((id) => [id, PROFILES[id].name]));
export const PANEL_FIELDS = [
  choice('panel', 'Panels', { flat: 'flat', raised: 'raised, bevelled', moulded: 'flat with moulding' }),
  ...fieldsOf(
    BEVEL,
    { bevelWidth: 'Bevel width', bevelDepth: 'Bevel depth' },
    { when: (shape) => shape.panel === 'raised' },
  ),
  choice('profile', 'Moulding', PROFILE_WORDS, { main: false, when: (shape) => shape.panel === 'moulded' }),
  ...fieldsOf(
    MOULDING,
    { mouldingWidth: 'Moulding width', mouldingDepth: 'Moulding stands out' },
    { when: (shape) => shape.panel === 'moulded' },
  ),
];
export const PANEL_PHRASES = [
  says('flat', { panel: 'flat' }),
  says('raised', { panel: 'raised' }),
  says('moulded', { panel: 'moulded' }),
];
/** A moulding planted on a flat, painted over both its sides. */
export const plantedRelief = (shape) => ({
  width: shape.mouldingWidth,
  girth: profileSection(shape.profile, shape.mouldingWidth, shape.mouldingDepth, 'free').girth,
});
/** What the fields of a frame with such panels hold. */
export function panelOf(shape) {
  if (shape.panel === 'raised') return panelFill(slope(shape.bevelWidth, shape.bevelDepth));
  return panelFill(shape.panel === 'moulded' ? plantedRelief(shape) : null);
}
