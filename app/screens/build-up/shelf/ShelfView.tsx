import { FileButton } from '../../../parts/FileButton.tsx';
import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Switch from '@mui/material/Switch';
import FormControlLabel from '@mui/material/FormControlLabel';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { fileStem } from '../../../../core/exchange/job-file.ts';
import { readShelfCsv, readShelfFile, writeShelfCsv, writeShelfFile } from '../../../../core/exchange/shelf-file.ts';
import type { CommandArgs } from '../../../../core/job/commands/apply.ts';
import { entryChange } from '../../../../core/job/commands/shelf.ts';
import { shelfOnSale } from '../../../../core/job/queries/shelf.ts';
import { FIGURES, figureWords, valueAt, type Figure } from '../../../../core/shelf/figures.ts';
import {
  COMPARTMENT_IDS,
  COMPARTMENTS,
  DEFAULT_SHELF,
  type Compartment,
  type Shelf,
} from '../../../../core/shelf/shelf.ts';
import { download } from '../../../device/download.ts';
import { useCommands, useJob, useLocalise } from '../../../open-job/use-job.ts';
import { ListTable } from '../../../parts/ListTable.tsx';
import { EntryDialog } from './EntryDialog.tsx';

type Entry = Shelf[Compartment][number];

/** The figures of a compartment that are compared at a glance. */
const SHOWN: Readonly<Record<Compartment, readonly string[]>> = {
  coatings: ['role', 'exposure', 'volumeSolids', 'dryFilm', 'hours.recoat', 'hours.rehang', 'hours.close'],
  cleaners: ['dilution', 'dryHours', 'residue', 'rinse', 'removes'],
  fillers: ['fills', 'exposure', 'dryHours', 'potLife', 'passes', 'sands'],
  abrasives: ['grit', 'for', 'wet'],
  preservatives: ['dryHours'],
};

/** What there is to clean, fill, sand, preserve and coat with: defaults, and the painter's own from the tin. */
export function ShelfView() {
  const job = useJob();
  const localise = useLocalise();
  const { apply } = useCommands();
  const [compartment, setCompartment] = useState<Compartment>('coatings');
  const [showsArchived, setShowsArchived] = useState(false);
  const [openId, setOpenId] = useState<string | null>(null);
  const all: readonly Entry[] = shelfOnSale(job)[compartment];
  const entries = all.filter(({ archived }) => showsArchived || !archived);
  const figures = FIGURES[compartment].filter(({ path }) => SHOWN[compartment].includes(path));
  const copy = (entry: Entry): void => {
    const id = `own-${nanoid(8)}`;
    const added = { ...entry, id, name: `${entry.name}, copy`.slice(0, 80), archived: false };
    if (apply('add-entry', { compartment, entry: added } as CommandArgs<'add-entry'>).ok) setOpenId(id);
  };
  const archived = all.length - all.filter((entry) => !entry.archived).length;
  return (
    <Box>
      <Box sx={{ display: 'flex', gap: 1.5, flexWrap: 'wrap', alignItems: 'center', mb: 1.5 }}>
        <ToggleButtonGroup
          exclusive
          size="small"
          value={compartment}
          aria-label="Shelf sections"
          onChange={(_event, next: Compartment | null) => next && setCompartment(next)}
          sx={{ flexWrap: 'wrap' }}
        >
          {COMPARTMENT_IDS.map((id) => (
            <ToggleButton key={id} value={id}>
              {COMPARTMENTS[id].name}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
        {archived > 0 && (
          <FormControlLabel
            control={<Switch checked={showsArchived} onChange={(event) => setShowsArchived(event.target.checked)} />}
            label={`${archived} archived`}
          />
        )}
        <Box sx={{ ml: 'auto' }}>
          <ShelfFiles compartment={compartment} />
        </Box>
      </Box>
      <Typography sx={{ color: 'var(--ink-soft)', fontSize: 14, mb: 1 }}>
        {localise('Generic figures. Replace them with your tin’s. Yours show in bold.')}
      </Typography>
      <ListTable>
        <thead>
          <tr>
            <th>Name</th>
            {figures.map(({ path, label }) => (
              <th key={path}>{label}</th>
            ))}
            <th aria-label="Actions" />
          </tr>
        </thead>
        <tbody>
          {entries.map((entry) => (
            <Row
              key={entry.id}
              entry={entry}
              figures={figures}
              isOwn={!DEFAULT_SHELF[compartment].some(({ id }) => id === entry.id)}
              onOpen={() => setOpenId(entry.id)}
              onCopy={() => copy(entry)}
              onArchive={() =>
                apply('change-entry', entryChange(compartment, entry, { ...entry, archived: !entry.archived }))
              }
            />
          ))}
        </tbody>
      </ListTable>
      {openId !== null && <EntryDialog compartment={compartment} id={openId} onClose={() => setOpenId(null)} />}
    </Box>
  );
}

interface RowProps {
  entry: Entry;
  figures: readonly Figure[];
  isOwn: boolean;
  onOpen(): void;
  onCopy(): void;
  onArchive(): void;
}

function Row({ entry, figures, isOwn, onOpen, onCopy, onArchive }: RowProps) {
  const localise = useLocalise();
  const { units } = useJob().settings;
  return (
    <Box component="tr" sx={{ opacity: entry.archived ? 0.55 : 1 }}>
      <td style={{ whiteSpace: 'nowrap' }}>
        <Button size="small" sx={{ textAlign: 'left', fontWeight: 650, p: 0.5 }} onClick={onOpen}>
          {localise(entry.name)}
        </Button>
        {isOwn && <Box sx={{ fontSize: 13, color: 'var(--ready)', pl: 0.5 }}>yours</Box>}
      </td>
      {figures.map((figure) => (
        <td key={figure.path} style={{ fontWeight: entry.stated[figure.path] ? 750 : 400 }}>
          {figureWords(figure, valueAt(entry, figure.path), units)}
        </td>
      ))}
      <td>
        <Button size="small" aria-label={`Copy ${entry.name}`} onClick={onCopy}>
          Copy
        </Button>
        <Button size="small" aria-label={`${entry.archived ? 'Restore' : 'Archive'} ${entry.name}`} onClick={onArchive}>
          {entry.archived ? 'Restore' : 'Archive'}
        </Button>
      </td>
    </Box>
  );
}

/** The shelf in and out, as JSON whole or as a list of one compartment. */
function ShelfFiles({ compartment }: { compartment: Compartment }) {
  const job = useJob();
  const { apply } = useCommands();
  const [fault, setFault] = useState<string | null>(null);
  const importShelf = async (chosen: File): Promise<void> => {
    const text = await chosen.text();
    const read = /\.csv$/i.test(chosen.name) ? readShelfCsv(text) : readShelfFile(text);
    if (!read.ok) {
      setFault(`${chosen.name}: ${read.message}`);
      return;
    }
    const outcome = apply('take-shelf', { shelf: read.value });
    setFault(outcome.ok ? null : outcome.message);
  };
  const name = fileStem(job);
  return (
    <Box sx={{ display: 'flex', gap: 0.5, flexWrap: 'wrap', justifyContent: 'end' }}>
      <Button size="small" onClick={() => download(`${name}.shelf.json`, writeShelfFile(shelfOnSale(job)))}>
        Export shelf
      </Button>
      <Button
        size="small"
        onClick={() =>
          download(`${name}-${compartment}.csv`, writeShelfCsv(compartment, shelfOnSale(job)[compartment]), 'text/csv')
        }
      >
        Export CSV
      </Button>
      <FileButton
        variant="text"
        size="small"
        words="Import"
        label="Shelf file"
        accept=".json,.csv"
        onChoose={(chosen) => void importShelf(chosen)}
      />
      {fault !== null && (
        <Alert severity="error" sx={{ width: '100%' }} onClose={() => setFault(null)}>
          {fault} No changes made.
        </Alert>
      )}
    </Box>
  );
}
