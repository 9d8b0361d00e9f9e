/** The rooms of the core in the order of the arrows: a room may use those before it, never those after. */
export const ROOMS = [
  ['units', 'air', 'colour'],
  ['scheduling'],
  ['pieces', 'shelf'],
  ['job'],
  ['clocks', 'typing'],
  ['forecasting'],
  ['surface-tests'],
  ['build-up'],
  ['quantities'],
  ['sequence'],
  ['steps'],
  ['planning/drafting'],
  ['planning/reading'],
  ['planning/revising'],
  ['choosing'],
  ['pricing'],
  ['running'],
  ['hanging'],
  ['checking'],
  ['handover'],
  ['exchange'],
  ['starting'],
  ['practising'],
];

/** The storeys of the app, the lowest first: each may use those below it. */
export const STOREYS = [
  ['device', 'keeping', 'serving'],
  ['asking'],
  ['open-job'],
  ['drawing'],
  ['parts'],
  ['screens'],
  ['guide'],
  ['shell'],
];
