import { capital } from '../../../core/units/sentence.ts';
import { DateTime } from 'luxon';
import { formatForecast, formatMoment } from '../../../core/units/moments.ts';
import { ChoiceField, choicesOf } from '../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import type { Patch } from '../../../core/job/document/finding-schema.ts';
import { coatingOf, shelfOf } from '../../../core/job/queries/shelf.ts';
import type { FinishGroup } from '../../../core/job/document/group-schema.ts';
import { minutesSince } from '../../../core/job/site-time.ts';
import { patchReading } from '../../../core/surface-tests/patch-reading.ts';
import { KEY_WORDS } from '../../parts/key-words.ts';
import { useCommands, useJob, useNow } from '../../open-job/use-job.ts';
import { Section, Sheet } from '../../parts/Section.tsx';

const clock = (at: string): string => formatMoment(at, 'dayTime');

/** Test patches of a group: laid, drying, and read with a fingernail and tape. */
export function PatchList({ group, where }: { group: FinishGroup; where: string }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const patches = job.patches.filter(({ groupId }) => groupId === group.id);
  const coatings = shelfOf(job).coatings.filter(({ archived }) => !archived);
  const usual = group.buildUp?.coats.find(({ extent }) => extent === 'all')?.product ?? coatings[0]?.id ?? '';
  const [product, setProduct] = useState(usual);
  const [key, setKey] = useState<Patch['key']>(group.buildUp?.key ?? 'degloss');
  return (
    <Section
      title="Test patches"
      aside={
        <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
          Try the system on a hidden spot, then nail and tape
        </Typography>
      }
    >
      <Sheet>
        {patches.map((patch) => (
          <PatchRow key={patch.id} patch={patch} />
        ))}
        <Box sx={{ display: 'flex', gap: 1.25, flexWrap: 'wrap', alignItems: 'center' }}>
          <ChoiceField
            size="small"
            label="First coat"
            value={product}
            sx={{ width: 250 }}
            choices={coatings.map(({ id, name }) => ({ value: id, words: name }))}
            onChange={setProduct}
          />
          <ChoiceField
            size="small"
            label="Prep"
            value={key}
            sx={{ width: 170 }}
            choices={choicesOf(KEY_WORDS)}
            onChange={setKey}
          />
          <Button
            variant="outlined"
            sx={{ minHeight: 44 }}
            onClick={() =>
              apply('add-patch', {
                entry: {
                  id: nanoid(10),
                  groupId: group.id,
                  where: where || 'hidden spot',
                  key,
                  coats: [{ product, at: now }],
                  read: null,
                  note: '',
                },
              })
            }
          >
            Start a patch
          </Button>
        </Box>
      </Sheet>
    </Section>
  );
}

/** One patch with its drying clock, until it is read. */
function PatchRow({ patch }: { patch: Patch }) {
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const { laidAt, recoatFrom, readFrom, sureFrom } = patchReading(job, patch);
  const zone = job.site.timeZone;
  const minutes = (at: string | null): number => (at === null ? Infinity : minutesSince(laidAt, at, zone));
  const isEarly = readFrom === null || minutes(now) < minutes(readFrom);
  const forecast = (at: string): string => formatForecast(DateTime.fromISO(at), DateTime.fromISO(now));
  const words = readFrom === null ? 'won’t dry here within 90 days' : `read from ${forecast(readFrom)}`;
  const names = patch.coats.map((coat) => coatingOf(job, coat.product)?.name ?? coat.product).join(', then ');
  const topcoats = shelfOf(job).coatings.filter(({ role, archived }) => role === 'topcoat' && !archived);
  const read = (held: boolean): void =>
    void apply('change-patch', { id: patch.id, facts: { read: { at: now, held } } });
  return (
    <Box
      component="article"
      aria-label={`Patch on ${patch.where}`}
      sx={{
        display: 'flex',
        gap: 2,
        flexWrap: 'wrap',
        alignItems: 'center',
        pb: 2,
        mb: 2,
        borderBottom: '1px solid var(--line)',
      }}
    >
      <Box sx={{ flex: '1 1 260px' }}>
        <strong>{patch.where}</strong>: {names}
        <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
          {KEY_WORDS[patch.key]}, painted {clock(laidAt)}
          {patch.read === null && recoatFrom !== null && `, next coat from ${forecast(recoatFrom)}`}
        </Box>
      </Box>
      {patch.read ? (
        <Box sx={{ fontWeight: 700, color: patch.read.held ? 'var(--ready)' : 'var(--late)' }}>
          {patch.read.held ? 'Held' : 'Failed'}, {clock(patch.read.at)}
        </Box>
      ) : (
        <>
          <Box sx={{ display: 'grid', gap: 0.25 }}>
            <Box sx={{ fontWeight: 650 }}>
              {capital(words)}
              {sureFrom !== null && `, surest from ${forecast(sureFrom)}`}
            </Box>
          </Box>
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button variant={isEarly ? 'outlined' : 'contained'} sx={{ minHeight: 44 }} onClick={() => read(true)}>
              Held
            </Button>
            <Button variant="outlined" color="error" sx={{ minHeight: 44 }} onClick={() => read(false)}>
              Failed
            </Button>
            <ChoiceField
              size="small"
              label="Add a coat"
              value=""
              sx={{ width: 150 }}
              choices={topcoats.map(({ id, name }) => ({ value: id, words: name }))}
              onChange={(chosen) =>
                apply('change-patch', {
                  id: patch.id,
                  facts: { coats: [...patch.coats, { product: chosen, at: now }] },
                })
              }
            />
          </Box>
        </>
      )}
      <Button size="small" onClick={() => apply('remove-patch', { id: patch.id })}>
        Delete
      </Button>
    </Box>
  );
}
