import { shortName } from '../../shelf/entry.ts';
import { counted, inSentence } from '../../units/sentence.ts';
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
      if (wash) return { strength: 0.9, because: 'the wash was left out' };
      if (unrinsed.length > 0) return { strength: 0.6, because: `${unrinsed.join(' and ')} was not rinsed off` };
      if (known.facts.contamination === 'grease') return { strength: 0.55, because: 'the test showed grease there' };
      if (known.unknown.includes('contamination')) return { strength: 0.3, because: 'nobody tested what is on it' };
      return null;
    },
  },
  silicone: {
    name: 'Wax, polish or silicone under it',
    prevent: 'Wipe with solvent and clean rags until water no longer beads; then prime with a stain block.',
    sign({ known }) {
      if (known.facts.contamination === 'wax')
        return { strength: 0.9, because: `the test showed ${inSentence(resultInWords('contamination', 'wax'))}` };
      if (known.unknown.includes('contamination'))
        return { strength: 0.4, because: 'nobody tried whether water beads on it' };
      return null;
    },
  },
  'wash-not-dry': {
    name: 'The washed surface was not dry',
    prevent: 'Count the hours of a wash by the air, and double them in grooves and joints.',
    sign({ washDried }) {
      if (washDried === null || washDried.hours >= washDried.due) return null;
      return {
        strength: strength(0.4 + (1 - washDried.hours / washDried.due)),
        because: `it was washed ${hours(washDried.hours)} before the first coat, where ${hours(washDried.due)} were due`,
      };
    },
  },
  'damp-wood': {
    name: 'Damp came out of the wood',
    prevent: 'Read the moisture in three places, and prime at 15% or less.',
    sign({ known }) {
      if (known.facts.moisture === 'damp') return { strength: 0.9, because: 'the meter read it damp' };
      if (known.unknown.includes('moisture')) return { strength: 0.35, because: 'nobody read its moisture' };
      return null;
    },
  },
  'not-keyed': {
    name: 'Nothing gave it a key',
    prevent: 'Abrade, degloss, or use a primer that bonds to gloss; then a test patch.',
    sign({ keyed, known, group, coats }) {
      if (keyed === false) return { strength: 0.9, because: 'the keying was left out' };
      const [first] = coats;
      const bonds = isFor(first?.laid.step.coat.coating, 'glossy');
      if (group?.buildUp?.key === 'none' && OLD_COATS[known.facts.oldCoat].hold === 'hard' && !bonds) {
        return { strength: 0.75, because: 'it went over a glossy coat without key and without a bonding primer' };
      }
      return null;
    },
  },
  'weak-ground': {
    name: 'The old coat lets go under it',
    prevent: 'Scrape back to what holds; cross-cut and tape before anything goes on.',
    sign({ known }) {
      if (known.facts.soundness === 'lets-go') return { strength: 0.9, because: 'the old coat let go in the test' };
      if (known.facts.soundness === 'chalks') return { strength: 0.6, because: 'the old coat chalks' };
      if (known.unknown.includes('soundness'))
        return { strength: 0.3, because: 'nobody tested whether the old coat holds' };
      return null;
    },
  },
  'patch-failed': {
    name: 'The system does not hold on this surface',
    prevent: 'A test patch of the whole system, left to dry, then fingernail and tape.',
    sign({ known }) {
      if (known.patch === null) return { strength: 0.2, because: 'there was no test patch' };
      return known.patch.held ? null : { strength: 0.95, because: 'the test patch did not hold' };
    },
  },
  tannin: {
    name: 'Tannin, knots or old stain bleed through',
    prevent: 'Two thin coats of a primer that blocks stains, over knots well out.',
    sign({ known, coats, piece }) {
      const blocked = coats.some(({ laid }) => laid.step.coat.coating.blocksStains);
      const isTannic = SUBSTRATES[piece.surface.substrate].tannin;
      const what =
        known.facts.stains === 'bleeds'
          ? 'the test showed that it bleeds'
          : isTannic
            ? 'oak and ash bleed tannin'
            : null;
      if (what)
        return {
          strength: blocked ? 0.4 : 0.9,
          because: `${what}${blocked ? '; a blocking primer lies there' : ', and no blocking primer lies under the coats'}`,
        };
      if (known.unknown.includes('stains')) return { strength: 0.3, because: 'nobody tested whether it bleeds' };
      return null;
    },
  },
  phosphate: {
    name: 'Residue of phosphate spoiled the primer',
    prevent: 'Rinse twice, or take a cleaner that the primer stands.',
    sign({ unrinsed, coats }) {
      const isSpoilt = coats.some(({ laid }) => laid.step.coat.coating.spoiledByPhosphate);
      return isSpoilt && unrinsed.some((name) => name.includes('phosphate') && !name.includes('free'))
        ? { strength: 0.85, because: 'phosphate wash was not rinsed off, and this primer does not stand it' }
        : null;
    },
  },
  'grain-open': {
    name: 'The grain was not filled, or not long enough sanded',
    prevent: 'Two to four passes of grain filler, sanded back each time, before primer.',
    sign({ piece, face, group, leftOut }) {
      if (piece.surface.substrate !== 'oak') return 'excluded';
      if (leftOut.some((step) => operationOf(step).serves === 'grain'))
        return { strength: 0.95, because: 'a pass of grain filler was left out' };
      const { buildUp } = group ?? {};
      const passes = buildUp && grainFilledFaces(buildUp).includes(face) ? (buildUp.grainFill?.passes ?? 0) : 0;
      if (passes === 0) return { strength: 0.9, because: 'no grain filler was used on open-grained wood' };
      return {
        strength: passes < 3 ? 0.45 : 0.15,
        because: `${counted(passes, 'pass', 'passes')} of grain filler`,
      };
    },
  },
  'too-few-coats': {
    name: 'Too few coats for this colour over that one',
    prevent: 'Count the coats by the colours; a tinted primer saves one.',
    sign({ hiding, leftOut }) {
      const skipped = leftOut.find(isCoat);
      if (skipped) return { strength: 0.95, because: `coat ${skipped.coat.number} was left out` };
      if (hiding === null || hiding.laid >= hiding.needed) return null;
      return {
        strength: strength(0.5 + (hiding.needed - hiding.laid) * 0.2),
        because: `${counted(hiding.laid, 'coat lies', 'coats lie')} there, and ${hiding.needed} hide the old colour`,
      };
    },
  },
  'clear-primer': {
    name: 'The primer dries clear, so that missed spots did not show',
    prevent: 'Look along the face while it is wet, or tint it where the tin allows.',
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
    name: 'A hard coat over a softer one',
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
    name: 'Mouldings and corners held paint back, and let it go',
    prevent: 'Feather out of the corners, and go back over mouldings with a dry brush.',
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
