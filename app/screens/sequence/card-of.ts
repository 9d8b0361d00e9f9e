import { staysUnpaintedOn } from '../../../core/job/queries/pieces.ts';
import { colourOn } from '../../../core/job/queries/faces.ts';
import { groupOf } from '../../../core/job/queries/groups.ts';
import { cautionsAt } from '../../../core/job/cautions.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { definitionOf } from '../../../core/pieces/registry.ts';
import type { StrokeCard } from '../../../core/exchange/stroke-card-svg.ts';
import { orderLines } from '../../../core/sequence/card-lines.ts';
import { dripChecks } from '../../../core/sequence/drip-checks.ts';
import { APPLICATION_WORDS } from '../../../core/sequence/roles.ts';
import { EDGES, FACE_ORDERS } from '../../../core/sequence/face-orders.ts';
import { lengthsIn } from '../../../core/units/length.ts';
import { HAZARDS } from '../../../core/shelf/hazards.ts';
import type { StrokesView } from './use-strokes.ts';

/** What the card of a pass says, in words. */
export function cardOf(job: Job, view: StrokesView, air: string): StrokeCard {
  const { piece, pass, result, setting } = view;
  const definition = definitionOf(piece.kind);
  const inUnits = (sentence: string): string => lengthsIn(sentence, job.settings.units);
  const group = groupOf(job, piece);
  const alike = job.pieces
    .filter(({ groupId, kind }) => groupId === piece.groupId && kind === piece.kind)
    .map(({ mark }) => mark);
  const since = (time: number): string => `${Math.round(time - result.start)} min`;
  const edges = result.strokes.some(({ stroke }) => stroke.role === 'edge')
    ? `. Edges: ${EDGES[setting.edges].does}`
    : '';
  const { worst } = result;
  const hazards = [...pass.coating.hazards, ...(setting.application === 'spray' ? (['spray-mist'] as const) : [])];
  return {
    title: `${alike.length > 6 ? `${alike[0] ?? ''} to ${alike.at(-1) ?? ''}` : alike.join(', ')} · ${definition.name}`,
    subtitle: `${pass.words}${group ? ` · ${colourOn(group, pass.faces[0] ?? 'front').name}` : ''}`,
    ways: [
      `${FACE_ORDERS[setting.face].name}${setting.order ? ', own order' : ''}: ${FACE_ORDERS[setting.face].does}${edges}.`,
      `${APPLICATION_WORDS[setting.application].name}. ${setting.painters === 2 ? 'Two painters. ' : ''}${air}.`,
      worst
        ? `Wet edge: ${result.openTime.toFixed(0)} min. Longest gap: ${worst.age.toFixed(1)} min, ${worst.earlier.stroke.name} to ${worst.later.stroke.name} (red).`
        : 'No laps.',
    ],
    order: orderLines(result, setting.application, definition.faceNames).map(inUnits),
    notes: [
      ...dripChecks(result, result.edge).map(
        ({ face, at, brushableUntil, where }) =>
          `Check the ${definition.faceNames[face] ?? face} for drips at ${since(at)}, then from the far side. Where: ${where.join(', ')}. After ${brushableUntil === Infinity ? 'hours' : since(brushableUntil)}, let runs dry and sand them off.`,
      ),
      inUnits(`Leave bare: ${staysUnpaintedOn(piece).join(', ')}.`),
      'Tape: pull it while the paint is wet, or score it once touch dry.',
      ...hazards.map((id) => {
        const { name, mask, gloves, air: change, fire } = HAZARDS[id];
        return [`${name}.`, mask, gloves, change, fire].filter(Boolean).join(' ');
      }),
      ...cautionsAt(job, piece).map(({ words }) => words),
    ],
  };
}
