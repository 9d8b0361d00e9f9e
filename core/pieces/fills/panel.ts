import { inset, rectangle } from '../elevation.ts';
import { element } from '../face.ts';
import { reliefExcess, type Relief } from '../relief.ts';
import { named, type Fill } from './fill.ts';

/** A panel: flat, or with a bevel or moulding around inside its sight line. */
export function panelFill(relief: Relief | null): Fill {
  const least = 2 * (relief?.width ?? 0) + 10;
  return {
    name: 'panel',
    least: { width: least, height: least },
    parts: (field) => {
      const [, , width, height] = field.box;
      const panel = element({
        id: `panel-${field.id}`,
        name: named(field, 'panel'),
        part: 'panel',
        outline: rectangle(field.box),
        excess: relief ? reliefExcess(field.box, relief) : 0,
        cutIn: 2 * (width + height),
        ...(relief ? { inside: rectangle(inset(field.box, relief.width)) } : {}),
      });
      return { elements: [panel], unpainted: [] };
    },
  };
}
