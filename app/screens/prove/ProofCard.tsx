import { formatMoment } from '../../../core/units/moments.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { DateTime } from 'luxon';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import type { FindingStamp } from '../../../core/job/document/finding-schema.ts';
import type { Piece } from '../../../core/job/document/piece-schema.ts';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import { FOUND, resultInWords } from '../../../core/pieces/found.ts';
import type { ProofTest } from '../../../core/proving/proof-tests.ts';
import { Fold } from '../../parts/Fold.tsx';
import { useCommands, useJob, useLocalise, useNow } from '../../open-job/use-job.ts';
import { StatedField } from '../../parts/fields/StatedField.tsx';
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
  /** Whether nobody has answered it, by test or by eye. */
  isOpen: boolean;
  where: string;
}

/** Results that ask for more than care. */
const BAD: ReadonlySet<string> = new Set([
  'lead',
  'damp',
  'lets-go',
  'mould',
  'grease',
  'wax',
  'chalks',
  'bleeds',
  'raw',
]);

const stampedAt = (at: string): string => formatMoment(DateTime.fromISO(at), 'dayTime');

/** One question: how it is asked, what each answer looks like, and what was found. Unknown stays visible as unknown. */
export function ProofCard({ group, pieces, proofTest, finding, isOpen, where }: ProofCardProps) {
  const job = useJob();
  const now = useNow();
  const localise = useLocalise();
  const { apply } = useCommands();
  const { found, name, minutes, need, steps, shows, judgedAs, whileUnknown } = proofTest;
  const stamp = (result: string, more: Partial<FindingStamp> = {}): void =>
    void apply('add-finding', {
      entry: {
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
  const [isAsking, setIsAsking] = useState(false);
  const isSeen = finding === null && !isOpen;
  const answers = isOpen || isAsking;
  const isBad = finding !== null && BAD.has(finding.result);
  return (
    <Box
      component="li"
      aria-label={`${FOUND[found].name}: ${finding ? resultInWords(found, finding.result) : isSeen ? 'seen on the walk' : 'unknown'}`}
      sx={{
        background: isOpen ? 'transparent' : 'var(--sheet)',
        border: isOpen ? '2px dashed var(--tacky)' : '1px solid var(--line)',
        borderRadius: '8px',
        p: 2,
        pb: 0.5,
        gridColumn: answers ? { lg: '1 / -1' } : undefined,
      }}
    >
      <Box sx={{ display: 'flex', gap: 1.5, alignItems: 'baseline', mb: 0.5 }}>
        <Box component="h3" sx={{ m: 0, fontSize: 17, fontWeight: 700, flex: 1 }}>
          {localise(FOUND[found].name)}
        </Box>
        {finding ? (
          <Box
            sx={{
              fontWeight: 750,
              fontSize: 16,
              color: isBad ? 'var(--late)' : 'var(--ready)',
              display: 'flex',
              gap: 1,
            }}
          >
            {finding.hex !== null && (
              <Box component="span" sx={{ width: 34, background: finding.hex, border: '1px solid var(--line)' }} />
            )}
            {finding.hex ??
              (finding.reading === null
                ? resultInWords(found, finding.result)
                : `${finding.reading} %, ${finding.result}`)}
          </Box>
        ) : (
          <Box sx={{ fontWeight: 700, color: isSeen ? 'var(--ink-soft)' : 'var(--tacky)' }}>
            {isSeen ? 'seen on the walk' : '? unknown'}
          </Box>
        )}
      </Box>
      <Box sx={{ fontSize: 14, color: 'var(--ink-soft)', mb: 1 }}>
        {finding ? (
          <>
            {shows[finding.result]?.means} {stampedAt(finding.at)}
            {finding.where && `, ${finding.where}`}.{finding.note && ` ${finding.note}`}
          </>
        ) : (
          localise(isSeen ? 'The walk says so by eye; a test says more.' : whileUnknown)
        )}
      </Box>
      {answers && found === 'moisture' && <MoistureReading pieces={pieces} finding={finding} onStamp={stamp} />}
      {answers && found === 'old-colour' && (
        <OldColour group={group} pieces={pieces} finding={finding} onStamp={stamp} />
      )}
      {answers && found !== 'moisture' && found !== 'old-colour' && (
        <Box
          sx={{
            display: 'grid',
            gap: 0.75,
            mb: 1,
            gridTemplateColumns: 'repeat(auto-fit, minmax(210px, 1fr))',
          }}
        >
          {Object.entries(shows).map(([result, { sees, means }]) => {
            const isHere = finding?.result === result;
            return (
              <Box
                component="button"
                type="button"
                key={result}
                aria-pressed={isHere}
                aria-label={resultInWords(found, result)}
                onClick={() => {
                  stamp(result);
                  setIsAsking(false);
                }}
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
                {result === judgedAs && isOpen && (
                  <Box component="span" sx={{ color: 'var(--tacky)', fontSize: 13, ml: 1 }}>
                    judged so until then
                  </Box>
                )}
                <Box component="span" sx={{ display: 'block', fontSize: 14, color: 'var(--ink-soft)' }}>
                  {localise(`${sees}. ${means}`)}
                </Box>
              </Box>
            );
          })}
        </Box>
      )}
      {!isOpen && (
        <Box sx={{ display: 'flex', gap: 0.5, ml: -0.75, mb: 0.5 }}>
          <Button size="small" aria-expanded={isAsking} onClick={() => setIsAsking(!isAsking)}>
            {isAsking ? 'Leave it' : isSeen ? 'Test it' : 'Test again'}
          </Button>
          {finding && (
            <Button size="small" onClick={() => apply('remove-finding', { id: finding.id })}>
              Strike out
            </Button>
          )}
        </Box>
      )}
      <Fold title={name} summary={`${minutes} min`}>
        <Box sx={{ fontSize: 14 }}>
          <strong>You need</strong> {localise(need.join(', '))}.
          <Box component="ol" sx={{ pl: 2.5, my: 1, listStyle: 'decimal' }}>
            {steps.map((step) => (
              <li key={step}>{localise(step)}</li>
            ))}
          </Box>
        </Box>
        {finding && (
          <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
            <StatedField
              label="Note"
              text={finding.note}
              draft={`${job.id}/${finding.id}/note`}
              take={(note) =>
                apply(
                  'change-finding',
                  { id: finding.id, facts: { note } },
                  { strokes: `${finding.id}/note`, quiet: true },
                )
              }
            />
            <ChoiceField
              label="Photo that shows it"
              value={photos.find(({ id }) => id === finding.photoId)?.id ?? ''}
              helperText={photos.length === 0 ? 'Photos are taken on the walk.' : undefined}
              choices={[
                { value: '', words: 'none' },
                ...photos.map(({ id, mark, index, caption }) => ({
                  value: id,
                  words: (
                    <>
                      {mark}, photo {index + 1} {caption}
                    </>
                  ),
                })),
              ]}
              onChange={(chosen) => apply('change-finding', { id: finding.id, facts: { photoId: chosen || null } })}
            />
          </Box>
        )}
      </Fold>
    </Box>
  );
}
