import { inSentence } from '../../../core/units/sentence.ts';
import { FILM } from '../../../core/units/measures.ts';
import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import { coatStack, totalFilm } from '../../../core/build-up/coat-stack.ts';
import { cleanerOf, fillerOf, preservativeOf } from '../../../core/job/queries/shelf.ts';
import { colourOn } from '../../../core/job/queries/faces.ts';
import type { BuildUp, FinishGroup } from '../../../core/job/document/group-schema.ts';
import { FACE_IDS } from '../../../core/pieces/elevation.ts';
import type { SurfaceFacts } from '../../../core/surface-tests/known-surface.ts';
import { CoatStackDrawing } from '../../drawing/CoatStackDrawing.tsx';
import { KEY_WORDS } from '../../parts/key-words.ts';
import { useJob, useLocalise } from '../../open-job/use-job.ts';

interface StackOfFacesProps {
  group: FinishGroup;
  buildUp: BuildUp;
  facts: SurfaceFacts;
  /** Small, without words. */
  bare?: boolean;
}

/** The cross-section of a build-up; one for each face where they differ. */
export function StackOfFaces({ group, buildUp, facts, bare = false }: StackOfFacesProps) {
  const localise = useLocalise();
  const job = useJob();
  const differ =
    buildUp.faceCoats.back !== undefined || group.backColour !== null || buildUp.grainFill?.onlyFace !== undefined;
  return (
    <>
      {FACE_IDS.slice(0, differ ? 2 : 1).map((face) => {
        const layers = coatStack(job, facts, buildUp, face);
        return (
          <Box key={face} sx={{ mb: 1.5 }}>
            {differ && <Typography sx={{ fontSize: 14, fontWeight: 650 }}>{face}</Typography>}
            <CoatStackDrawing
              bare={bare}
              layers={layers}
              substrate={facts.substrate}
              old={facts.oldColour}
              colour={colourOn(group, face).hex}
            />
            {!bare && (
              <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
                {localise(
                  `${FILM.brief(totalFilm(layers), job.settings.units)} dry film (default figures until you enter your tin’s)`,
                )}
              </Box>
            )}
          </Box>
        );
      })}
    </>
  );
}

/** The preparation of a build-up in a line: “alkaline wash, rinsed; deglossed; grain filled, 2 passes”. */
export function usePreparationWords(): (buildUp: BuildUp) => string {
  const job = useJob();
  const localise = useLocalise();
  return ({ cleaning, key, fillers, grainFill, preservative }) =>
    localise(
      [
        ...cleaning.map(({ product, rinsed }) => {
          const name = inSentence(cleanerOf(job, product)?.name ?? product);
          return rinsed ? `${name}, rinsed` : name;
        }),
        KEY_WORDS[key],
        ...fillers.flatMap((id) => inSentence(fillerOf(job, id)?.name ?? '') || []),
        ...(grainFill
          ? [
              `${inSentence(fillerOf(job, grainFill.product)?.name ?? 'grain filler')}, ${grainFill.passes} passes${grainFill.onlyFace ? `, ${grainFill.onlyFace} only` : ''}`,
            ]
          : []),
        ...(preservativeOf(job, preservative) ? ['preservative'] : []),
      ].join(' · '),
    );
}
