import { rectangle, squareMetres, type Face, type FaceId } from './elevation.ts';

/** A flat face without joints: one element, laid off along its grain. */
export function slabFace(id: FaceId, width: number, height: number): Face {
  const area = squareMetres(width * height);
  return {
    id,
    width,
    height,
    elements: [
      {
        id: 'slab',
        name: 'whole face',
        part: 'slab',
        outline: rectangle(0, 0, width, height),
        projectedArea: area,
        developedArea: area,
        cutIn: 0,
        grain: height >= width ? 'vertical' : 'horizontal',
      },
    ],
    laps: [],
  };
}
