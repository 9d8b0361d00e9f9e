import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import useMediaQuery from '@mui/material/useMediaQuery';
import { reflectance } from '../../../core/colour/colour.ts';
import { greyUnder, PRIMER_WHITE } from '../../../core/colour/primer-tints.ts';
import { isChosen } from '../../../core/build-up/coat-stack.ts';
import { topcoatsToHide } from '../../../core/build-up/face-colour.ts';
import { finishCautions } from '../../../core/job/cautions.ts';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import { findingsOn } from '../../../core/surface-tests/known-surface.ts';
import { SHEENS } from '../../../core/shelf/coating.ts';
import { counted } from '../../../core/units/sentence.ts';
import { refused } from '../../../core/units/outcome.ts';
import { Fold } from '../../parts/Fold.tsx';
import { Caution } from '../../parts/Section.tsx';
import { ColourFigures } from '../../parts/ColourFigures.tsx';
import { isHex } from '../../parts/fields/hex.ts';
import { useCommands, useJob, useLocalise } from '../../open-job/use-job.ts';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { GroupPieces } from './GroupPieces.tsx';

/** A group's name, its colours old and new, its sheen, and its pieces. */
export function GroupHeader({ group }: { group: FinishGroup }) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const old = findingsOn(job, group.id).get('old-colour')?.hex ?? null;
  // On a phone the coats come first once they are chosen.
  const isFolded = useMediaQuery('(max-width: 899px)', { noSsr: true }) && isChosen(group);
  const pieces = job.pieces.filter(({ groupId }) => groupId === group.id).length;
  const parts = (
    <>
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'flex-start', flexWrap: 'wrap', mb: 1.5 }}>
        <StatedField
          label="Group name"
          text={group.name}
          draft={`${job.id}/${group.id}/name`}
          sx={{ flex: '1 1 260px' }}
          take={(name) =>
            apply('change-group', { groupId: group.id, name }, { strokes: `${group.id}/name`, quiet: true })
          }
        />
        <ChoiceField
          label="Sheen"
          value={group.sheen ?? ''}
          sx={{ width: 130 }}
          choices={[{ value: '', words: 'any' }, ...SHEENS.map((sheen) => ({ value: sheen, words: sheen }))]}
          onChange={(chosen) =>
            apply('change-group', {
              groupId: group.id,
              sheen: SHEENS.find((sheen) => sheen === chosen) ?? null,
            })
          }
        />
        <ChoiceField
          label="Coats to hide"
          value={group.coveredIn ?? 0}
          sx={{ width: 150 }}
          choices={[
            { value: 0, words: 'estimated' },
            ...[1, 2, 3, 4, 5, 6].map((coats) => ({ value: coats, words: `${coats}, from a test` })),
          ]}
          onChange={(coats) => apply('change-group', { groupId: group.id, coveredIn: coats === 0 ? null : coats })}
        />
        {group.schools.tools === 'spray' && (
          <ChoiceField
            label={localise('Air-fed mask or booth?')}
            value={job.site.suppliedAir === null ? '' : job.site.suppliedAir ? 'yes' : 'no'}
            sx={{ width: 210 }}
            choices={[
              { value: '', words: 'not answered' },
              { value: 'yes', words: 'yes, here' },
              { value: 'no', words: 'no' },
            ]}
            onChange={(answer) => apply('change-site', { suppliedAir: answer === '' ? null : answer === 'yes' })}
          />
        )}
        <FormControlLabel
          control={
            <Switch
              checked={group.backColour !== null}
              onChange={(event) =>
                apply('change-group', { groupId: group.id, backColour: event.target.checked ? group.colour : null })
              }
            />
          }
          label={localise('Different colour on the back')}
        />
      </Box>
      <Box
        sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: { xs: '1fr', lg: 'repeat(2, minmax(0, 1fr))' }, mb: 1.5 }}
      >
        <ColourOf group={group} side="colour" old={old} />
        {group.backColour && <ColourOf group={group} side="backColour" old={old} />}
        <GroupPieces group={group} />
      </Box>
    </>
  );
  return (
    <Box sx={{ mb: 2.5 }}>
      {finishCautions(job, group.id).map(({ id, words }) => (
        <Caution key={id}>{localise(words)}</Caution>
      ))}
      {isFolded ? (
        <Fold title={localise('Colour and pieces')} summary={`${group.colour.name}, ${counted(pieces, 'piece')}`}>
          <div>{parts}</div>
        </Fold>
      ) : (
        parts
      )}
    </Box>
  );
}

interface ColourOfProps {
  group: FinishGroup;
  side: 'colour' | 'backColour';
  old: string | null;
}

/** One colour: a large swatch over the old one, its name and figures, and how many coats it needs. */
function ColourOf({ group, side, old }: ColourOfProps) {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const colour = group[side] ?? group.colour;
  const set = (facts: Partial<FinishGroup['colour']>, field: string, quiet: boolean) =>
    apply(
      'change-group',
      { groupId: group.id, [side]: group[side] === null ? { ...colour, ...facts } : facts },
      { strokes: `${group.id}/${side}/${field}`, quiet },
    );
  const words = side === 'colour' ? 'Colour' : 'Colour of the back';
  const over = (primers: readonly string[]): number => topcoatsToHide(old, colour.hex, primers);
  return (
    <Box
      sx={{
        display: 'flex',
        border: '1px solid var(--line)',
        borderRadius: '8px',
        overflow: 'hidden',
        background: 'var(--sheet)',
      }}
    >
      <Box sx={{ width: 92, flex: 'none', display: 'grid', gridTemplateRows: old ? '1fr 30px' : '1fr' }}>
        <Box
          component="input"
          type="color"
          aria-label={localise(`${words} swatch`)}
          value={colour.hex}
          onChange={(event: React.ChangeEvent<HTMLInputElement>) => set({ hex: event.target.value }, 'hex', false)}
          sx={{
            width: '100%',
            height: '100%',
            minHeight: 66,
            p: 0,
            border: 0,
            cursor: 'pointer',
            background: 'none',
            '&::-webkit-color-swatch-wrapper': { p: 0 },
            '&::-webkit-color-swatch': { border: 0 },
          }}
        />
        {old !== null && <Box sx={{ background: old }} title={localise(`old colour ${old}`)} />}
      </Box>
      <Box sx={{ p: 1.25, flex: 1, minWidth: 0 }}>
        <Box sx={{ display: 'flex', gap: 1, mb: 0.75 }}>
          <StatedField
            label={localise(words)}
            text={colour.name}
            draft={`${job.id}/${group.id}/${side}`}
            sx={{ flex: 1 }}
            take={(name) => set({ name }, 'name', true)}
          />
          <StatedField
            label="Hex"
            text={colour.hex}
            draft={`${job.id}/${group.id}/${side}-hex`}
            sx={{ width: 112 }}
            take={(typed) =>
              isHex(typed.trim())
                ? set({ hex: typed.trim().toLowerCase() }, 'hex', true)
                : refused('Write it as # and six digits, such as #2f4b5c.')
            }
          />
        </Box>
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
          <ColourFigures hex={colour.hex} />
          <div>
            {old === null
              ? 'Old colour not set: assuming two topcoats.'
              : `Over the old ${old} (LRV ${reflectance(old).toFixed(0)}%): ${over([])} topcoats.`}{' '}
            {localise(`On white primer ${over([PRIMER_WHITE])}, on grey ${over([greyUnder(colour.hex)])}.`)}
            {group.coveredIn !== null && ` Your test: hidden in ${group.coveredIn}.`}
          </div>
        </Box>
      </Box>
    </Box>
  );
}
