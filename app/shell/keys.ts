import { STAGES } from '../screens/registry.ts';

/** Every key and what it does. */
export const KEYS: readonly (readonly [key: string, does: string])[] = [
  ['/ or Ctrl K', 'Find a piece, product, stage, guide page or command'],
  ['?', 'Keys and the guide’s page of this stage'],
  ['Ctrl Z', 'Undo'],
  ['Ctrl Shift Z', 'Redo'],
  ['j', 'All jobs'],
  ['n', 'Quick add on Walk'],
  ...STAGES.map((stage) => [stage.key, stage.name] as const),
];
