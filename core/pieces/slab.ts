import { rectangle, type Face, type FaceId } from './elevation.ts';
import { element, faceOf } from './face.ts';

/** A flat face without joints: one element, laid off along its grain. */
export function slabFace(id: FaceId, width: number, height: number): Face {
  const slab = element({
    id: 'slab',
    name: 'whole face',
    part: 'slab',
    outline: rectangle([0, 0, width, height]),
    grain: height >= width ? 'vertical' : 'horizontal',
  });
  return faceOf(id, width, height, { elements: [slab] });
}
