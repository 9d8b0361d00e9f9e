import { inSentence } from '../../core/units/sentence.ts';
import Autocomplete, { createFilterOptions } from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import Dialog from '@mui/material/Dialog';
import TextField from '@mui/material/TextField';
import { definitionOf } from '../../core/pieces/registry.ts';
import { SUBSTRATES } from '../../core/pieces/substrate.ts';
import { roomOf } from '../../core/job/queries/places.ts';
import { shelfOf } from '../../core/job/queries/shelf.ts';
import { STAGES } from '../screens/registry.ts';
import { useCommands, useHistoryLabels, useJob, useLocalise } from '../open-job/use-job.ts';
import { useGuideEntries } from './use-guide-entries.ts';
import { goTo } from '../device/route.ts';

interface Entry {
  kind: 'Stages' | 'Pieces' | 'Products' | 'Guide' | 'Commands';
  words: string;
  /** By what else it is found. */
  text?: string;
  does(): void;
}

/** All that can be found. */
function useEntries(): Entry[] {
  const job = useJob();
  const guide = useGuideEntries();
  const localise = useLocalise();
  const { undoLabel, redoLabel } = useHistoryLabels();
  const { undo, redo } = useCommands();
  return [
    ...STAGES.map((stage): Entry => ({
      kind: 'Stages',
      words: `${stage.name}: ${stage.does}`,
      does: () => goTo({ stage: stage.id, jobId: job.id }),
    })),
    { kind: 'Stages', words: 'All jobs', does: () => goTo({ stage: '' }) },
    ...job.pieces.map((piece): Entry => ({
      kind: 'Pieces',
      words: [
        piece.mark,
        inSentence(localise(definitionOf(piece.kind).name)),
        inSentence(SUBSTRATES[piece.surface.substrate].name),
        roomOf(job, piece)?.name,
        piece.note,
      ]
        .filter(Boolean)
        .join(' · '),
      does: () => goTo({ stage: 'walk', jobId: job.id, pieceId: piece.id }),
    })),
    ...shelfOf(job).coatings.map((coating): Entry => ({
      kind: 'Products',
      words: `${coating.name}: ${coating.note}`,
      does: () => goTo({ stage: 'build-up', jobId: job.id, view: 'shelf' }),
    })),
    ...guide.map(({ address, words, text }): Entry => ({
      kind: 'Guide',
      words,
      text,
      does: () => window.location.assign(address),
    })),
    ...(undoLabel ? [{ kind: 'Commands' as const, words: `Undo: ${undoLabel}`, does: undo }] : []),
    ...(redoLabel ? [{ kind: 'Commands' as const, words: `Redo: ${redoLabel}`, does: redo }] : []),
  ];
}

/** Matches an entry by its words and by the guide’s text. */
const byWordsOrText = createFilterOptions<Entry>({ stringify: ({ words, text = '' }) => `${words} ${text}` });

/** Finds any piece, product, stage, page of the guide or command by a few letters. */
export default function CommandPalette({ onClose }: { onClose(): void }) {
  const entries = useEntries();
  return (
    <Dialog
      open
      onClose={onClose}
      fullWidth
      maxWidth="sm"
      aria-label="Find"
      sx={{ '& .MuiDialog-container': { alignItems: 'flex-start', pt: '8vh' } }}
    >
      <Autocomplete
        options={entries}
        groupBy={(entry) => entry.kind}
        getOptionLabel={(entry) => entry.words}
        filterOptions={byWordsOrText}
        getOptionKey={(entry) => `${entry.kind}/${entry.words}`}
        openOnFocus
        autoHighlight
        // One Escape closes all of it, not the list first and the field after.
        onClose={(_event, reason) => reason === 'escape' && onClose()}
        renderGroup={({ key, group, children }) => (
          <li key={key} role="presentation">
            <Box role="presentation" sx={{ px: 2, py: 1.25, color: 'var(--ink-soft)', fontWeight: 650 }}>
              {group}
            </Box>
            <Box component="ul" role="group" aria-label={group}>
              {children}
            </Box>
          </li>
        )}
        noOptionsText="Nothing found. Try a tag, room, product, stage or a word of the guide."
        onChange={(_event, entry) => {
          if (entry === null) return;
          onClose();
          entry.does();
        }}
        renderInput={(parameters) => (
          <TextField
            {...parameters}
            autoFocus
            label="Find a piece, product, stage or command"
            sx={{ m: 2, width: 'calc(100% - 32px)' }}
          />
        )}
      />
    </Dialog>
  );
}
