import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import { TOOL_IDS } from '../../../core/shelf/tools.ts';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import IconButton from '@mui/material/IconButton';
import Tooltip from '@mui/material/Tooltip';
import { useState } from 'react';
import { PRIMER_GREYS } from '../../../core/colour/primer-tints.ts';
import type { Coating } from '../../../core/shelf/coating.ts';
import { shelfOf } from '../../../core/job/queries/shelf.ts';
import { EXTENTS, type Coat } from '../../../core/job/document/coat-schema.ts';
import type { Job } from '../../../core/job/document/schema.ts';
import { AddIcon, DeleteIcon, EditIcon } from '../../drawing/icons.tsx';
import { EXTENT_WORDS } from '../../parts/extent-words.ts';
import { EntryDialog } from './shelf/EntryDialog.tsx';

const MAX_COATS = 12;

interface CoatListProps {
  job: Job;
  label: string;
  coats: readonly Coat[];
  onChange(coats: Coat[]): void;
}

const TINTS: Readonly<Record<string, string>> = Object.fromEntries(
  ['light grey', 'mid grey', 'dark grey'].map((words, index) => [PRIMER_GREYS[index] ?? '', words]),
);

/** How far a coat is thinned, and what a primer is tinted to. */
function CoatDetails({
  coat,
  coating,
  number,
  onChange,
}: {
  coat: Coat;
  coating: Coating | undefined;
  number: number;
  onChange(facts: Partial<Coat>): void;
}) {
  const most = coating?.mostThinning ?? 0;
  const canBeTinted = coating?.role === 'primer' && !coating.clear && coat.extent === 'all';
  const thinnings = [...new Set([0, 5, 10, 15, 20, 25, coat.thinning])]
    .filter((percent) => percent <= most || percent === coat.thinning)
    .sort((one, other) => one - other);
  return (
    <Box sx={{ gridColumn: '1 / -1', display: 'flex', gap: 0.75, flexWrap: 'wrap' }}>
      <ChoiceField
        size="small"
        label={`Thinning, coat ${number}`}
        value={coat.thinning}
        sx={{ width: 150 }}
        choices={thinnings.map((percent) => ({ value: percent, words: percent === 0 ? 'none' : `${percent}%` }))}
        onChange={(thinning) => onChange({ thinning })}
      />
      {canBeTinted && (
        <ChoiceField
          size="small"
          label={`Tint, coat ${number}`}
          value={coat.tint ?? ''}
          sx={{ width: 150 }}
          choices={[
            { value: '', words: 'white' },
            ...Object.entries(TINTS).map(([value, words]) => ({ value, words })),
            ...(coat.tint !== undefined && !(coat.tint in TINTS) ? [{ value: coat.tint, words: coat.tint }] : []),
          ]}
          onChange={(tint) => onChange({ tint: tint === '' ? undefined : tint })}
        />
      )}
    </Box>
  );
}

/** The coats of a face, the first on top of the list: product, where it goes, and with what. */
export function CoatList({ job, label, coats, onChange }: CoatListProps) {
  const { coatings } = shelfOf(job);
  const [openId, setOpenId] = useState<string | null>(null);
  const change = (index: number, facts: Partial<Coat>): void =>
    onChange(coats.map((coat, other) => (other === index ? { ...coat, ...facts } : coat)));
  return (
    <Box
      component="fieldset"
      sx={{ border: '1px solid var(--line)', borderRadius: '6px', p: 1.25, m: 0, display: 'grid', gap: 1, minWidth: 0 }}
    >
      <Box component="legend" sx={{ px: 0.75, fontSize: 14, color: 'var(--ink-soft)' }}>
        {label}, first coat at the top
      </Box>
      {coats.map((coat, index) => {
        const isStated = job.shelf.coatings.some(({ id }) => id === coat.product);
        const name = coatings.find(({ id }) => id === coat.product)?.name ?? coat.product;
        return (
          <Box
            key={index}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '1fr 1fr 40px 40px', sm: 'minmax(0, 1fr) 94px 92px 36px 36px' },
              gap: 0.75,
              alignItems: 'center',
            }}
          >
            <ChoiceField
              size="small"
              label={`Coat ${index + 1}`}
              value={coat.product}
              sx={{ gridColumn: { xs: '1 / -1', sm: 'auto' } }}
              choices={coatings
                .filter(({ id, archived }) => !archived || id === coat.product)
                .map((coating) => ({ value: coating.id, words: coating.name }))}
              onChange={(chosen) => change(index, { product: chosen })}
            />
            <ChoiceField
              size="small"
              label="Where"
              value={coat.extent}
              choices={EXTENTS.map((extent) => ({ value: extent, words: EXTENT_WORDS[extent] }))}
              onChange={(chosen) => change(index, { extent: chosen })}
            />
            <ChoiceField
              size="small"
              label="Tool"
              value={coat.tool}
              choices={TOOL_IDS.map((tool) => ({ value: tool, words: tool }))}
              onChange={(chosen) => change(index, { tool: chosen })}
            />
            <Tooltip title={isStated ? 'Your figures – edit' : 'Default figures – enter your tin’s'}>
              <IconButton
                aria-label={`Figures of ${name}`}
                onClick={() => setOpenId(coat.product)}
                sx={{ color: isStated ? 'var(--ready)' : undefined }}
              >
                <EditIcon />
              </IconButton>
            </Tooltip>
            <IconButton
              aria-label={`Remove coat ${index + 1}`}
              disabled={coats.length === 1}
              onClick={() => onChange(coats.filter((_coat, other) => other !== index))}
            >
              <DeleteIcon />
            </IconButton>
            <CoatDetails
              coat={coat}
              coating={coatings.find(({ id }) => id === coat.product)}
              number={index + 1}
              onChange={(facts) => change(index, facts)}
            />
          </Box>
        );
      })}
      <Button
        size="small"
        startIcon={<AddIcon />}
        sx={{ justifySelf: 'start' }}
        disabled={coats.length >= MAX_COATS}
        onClick={() =>
          onChange([
            ...coats,
            coats.at(-1) ?? { product: 'enamel-acrylic', tool: 'roller', thinning: 0, extent: 'all' },
          ])
        }
      >
        Add coat
      </Button>
      {openId !== null && <EntryDialog compartment="coatings" id={openId} onClose={() => setOpenId(null)} />}
    </Box>
  );
}
