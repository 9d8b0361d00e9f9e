import { element, rectangle } from '../elevation.ts';
import { reliefExcess } from '../relief.ts';
import { named } from './fill.ts';
/** A panel: flat, or with a bevel or moulding around inside its sight line. */
export function panelFill(relief) {
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
      });
      return { elements: [panel], unpainted: [] };
    },
  };
}
