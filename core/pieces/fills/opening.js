import { rectangle } from '../elevation.ts';
/** Nothing: what one reaches through, as in a face frame. */
export const OPENING = {
  name: 'opening',
  least: { width: 20, height: 20 },
  parts: (field) => ({
    elements: [],
    unpainted: [{ id: `opening-${field.id}`, why: 'open', outline: rectangle(field.box) }],
  }),
};
