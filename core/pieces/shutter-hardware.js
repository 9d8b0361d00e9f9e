/** What a shutter leaf hangs on and is held by. */
export const SHUTTER_HARDWARE = [
  { name: 'shutter hinge', count: 2 },
  { name: 'hinge screw', count: 12 },
  { name: 'holdback', count: 1 },
];
