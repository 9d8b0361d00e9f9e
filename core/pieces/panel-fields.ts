import { z } from 'zod';
import { choice, fieldsOf } from './board-fields.ts';
import { within } from './bounds.ts';
import type { Shape, ShapeField } from './shape.ts';
import { panelFill } from './fills/panel.ts';
import type { Fill } from './fills/fill.ts';
import { says, type Phrase } from './phrases.ts';
import { PROFILE_IDS, PROFILES, profileSection } from './profiles.ts';
import { slope, type Relief } from './relief.ts';

const BEVEL = { bevelWidth: [5, 120], bevelDepth: [1, 25] } as const;
const MOULDING = { mouldingWidth: [6, 90], mouldingDepth: [3, 40] } as const;

/** How the panels of a frame are made, in mm: flat, raised with a bevel, or with a moulding around them. */
export const panelShape = () => ({
  panel: z.enum(['flat', 'raised', 'moulded']),
  ...within(BEVEL),
  profile: z.enum(PROFILE_IDS),
  ...within(MOULDING),
});
export type PanelShape = z.infer<z.ZodObject<ReturnType<typeof panelShape>>>;

export const USUAL_PANEL: PanelShape = {
  panel: 'raised',
  bevelWidth: 40,
  bevelDepth: 8,
  profile: 'ovolo',
  mouldingWidth: 18,
  mouldingDepth: 9,
};

/** Profile names by id, for a field's choices. */
export const PROFILE_WORDS: Readonly<Record<string, string>> = Object.fromEntries(
  PROFILE_IDS.map((id) => [id, PROFILES[id].name]),
);

export const PANEL_FIELDS: readonly ShapeField[] = [
  choice('panel', 'Panels', { flat: 'flat', raised: 'raised, bevelled', moulded: 'flat with moulding' }),
  ...fieldsOf(
    BEVEL,
    { bevelWidth: 'Bevel width', bevelDepth: 'Bevel depth' },
    { when: (shape: Shape) => shape.panel === 'raised' },
  ),
  choice('profile', 'Moulding', PROFILE_WORDS, { main: false, when: (shape) => shape.panel === 'moulded' }),
  ...fieldsOf(
    MOULDING,
    { mouldingWidth: 'Moulding width', mouldingDepth: 'Moulding stands out' },
    { when: (shape: Shape) => shape.panel === 'moulded' },
  ),
];

export const PANEL_PHRASES: readonly Phrase[] = [
  says('flat', { panel: 'flat' }),
  says('raised', { panel: 'raised' }),
  says('moulded', { panel: 'moulded' }),
];

/** A moulding planted on a flat, painted over both its sides. */
export const plantedRelief = (shape: Pick<PanelShape, 'profile' | 'mouldingWidth' | 'mouldingDepth'>): Relief => ({
  width: shape.mouldingWidth,
  girth: profileSection(shape.profile, shape.mouldingWidth, shape.mouldingDepth, 'free').girth,
});

/** What the fields of a frame with such panels hold. */
export function panelOf(shape: PanelShape): Fill {
  if (shape.panel === 'raised') return panelFill(slope(shape.bevelWidth, shape.bevelDepth));
  return panelFill(shape.panel === 'moulded' ? plantedRelief(shape) : null);
}
