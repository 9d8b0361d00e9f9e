/** What is kept open, wedged or closed off while a piece that stays in its place is wet, in the painter's words. */
export const KEEP_OFF = ['Keep hands, dust and draughts off until touch dry.'] as const;

export const WEDGED = [
  'Open it wide and wedge it: nothing should swing while wet.',
  'Hinge edge, lock edge. Wipe spills off the faces. The hinge-knuckle face last.',
  'Leave it wedged until dry enough to handle, and ajar until its close date.',
] as const;

/** A fire door is never held open, whatever dries on it. */
export const FIRE_DOOR = [
  'Fire door: never wedge it, never hold it ajar, no bumpers. Leave the closer connected.',
  'Paint early, one face a day, and stay until it’s dry enough to handle.',
  'Release paper at the stop overnight. Never stick anything to seals or intumescent strips.',
] as const;

export const OPENED_A_LITTLE = [
  'Paint early. Keep it a hand’s breadth open until dry, or it sticks.',
  'Move each sash once touch dry, before it sticks to its frame.',
] as const;
