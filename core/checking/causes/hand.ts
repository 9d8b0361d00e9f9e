import { shortName } from '../../shelf/entry.ts';
import { operationOf } from '../../steps/operations.ts';
import type { Tool } from '../../shelf/tools.ts';
import { strength, type Cause } from '../cause.ts';
import type { Evidence } from '../evidence.ts';
import { coatName, overCoats } from './drying.ts';

/** Whether any coat on the face was put on with a tool; of a defect of a tool that nobody used, nothing is said. */
const wasUsed = ({ coats }: Evidence, tool: Tool): boolean =>
  coats.some(({ laid }) => laid.step.coat.coat.tool === tool);

/** Of sizes that were read, how far a wet film may be from what its tin supposes. */
const THICK = 1.15;
const THIN = 0.85;

/** Causes that lie in tool, hand and order of work. */
export const HAND_CAUSES = {
  'edge-set': {
    name: 'The edge had set before it was met again',
    prevent: 'A shorter order of strokes, a second pair of hands, a conditioner, or a cooler hour: Strokes plays them.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { lapShare, openTime } = coat;
        if (lapShare === null || lapShare <= 0.7) return null;
        return {
          strength: strength(0.2 + (lapShare - 0.7) * 0.9),
          because: `in that air an edge of ${coatName(coat)} stayed open for ${Math.round(openTime)} min, and its oldest lap took ${Math.round(lapShare * 100)}% of that`,
        };
      }),
  },
  'film-thick': {
    name: 'Too much paint on the face',
    prevent: 'Load little and often, and read the wet film with a comb.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.filmRatio > THICK
          ? {
              strength: strength(0.4 + (coat.filmRatio - THICK)),
              because: `the comb read ${Math.round(coat.filmRatio * 100)}% of the stated wet film in ${coatName(coat)}`,
            }
          : null,
      ),
  },
  'film-thin': {
    name: 'Too little paint on the face',
    prevent: 'A well loaded brush: scraping it off on the rim means a dry edge.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.filmRatio < THIN
          ? {
              strength: strength(0.4 + (THIN - coat.filmRatio) * 2),
              because: `the comb read ${Math.round(coat.filmRatio * 100)}% of the stated wet film in ${coatName(coat)}`,
            }
          : null,
      ),
  },
  thinned: {
    name: 'Thinned too far',
    prevent: 'No more thinner than the tin allows, and only where it is needed.',
    sign: (evidence) =>
      overCoats(evidence, ({ laid }) => {
        const { coat, coating } = laid.step.coat;
        if (coat.thinning === 0 || coat.thinning < coating.mostThinning * 0.6) return null;
        const most = Math.max(1, coating.mostThinning);
        return {
          strength: strength((coat.thinning / most) * 0.6),
          because: `it was thinned by ${coat.thinning}%, where the tin allows ${coating.mostThinning}%`,
        };
      }),
  },
  upright: {
    name: 'Painted upright, where paint hangs and slides',
    prevent: 'Flat on points where it comes off; upright, thinner coats and a look after ten minutes.',
    sign: ({ piece }) => (piece.comesOff ? null : { strength: 0.4, because: 'it was painted where it hangs' }),
  },
  'edge-drip': {
    name: 'A brush or roller drawn over an edge left a drip',
    prevent: 'Work off the edge, never onto it, and look at both sides of every edge.',
  },
  'no-look': {
    name: 'Nobody looked after ten minutes',
    prevent: 'The drip look ten minutes after each face, and again on the far side.',
  },
  nap: {
    name: 'The nap of the sleeve was too long, or the roller ran dry',
    prevent: 'Short nap or foam, and a last dry, weightless roll along the grain.',
    sign: (evidence) => (wasUsed(evidence, 'roller') ? { strength: 0.35, because: 'it was rolled' } : 'excluded'),
  },
  'roller-pressed': {
    name: 'The roller was pressed, or its end left a ridge',
    prevent: 'Let the roller roll itself; finish with its bare end over the edge.',
    sign: (evidence) => (wasUsed(evidence, 'roller') ? { strength: 0.3, because: 'it was rolled' } : 'excluded'),
  },
  'spray-far': {
    name: 'Sprayed from too far, too dry, or with too little air',
    prevent: 'A hand’s breadth and a bit, square to the face, passes overlapped by half; try the fan on card first.',
    sign: (evidence) => (wasUsed(evidence, 'spray') ? { strength: 0.4, because: 'it was sprayed' } : 'excluded'),
  },
  overbrushed: {
    name: 'Brushed again after it had begun to set',
    prevent: 'Lay off once, and leave it.',
    sign: (evidence) => (wasUsed(evidence, 'brush') ? { strength: 0.3, because: 'it was brushed' } : null),
  },
  'dusty-air': {
    name: 'Dust came onto the wet film',
    prevent: 'Sanding and painting do not share the air: damp the floor, wait, and wipe with a tack rag.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.sandedBeside
          ? {
              strength: 0.85,
              because: `${coat.sandedBeside.mark} was sanded in the same air at ${evidence.when(coat.sandedBeside.at)}, while ${coatName(coat)} was wet`,
            }
          : null,
      ),
  },
  'not-denibbed': {
    name: 'Not denibbed between coats',
    prevent: 'A light pass of 320 between coats, and wipe.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.denibbed === false ? { strength: 0.75, because: `nobody denibbed before ${coatName(coat)}` } : null,
      ),
  },
  'dirty-tin': {
    name: 'Skin or grit in the tin, tray or tool',
    prevent: 'Strain what has been open, and never pour back from the tray.',
    sign({ coats, when }) {
      const old = coats.find(({ laid }) => laid.tin && laid.stamp.at.slice(0, 10) > laid.tin.openedAt.slice(0, 10));
      return old
        ? {
            strength: 0.35,
            because: `the tin had been open since ${old.laid.tin?.openedAt.slice(0, 10) ?? ''} when coat ${old.laid.step.coat.number} went on ${when(old.laid.at)}`,
          }
        : null;
    },
  },
  unboxed: {
    name: 'Tins of one colour that were not boxed',
    prevent: 'Pour the tins of one colour into one bucket before the first is empty; change tins between faces.',
    sign: ({ unboxed }) =>
      unboxed ? { strength: 0.85, because: 'its coats came from tins that were not poured together' } : null,
  },
  'tape-late': {
    name: 'The tape stayed on until the paint had set over it',
    prevent: 'Pull while it is wet; later, score the line first.',
    sign({ piece, coats, hungAt }) {
      const last = coats.at(-1);
      if (piece.comesOff) return null;
      if (!last || hungAt === null) return { strength: 0.3, because: 'nobody stamped when the tape came off' };
      const late = (hungAt - last.laid.at) / 60;
      return late > 1
        ? { strength: strength(0.4 + late / 48), because: `the tape came off ${late.toFixed(1)} h after the last coat` }
        : null;
    },
  },
  'tape-loose': {
    name: 'The tape did not lie tight, or sat on a rough line',
    prevent: 'Press its edge down, a millimetre off the line; on rough ground seal it with the old colour first.',
  },
  unmasked: {
    name: 'Hardware, glass or floor was not covered',
    prevent: 'Take hardware off rather than paint round it; mask glass two millimetres off the putty line.',
    sign: ({ leftOut }) =>
      leftOut.some((step) => ['masking', 'furniture'].includes(operationOf(step).serves ?? ''))
        ? { strength: 0.85, because: 'masking, or taking the hardware off, was left out' }
        : null,
  },
  'bad-light': {
    name: 'Painted in bad light',
    prevent: 'A lamp along the face while it is wet: what shines has paint.',
  },
  'not-mixed': {
    name: 'Not stirred through, or the hardener left out',
    prevent: 'Stir from the bottom; two-part paint by measure, and let it stand as its tin says.',
    sign: (evidence) =>
      overCoats(evidence, ({ laid }) =>
        laid.step.coat.coating.hardenerRatio === null
          ? null
          : {
              strength: 0.45,
              because: `${shortName(laid.step.coat.coating)} is mixed with a hardener`,
            },
      ),
  },
} as const satisfies Record<string, Cause>;
