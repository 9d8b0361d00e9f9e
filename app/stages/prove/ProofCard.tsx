import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { DateTime } from 'luxon';
import { nanoid } from 'nanoid';
import type { FindingStamp } from '../../../core/job/finding-schema.ts';
import type { Piece } from '../../../core/job/piece-schema.ts';
import type { FinishGroup } from '../../../core/job/schema.ts';
import { FOUND, resultInWords } from '../../../core/pieces/found.ts';
import type { ProofTest } from '../../../core/proving/proof-tests.ts';
import { Fold } from '../../ui/Fold.tsx';
import { useJob } from '../../ui/job-context.tsx';
import { MoistureReading } from './MoistureReading.tsx';
import { OldColour } from './OldColour.tsx';

interface ProofCardProps {
  group: FinishGroup;
  pieces: readonly Piece[];
  /** Any of the tests; what its results are called is its own. */
  proofTest: Omit<ProofTest, 'shows' | 'judgedAs'> & {
    shows: Readonly<Record<string, { sees: string; means: string }>>;
    judgedAs: string | null;
  };
  finding: FindingStamp | null;
  where: string;
}

const stampedAt = (at: string): string => DateTime.fromISO(at).toFormat('ccc d LLL, HH:mm');

/** One question: how it is asked, what each answer looks like, and what was found. Unknown stays visible as unknown. */
export function ProofCard({ group, pieces, proofTest, finding, where }: ProofCardProps) {
  const { job, apply, now, say } = useJob();
  const { found, name, minutes, need, steps, shows, judgedAs, whileUnknown } = proofTest;
  const stamp = (result: string, more: Partial<FindingStamp> = {}): void =>
    void apply('state-finding', {
      finding: {
        id: nanoid(10),
        groupId: group.id,
        found,
        result,
        reading: null,
        hex: null,
        at: now,
        where,
        photoId: null,
        note: '',
        ...more,
      },
    });
  const photos = pieces.flatMap((piece) => piece.photos.map((photo, index) => ({ ...photo, mark: piece.mark, index })));
  const isKnown = finding !== null;
  return (
    <Box
      component="li"
      aria-label={`${FOUND[found].name}: ${finding ? resultInWords(found, finding.result) : 'unknown'}`}
      sx={{
        background: isKnown ? 'var(--sheet)' : 'transparent',
        border: isKnown ? '1px solid var(--line)' : '2px dashed var(--tacky)',
        borderRadius: '8px',
        p: 2,
        pb: 0.5,
      }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', mb: 0.5 }}>
        <Box component="h3" sx={{ m: 0, fontSize: 17, fontWeight: 700, flex: 1 }}>
          {say(FOUND[found].name)}
        </Box>
        {finding ? (
          <Box sx={{ fontWeight: 700, color: 'var(--ready)' }}>
            {finding.reading === null
              ? resultInWords(found, finding.result)
              : `${finding.reading} %, ${finding.result}`}
          </Box>
        ) : (
          <Box sx={{ fontWeight: 700, color: 'var(--tacky)' }}>? unknown</Box>
        )}
      </Box>
      <Box sx={{ fontSize: 14, color: 'var(--ink-soft)', mb: 1.25 }}>
        {finding ? (
          <>
            Stamped {stampedAt(finding.at)}
            {finding.where && `, ${finding.where}`}. {shows[finding.result]?.means}{' '}
            <Button size="small" onClick={() => apply('remove-finding', { id: finding.id })}>
              Strike out
            </Button>
          </>
        ) : (
          say(whileUnknown)
        )}
      </Box>
      {found === 'moisture' && <MoistureReading pieces={pieces} finding={finding} onStamp={stamp} />}
      {found === 'old-colour' && <OldColour group={group} pieces={pieces} finding={finding} onStamp={stamp} />}
      {found !== 'moisture' && found !== 'old-colour' && (
        <Box sx={{ display: 'grid', gap: 0.75, mb: 1 }}>
          {Object.entries(shows).map(([result, { sees, means }]) => {
            const isHere = finding?.result === result;
            return (
              <Box
                component="button"
                type="button"
                key={result}
                aria-pressed={isHere}
                aria-label={resultInWords(found, result)}
                onClick={() => stamp(result)}
                sx={{
                  font: 'inherit',
                  color: 'inherit',
                  textAlign: 'left',
                  cursor: 'pointer',
                  minHeight: 44,
                  px: 1.5,
                  py: 0.75,
                  borderRadius: '6px',
                  border: '1px solid',
                  borderColor: isHere ? 'var(--ink)' : 'var(--line)',
                  background: isHere ? 'var(--ready-fill)' : 'var(--sheet)',
                }}
              >
                <strong>{resultInWords(found, result)}</strong>
                {result === judgedAs && !isKnown && (
                  <Box component="span" sx={{ color: 'var(--tacky)', fontSize: 13, ml: 1 }}>
                    judged so until then
                  </Box>
                )}
                <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
                  {say(`${sees}. ${means}`)}
                </Box>
              </Box>
            );
          })}
        </Box>
      )}
      <Fold title={name} summary={`${minutes} min`}>
        <Box sx={{ fontSize: 14 }}>
          <strong>You need</strong> {say(need.join(', '))}.
          <Box component="ol" sx={{ pl: 2.5, my: 1, listStyle: 'decimal' }}>
            {steps.map((step) => (
              <li key={step}>{say(step)}</li>
            ))}
          </Box>
        </Box>
        {finding && (
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
            <TextField
              label="Note"
              size="small"
              defaultValue={finding.note}
              onBlur={(event) =>
                event.target.value !== finding.note &&
                apply('state-finding', { finding: { ...finding, note: event.target.value.slice(0, 300) } })
              }
            />
            <TextField
              select
              size="small"
              label="Photo that shows it"
              value={photos.some(({ id }) => id === finding.photoId) ? finding.photoId : ''}
              helperText={photos.length === 0 ? 'Photos are taken on the walk.' : undefined}
              onChange={(event) =>
                apply('state-finding', { finding: { ...finding, photoId: event.target.value || null } })
              }
            >
              <MenuItem value="">none</MenuItem>
              {photos.map(({ id, mark, index, caption }) => (
                <MenuItem key={id} value={id}>
                  {mark}, photo {index + 1} {caption}
                </MenuItem>
              ))}
            </TextField>
          </Box>
        )}
        <Box sx={{ fontSize: 13, color: 'var(--ink-soft)' }}>{job.site.place}</Box>
      </Fold>
    </Box>
  );
}
