import type { Choice, Option } from './job-kind.ts';

const NOT_KNOWN: Option = {
  id: 'not-known',
  name: 'Painted, not sure with what',
  typed: 'softwood unknown',
  isUnknown: true,
};
const OIL: Option = { id: 'oil-gloss', name: 'Oil gloss', typed: 'softwood oil gloss' };
const ACRYLIC: Option = { id: 'acrylic', name: 'Waterborne paint', typed: 'softwood acrylic' };
const VARNISH: Option = { id: 'varnish', name: 'Varnished wood', typed: 'softwood varnish' };
const OAK: Option = { id: 'oak', name: 'Varnished oak or ash', typed: 'oak varnish' };
const PRIMED: Option = { id: 'primed', name: 'New, primed', typed: 'mdf primed' };
const BARE: Option = { id: 'bare', name: 'Bare wood', typed: 'softwood bare' };

/** What is on doors and trim of a house. */
export const WOODWORK: Choice = {
  id: 'surface',
  name: 'What is on it now',
  options: [NOT_KNOWN, OIL, ACRYLIC, VARNISH, OAK, PRIMED, BARE],
};

/** What is on wood in the open. */
export const OUTSIDE_WOOD: Choice = {
  id: 'surface',
  name: 'What is on it now',
  options: [NOT_KNOWN, OIL, ACRYLIC, VARNISH, BARE],
};

/** What fronts of a kitchen are made of. */
export const FRONTS: Choice = {
  id: 'surface',
  name: 'Fronts are',
  options: [
    { id: 'laminate', name: 'Laminate or melamine', typed: 'laminate factory finish' },
    { id: 'foil', name: 'Foil-wrapped', typed: 'foil wrapped factory finish' },
    { id: 'lacquered', name: 'Factory-painted MDF', typed: 'mdf factory finish' },
    { id: 'by-hand', name: 'Painted by hand', typed: 'softwood unknown', isUnknown: true },
    OAK,
    VARNISH,
    PRIMED,
  ],
};

/** The state of paint in the open. */
export const STATE: Choice = {
  id: 'state',
  name: 'Its state',
  options: [
    { id: 'sound', name: 'Sound', typed: 'sound' },
    { id: 'worn', name: 'Worn, chalking', typed: 'worn' },
    { id: 'flaking', name: 'Flaking', typed: 'flaking' },
  ],
};

/** What is on a piece of any kind. */
export const ANY_SURFACE: Choice = {
  id: 'surface',
  name: 'What is on it now',
  options: [
    { id: 'not-known', name: 'Not sure', typed: '', isUnknown: true },
    { id: 'oil-gloss', name: 'Oil gloss', typed: 'oil gloss' },
    { id: 'acrylic', name: 'Waterborne paint', typed: 'acrylic' },
    { id: 'varnish', name: 'Varnish or lacquer', typed: 'varnish' },
    { id: 'factory', name: 'Factory finish', typed: 'factory finish' },
    { id: 'primed', name: 'New, primed', typed: 'primed' },
    { id: 'bare', name: 'Bare', typed: 'bare' },
  ],
};
