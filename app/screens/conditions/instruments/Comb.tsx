import { FILM } from '../../../../core/units/measures.ts';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { COMB_TEETH, simulatedComb } from '../../../../core/air/simulated-instruments.ts';
import { progressByTask } from '../../../../core/job/progress.ts';
import { isCoat } from '../../../../core/steps/wetness/current-coats.ts';
import { pieceSteps } from '../../../../core/steps/piece-steps.ts';
import { wetFilm } from '../../../../core/shelf/film.ts';
import { useCommands, useJob, useNow, useLocalise } from '../../../open-job/use-job.ts';
import { Fine, Instrument } from './Instrument.tsx';

const OFFERED = 30;

/** A wet-film comb: the film of a coat as it goes on, which its drying clock then counts with. */
export function Comb() {
  const localise = useLocalise();
  const job = useJob();
  const now = useNow();
  const { apply } = useCommands();
  const { units } = job.settings;
  const progress = progressByTask(job.log);
  const coats = job.pieces
    .flatMap((piece) => pieceSteps(job, piece).filter(isCoat))
    .flatMap((step) => {
      const { startedAt, doneAt } = progress.get(step.id) ?? {};
      const at = doneAt ?? startedAt;
      return at ? [{ step, at }] : [];
    })
    .sort((one, other) => (one.at < other.at ? 1 : -1))
    .slice(0, OFFERED);
  const [taskId, setTaskId] = useState('');
  const [read, setRead] = useState<{ wetted: number; dry: number } | null>(null);
  const chosen = coats.find(({ step }) => step.id === taskId) ?? coats[0];
  const stated = chosen
    ? wetFilm(chosen.step.coat.coating.volumeSolids, chosen.step.coat.coating.dryFilm, chosen.step.coat.coat.thinning)
    : null;
  return (
    <Instrument
      name="Wet-film comb"
      display={
        read ? (
          <>
            {FILM.fieldValue(read.wetted, units, 1)}–{FILM.format(read.dry, units)}
            <Fine>
              {FILM.fieldValue(read.wetted, units, 1)} tooth wet, {FILM.fieldValue(read.dry, units, 1)} tooth dry
            </Fine>
          </>
        ) : (
          <CombDrawing />
        )
      }
    >
      {chosen && stated !== null ? (
        <>
          <ChoiceField
            label="Pressed into"
            value={chosen.step.id}
            choices={coats.map(({ step }) => ({
              value: step.id,
              words: (
                <>
                  {step.piece.mark}, {step.coat.faces.join(' and ')}, coat {step.coat.number}
                </>
              ),
            }))}
            onChange={(chosen) => {
              setTaskId(chosen);
              setRead(null);
            }}
          />
          <Box sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
            {localise(`${chosen.step.coat.coating.name}: ${FILM.format(stated, units)} wet film (tin)`)}
          </Box>
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button fullWidth variant="outlined" onClick={() => setRead(simulatedComb(chosen.step.id, stated))}>
              Take reading
            </Button>
            <Button
              fullWidth
              variant="contained"
              disabled={read === null}
              onClick={() => {
                if (!read) return;
                // Between two teeth nobody knows better than the middle.
                const film = (read.wetted + read.dry) / 2;
                apply('take-readings', {
                  readings: [
                    { id: nanoid(10), kind: 'film', at: now, from: 'simulated', taskId: chosen.step.id, film },
                  ],
                });
                setRead(null);
              }}
            >
              Log
            </Button>
          </Box>
        </>
      ) : (
        <Box sx={{ fontSize: 14 }}>No coats started yet.</Box>
      )}
    </Instrument>
  );
}

function CombDrawing() {
  const teeth = COMB_TEETH.slice(0, 10);
  return (
    <svg viewBox="0 0 200 54" role="img" aria-label="in the tray" style={{ width: '100%', height: 54 }}>
      <path
        d={`M4 4H196V50H190V${teeth.map((_tooth, index) => `${20 + index}H${184 - index * 18}V50H${178 - index * 18}V${21 + index}`).join('')}H4Z`}
        fill="#b9c0c0"
        stroke="#18292b"
        strokeWidth={1.5}
      />
    </svg>
  );
}
