/** What is kept open, wedged or closed off while a piece that stays in its place is wet, in the painter's words. */
export const KEEP_OFF = ['Keep hands, dust and draught off it until it is touch dry.'] as const;

export const WEDGED = [
  'Open it wide, and push a wedge under it from below: nothing swings while it is wet.',
  'Hinge edge, lock edge; wipe what spills onto the faces; the face towards the hinges’ knuckles last.',
  'It stays on its wedge until it can be handled, and ajar until it may close.',
] as const;

/** A fire door is never held open, whatever dries on it. */
export const FIRE_DOOR = [
  'Never wedged, never held ajar, and no bumpers: it closes by itself, or it is no fire door. Its closer stays connected.',
  'Painted early, one face a day, so that it may be handled before the building is left; somebody stays with it until then.',
  'Where a soft coat would meet the stop: release paper there for the night. Nothing is stuck to seals or intumescent strips.',
] as const;

export const OPENED_A_LITTLE = [
  'Paint early in the day: it stays a hand’s breadth open until it is dry, or it sticks.',
  'Move each sash once it is touch dry, before it has glued itself to its frame.',
] as const;
