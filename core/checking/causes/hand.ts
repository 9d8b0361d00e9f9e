import { formatMoment } from '../../units/moments.ts';
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
    name: 'Wet edge lost',
    prevent: 'Shorter order, second painter, conditioner or a cooler hour: try them in Sequence.',
    sign: (evidence) =>
      overCoats(evidence, (coat) => {
        const { lapShare, openTime } = coat;
        if (lapShare === null || lapShare <= 0.7) return null;
        return {
          strength: strength(0.2 + (lapShare - 0.7) * 0.9),
          because: `an edge of ${coatName(coat)} stayed wet for ${Math.round(openTime)} min. The longest gap used ${Math.round(lapShare * 100)}% of it`,
        };
      }),
  },
  'film-thick': {
    name: 'Too much paint',
    prevent: 'Load little and often. Check with a wet film comb.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.filmRatio > THICK
          ? {
              strength: strength(0.4 + (coat.filmRatio - THICK)),
              because: `the comb read ${Math.round(coat.filmRatio * 100)}% of the tin’s wet film in ${coatName(coat)}`,
            }
          : null,
      ),
  },
  'film-thin': {
    name: 'Too little paint',
    prevent: 'Load the brush well: wiping it on the rim makes a dry edge.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.filmRatio < THIN
          ? {
              strength: strength(0.4 + (THIN - coat.filmRatio) * 2),
              because: `the comb read ${Math.round(coat.filmRatio * 100)}% of the tin’s wet film in ${coatName(coat)}`,
            }
          : null,
      ),
  },
  thinned: {
    name: 'Thinned too far',
    prevent: 'Thin no more than the tin allows, and only where needed.',
    sign: (evidence) =>
      overCoats(evidence, ({ laid }) => {
        const { coat, coating } = laid.step.coat;
        if (coat.thinning === 0 || coat.thinning < coating.mostThinning * 0.6) return null;
        const most = Math.max(1, coating.mostThinning);
        return {
          strength: strength((coat.thinning / most) * 0.6),
          because: `thinned by ${coat.thinning}%; the tin allows ${coating.mostThinning}%`,
        };
      }),
  },
  upright: {
    name: 'Painted upright',
    prevent: 'Lay it flat if it comes off. Upright: thinner coats, check after 10 min.',
    sign: ({ piece }) => (piece.comesOff ? null : { strength: 0.4, because: 'painted in place' }),
  },
  'edge-drip': {
    name: 'Drip from an edge',
    prevent: 'Work off the edge, never onto it. Check both sides of every edge.',
  },
  'no-look': {
    name: 'No drip check',
    prevent: 'Check for drips 10 min after each face, and again from the far side.',
  },
  nap: {
    name: 'Nap too long, or dry roller',
    prevent: 'Short nap or foam, and a last light dry roll along the grain.',
    sign: (evidence) => (wasUsed(evidence, 'roller') ? { strength: 0.35, because: 'painted by roller' } : 'excluded'),
  },
  'roller-pressed': {
    name: 'Roller pressed too hard',
    prevent: 'Don’t press. Finish with the bare end over the edge.',
    sign: (evidence) => (wasUsed(evidence, 'roller') ? { strength: 0.3, because: 'painted by roller' } : 'excluded'),
  },
  'spray-far': {
    name: 'Sprayed too far or too dry',
    prevent: 'A hand’s breadth off, square to the face, half overlaps. Try the fan on card first.',
    sign: (evidence) => (wasUsed(evidence, 'spray') ? { strength: 0.4, because: 'painted by spray' } : 'excluded'),
  },
  overbrushed: {
    name: 'Brushed again too late',
    prevent: 'Lay off once, then leave it.',
    sign: (evidence) => (wasUsed(evidence, 'brush') ? { strength: 0.3, because: 'painted by brush' } : null),
  },
  'dusty-air': {
    name: 'Dust in the wet film',
    prevent: 'Don’t sand near wet paint. Damp the floor, wait, wipe with a tack rag.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.sandedBeside
          ? {
              strength: 0.85,
              because: `${coat.sandedBeside.mark} was sanded nearby ${evidence.when(coat.sandedBeside.at)} while ${coatName(coat)} was wet`,
            }
          : null,
      ),
  },
  'not-denibbed': {
    name: 'Not denibbed between coats',
    prevent: 'A light pass with 320 between coats, then wipe.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.denibbed === false ? { strength: 0.75, because: `no denibbing before ${coatName(coat)}` } : null,
      ),
  },
  'dirty-tin': {
    name: 'Skin or grit in the tin, tray or tool',
    prevent: 'Strain opened paint, and never pour back from the tray.',
    sign({ coats, when }) {
      const old = coats.find(({ laid }) => laid.tin && laid.stamp.at.slice(0, 10) > laid.tin.openedAt.slice(0, 10));
      return old
        ? {
            strength: 0.35,
            because: `tin open since ${formatMoment(old.laid.tin?.openedAt ?? '', 'date')} when coat ${old.laid.step.coat.number} went on ${when(old.laid.at)}`,
          }
        : null;
    },
  },
  unboxed: {
    name: 'Tins not boxed',
    prevent: 'Box tins of one colour before the first runs out. Change tins between faces.',
    sign: ({ unboxed }) => (unboxed ? { strength: 0.85, because: 'coats from tins that weren’t boxed' } : null),
  },
  'tape-late': {
    name: 'Tape left on too long',
    prevent: 'Pull it while wet. Later, score the line first.',
    sign({ piece, coats, hungAt }) {
      const last = coats.at(-1);
      if (piece.comesOff) return null;
      if (!last || hungAt === null) return { strength: 0.3, because: 'tape removal not logged' };
      const late = (hungAt - last.laid.at) / 60;
      return late > 1
        ? { strength: strength(0.4 + late / 48), because: `tape off ${late.toFixed(1)} h after the last coat` }
        : null;
    },
  },
  'tape-loose': {
    name: 'Tape not tight',
    prevent: 'Press the edge down, 1 mm off the line. On rough surfaces seal it with the old colour first.',
  },
  unmasked: {
    name: 'Not masked',
    prevent: 'Take hardware off. Mask glass 2 mm off the putty line.',
    sign: ({ leftOut }) =>
      leftOut.some((step) => ['masking', 'furniture'].includes(operationOf(step).serves ?? ''))
        ? { strength: 0.85, because: 'masking or removing hardware was skipped' }
        : null,
  },
  'bad-light': {
    name: 'Painted in bad light',
    prevent: 'Shine a lamp along the face while wet: bare spots don’t shine.',
  },
  'not-mixed': {
    name: 'Not stirred, or no hardener',
    prevent: 'Stir from the bottom. Measure two-part paint, and let it stand as its tin says.',
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
