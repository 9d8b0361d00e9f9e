import { rectangle, type Box, type Element } from './elevation.ts';
import { element } from './face.ts';

/** Overall sizes of a window in its wall, in mm. */
export const WINDOW_SIZE = { width: [250, 4000], height: [250, 4000] } as const;

/** The fixed frame around its sashes, in mm. */
export const WINDOW_FRAME = { frame: [15, 250], sill: [15, 250] } as const;

interface Framed {
  width: number;
  height: number;
  frame: number;
  sill: number;
}

/** Head, jambs and sill of a window, with its mullions; `section` counts the sashes that come before it. */
export function windowFrame(
  { width, height, frame, sill }: Framed,
  section: number,
  mullions: readonly Box[] = [],
): Element[] {
  const upright = height - frame - sill;
  const members: [string, string, Box][] = [
    ['head', 'head of the frame', [0, 0, width, frame]],
    ['jamb-left', 'left jamb', [0, frame, frame, upright]],
    ['jamb-right', 'right jamb', [width - frame, frame, frame, upright]],
    ...mullions.map((box, index): [string, string, Box] => [`mullion-${index + 1}`, `mullion ${index + 1}`, box]),
    ['sill', 'sill', [0, height - sill, width, sill]],
  ];
  return members.map(([id, name, box]) =>
    element({
      id,
      name,
      part: 'frame',
      section,
      outline: rectangle(box),
      grain: box[3] >= box[2] ? 'vertical' : 'horizontal',
    }),
  );
}
