import { shortName } from '../../shelf/entry.ts';
import { counted, inSentence, listed } from '../../units/sentence.ts';
import { operationOf } from '../../steps/operations.ts';
import { isCoat } from '../../steps/wetness/current-coats.ts';
import { grainFilledFaces } from '../../job/queries/faces.ts';
import { elevationOf } from '../../job/queries/pieces.ts';
import { OLD_COATS, SUBSTRATES } from '../../pieces/substrate.ts';
import { resultInWords } from '../../pieces/found.ts';
import { isFor } from '../../build-up/rule.ts';
import { strength, type Cause } from '../cause.ts';
import { hours, overCoats } from './drying.ts';

/** Old coats so smooth that waterborne paint peels off them in sheets, unless they were keyed. */

/** Causes that lie in the surface and in what was done, or left undone, before the first coat. */
export const GROUND_CAUSES = {
  unclean: {
    name: 'Grease, soap or dust on the surface',
    prevent: 'Wash, rinse, and wipe with a clean damp rag before the first coat.',
    sign({ known, leftOut, unrinsed }) {
      const wash = leftOut.find((step) => operationOf(step).serves === 'cleaning');
      if (wash) return { strength: 0.9, because: 'the wash was skipped' };
      if (unrinsed.length > 0)
        return { strength: 0.6, because: `${listed(unrinsed.map(({ name }) => inSentence(name)))} not rinsed off` };
      if (known.facts.contamination === 'grease') return { strength: 0.55, because: 'the test showed grease there' };
      if (known.unknown.includes('contamination')) return { strength: 0.3, because: 'grease and wax not tested' };
      return null;
    },
  },
  silicone: {
    name: 'Wax, polish or silicone',
    prevent: 'Wipe with solvent and clean rags until water stops beading, then stain block.',
    sign({ known }) {
      if (known.facts.contamination === 'wax')
        return { strength: 0.9, because: `the test showed ${inSentence(resultInWords('contamination', 'wax'))}` };
      if (known.unknown.includes('contamination')) return { strength: 0.4, because: 'water test not done' };
      return null;
    },
  },
  'wash-not-dry': {
    name: 'Surface not dry after washing',
    prevent: 'Allow the wash its full drying time, double in grooves and joints.',
    sign({ washDried }) {
      if (washDried === null || washDried.hours >= washDried.due) return null;
      return {
        strength: strength(0.4 + (1 - washDried.hours / washDried.due)),
        because: `washed ${hours(washDried.hours)} before the first coat. It needed ${hours(washDried.due)}`,
      };
    },
  },
  'damp-wood': {
    name: 'Damp from the wood',
    prevent: 'Test moisture in three places, and prime at 15% or less.',
    sign({ known }) {
      if (known.facts.moisture === 'damp') return { strength: 0.9, because: 'the meter read it damp' };
      if (known.unknown.includes('moisture')) return { strength: 0.35, because: 'moisture not tested' };
      return null;
    },
  },
  'not-keyed': {
    name: 'No key',
    prevent: 'Sand, degloss, or use a primer that bonds to gloss, then a test patch.',
    sign({ keyed, known, group, coats }) {
      if (keyed === false) return { strength: 0.9, because: 'the keying was skipped' };
      const [first] = coats;
      const bonds = isFor(first?.laid.step.coat.coating, 'glossy');
      if (group?.buildUp?.key === 'none' && OLD_COATS[known.facts.oldCoat].hold === 'hard' && !bonds) {
        return { strength: 0.75, because: 'over gloss with no key and no bonding primer' };
      }
      return null;
    },
  },
  'weak-ground': {
    name: 'Old coat loose',
    prevent: 'Scrape back to sound paint. Cross-cut and tape before painting.',
    sign({ known }) {
      if (known.facts.soundness === 'lets-go') return { strength: 0.9, because: 'the old coat failed its test' };
      if (known.facts.soundness === 'chalks') return { strength: 0.6, because: 'the old coat chalks' };
      if (known.unknown.includes('soundness')) return { strength: 0.3, because: 'adhesion not tested' };
      return null;
    },
  },
  'patch-failed': {
    name: 'System won’t hold here',
    prevent: 'Test patch of the whole system, left to dry, then nail and tape.',
    sign({ known }) {
      if (known.patch === null) return { strength: 0.2, because: 'no test patch' };
      return known.patch.held ? null : { strength: 0.95, because: 'the test patch failed' };
    },
  },
  tannin: {
    name: 'Tannin, knots or stains bleeding',
    prevent: 'Two thin coats of stain-blocking primer, well past knots.',
    sign({ known, coats, piece }) {
      const blocked = coats.some(({ laid }) => laid.step.coat.coating.blocksStains);
      const isTannic = SUBSTRATES[piece.surface.substrate].tannin;
      const what =
        known.facts.stains === 'bleeds' ? 'the test showed bleeding' : isTannic ? 'oak and ash bleed tannin' : null;
      if (what)
        return {
          strength: blocked ? 0.4 : 0.9,
          because: `${what}${blocked ? ', stain-blocking primer is on' : ', and no stain-blocking primer under it'}`,
        };
      if (known.unknown.includes('stains')) return { strength: 0.3, because: 'bleeding not tested' };
      return null;
    },
  },
  phosphate: {
    name: 'Phosphate residue',
    prevent: 'Rinse twice, or use a cleaner the primer tolerates.',
    sign({ unrinsed, coats }) {
      const isSpoilt = coats.some(({ laid }) => laid.step.coat.coating.spoiledByPhosphate);
      return isSpoilt && unrinsed.some(({ residue }) => residue === 'phosphate')
        ? { strength: 0.85, because: 'phosphate wash not rinsed off. This primer can’t take it' }
        : null;
    },
  },
  'grain-open': {
    name: 'Grain not filled or sanded enough',
    prevent: 'Two to four passes of grain filler, sanded back each time, before primer.',
    sign({ piece, face, group, leftOut }) {
      if (piece.surface.substrate !== 'oak') return 'excluded';
      if (leftOut.some((step) => operationOf(step).serves === 'grain'))
        return { strength: 0.95, because: 'a pass of grain filler was skipped' };
      const { buildUp } = group ?? {};
      const passes = buildUp && grainFilledFaces(buildUp).includes(face) ? (buildUp.grainFill?.passes ?? 0) : 0;
      if (passes === 0) return { strength: 0.9, because: 'no grain filler on open-grained wood' };
      return {
        strength: passes < 3 ? 0.45 : 0.15,
        because: `${counted(passes, 'pass', 'passes')} of grain filler`,
      };
    },
  },
  'too-few-coats': {
    name: 'Too few coats for the colour change',
    prevent: 'Count coats by the colours. A tinted primer saves one.',
    sign({ hiding, leftOut }) {
      const skipped = leftOut.find(isCoat);
      if (skipped) return { strength: 0.95, because: `coat ${skipped.coat.number} was skipped` };
      if (hiding === null || hiding.laid >= hiding.needed) return null;
      return {
        strength: strength(0.5 + (hiding.needed - hiding.laid) * 0.2),
        because: `${counted(hiding.laid, 'coat')} on; ${hiding.needed} needed to hide the old colour`,
      };
    },
  },
  'clear-primer': {
    name: 'Clear primer hid missed spots',
    prevent: 'Look along the face while wet, or tint it if the tin allows.',
    sign: (evidence) =>
      overCoats(evidence, (coat) =>
        coat.laid.step.coat.coating.clear
          ? {
              strength: 0.6,
              because: `${shortName(coat.laid.step.coat.coating)} dries clear`,
            }
          : null,
      ),
  },
  'hard-over-soft': {
    name: 'Hard coat over a soft one',
    prevent: 'Let oil cure before waterborne goes over it, and keep hard enamel off soft primer.',
    sign: (evidence) =>
      overCoats(evidence, ({ laid, under }) => {
        const over = laid.step.coat.coating;
        const below = under?.laid.step.coat.coating;
        if (!below || over.family === below.family) return null;
        const isHardOver = (over.family === 'oil' || over.family === 'two-part') && below.family === 'acrylic';
        return isHardOver
          ? {
              strength: 0.6,
              because: `${shortName(over)} over ${shortName(below)}`,
            }
          : null;
      }),
  },
  profiled: {
    name: 'Paint pooled in mouldings',
    prevent: 'Feather out of corners, and go over mouldings with a dry brush.',
    sign({ piece, face }) {
      const elements = elevationOf(piece).faces.find(({ id }) => id === face)?.elements ?? [];
      const profiled = elements.filter(
        ({ relief, part }) => relief !== null || part === 'louvre' || part === 'moulding',
      ).length;
      return profiled === 0
        ? 'excluded'
        : { strength: 0.35, because: `this face has ${profiled} profiled ${profiled === 1 ? 'part' : 'parts'}` };
    },
  },
} as const satisfies Record<string, Cause>;
