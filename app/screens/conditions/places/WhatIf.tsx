import { TableHead } from '../../../parts/TableHead.tsx';
import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Switch from '@mui/material/Switch';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { climates } from '../../../../core/job/commands/climates.ts';
import { VENTILATIONS, type Climate, type Ventilation } from '../../../../core/air/climate.ts';
import type { CoatKind } from '../../../../core/forecasting/coats-in.ts';
import { changedClimate, changedClocks, type AirChange } from '../../../../core/forecasting/what-if.ts';
import type { JobClocks } from '../../../../core/clocks/job-clocks.ts';
import type { Coating, DryingStage } from '../../../../core/shelf/coating.ts';
import { formatDuration, TEMPERATURE } from '../../../../core/units/measures.ts';
import { useCommands, useJob } from '../../../open-job/use-job.ts';
import { ListTable } from '../../../parts/ListTable.tsx';
import { Caution, Sheet } from '../../../parts/Section.tsx';
import type { AirNow } from '../../../open-job/use-air.ts';
import { STAGE_WORDS } from '../stage-words.ts';

const STAGES_SHOWN: readonly DryingStage[] = ['handle', 'recoat', 'rehang'];

/** What heating or a fan would do to the waits of what dries here, from now on; and a button that does it. */
export function WhatIf({ climate, air, coats }: { climate: Climate; air: AirNow; coats: readonly CoatKind[] }) {
  const job = useJob();
  const { apply } = useCommands();
  const { units } = job.settings;
  const [isHeated, setIsHeated] = useState(true);
  const [typed, setTyped] = useState(String(TEMPERATURE.fieldValue(20, units)));
  const [from, setFrom] = useState(22);
  const [until, setUntil] = useState(7);
  const [ventilation, setVentilation] = useState<Ventilation>(climate.ventilation);
  const setPoint = TEMPERATURE.fromField(Number(typed.replace(',', '.')), units);
  const isRight = typed.trim() !== '' && setPoint >= 0 && setPoint <= 40;
  const change: AirChange | null = useMemo(
    () =>
      isHeated && !isRight
        ? null
        : { climateId: climate.id, ventilation, heated: isHeated ? { setPoint, from, until } : null },
    [climate.id, ventilation, isHeated, isRight, setPoint, from, until],
  );
  const changed = useMemo(
    () => change && changedClocks(job, air.clocks, change, air.now),
    [job, air.clocks, air.now, change],
  );
  const products = [...new Map(coats.map(({ coating }) => [coating.id, coating])).values()];
  return (
    <Sheet>
      <Box component="section" aria-label="What if" sx={{ display: 'grid', gap: 1.5 }}>
        <Box sx={{ display: 'flex', gap: 1.25, alignItems: 'center', flexWrap: 'wrap' }}>
          <Typography variant="h3" sx={{ mr: 1 }}>
            What if…
          </Typography>
          <FormControlLabel
            control={<Switch checked={isHeated} onChange={(event) => setIsHeated(event.target.checked)} />}
            label="Extra heating"
          />
          <TextField
            label={`To ${TEMPERATURE.unit(units)}`}
            value={typed}
            disabled={!isHeated}
            error={isHeated && !isRight}
            helperText={
              isHeated && !isRight
                ? `Type ${TEMPERATURE.fieldValue(0, units)} to ${TEMPERATURE.fieldValue(40, units)}.`
                : ''
            }
            onChange={(event) => setTyped(event.target.value)}
            sx={{ width: 92 }}
          />
          <HourField label="From" hour={from} disabled={!isHeated} onChange={setFrom} />
          <HourField label="Until" hour={until} disabled={!isHeated} onChange={setUntil} />
          <ChoiceField
            label="Ventilation"
            value={ventilation}
            sx={{ width: 120 }}
            choices={VENTILATIONS.map((name) => ({ value: name, words: name }))}
            onChange={setVentilation}
          />
          <Button
            variant="outlined"
            disabled={change === null}
            onClick={() =>
              change &&
              apply('change-climate', {
                id: climate.id,
                facts: climates.facts.difference(climate, changedClimate(climate, change)),
              })
            }
          >
            Apply
          </Button>
        </Box>
        {changed && products.length > 0 && (
          <Waits climateId={climate.id} products={products} air={air} before={air.clocks} after={changed} />
        )}
        {products.length === 0 && (
          <Typography sx={{ fontSize: 14, color: 'var(--ink-soft)' }}>
            No coats dry here yet. Try any product in Drying times.
          </Typography>
        )}
        {isHeated && (
          <Caution>
            No flame or glowing heater near solvent, mist or oily rags. Don’t leave heaters unattended. Gas and paraffin
            add damp.
          </Caution>
        )}
      </Box>
    </Sheet>
  );
}

function HourField(props: { label: string; hour: number; disabled: boolean; onChange(hour: number): void }) {
  const { label, hour, disabled, onChange } = props;
  return (
    <TextField
      select
      label={label}
      value={hour}
      disabled={disabled}
      onChange={(event) => onChange(Number(event.target.value))}
      sx={{ width: 100 }}
      slotProps={{ select: { MenuProps: { sx: { maxHeight: 320 } } } }}
    >
      {Array.from({ length: 24 }, (_unused, index) => (
        <MenuItem key={index} value={index}>
          {String(index).padStart(2, '0')}:00
        </MenuItem>
      ))}
    </TextField>
  );
}

interface WaitsProps {
  climateId: string;
  products: readonly Coating[];
  air: AirNow;
  before: JobClocks;
  after: JobClocks;
}

/** Waits of a coat that is finished now, as things are and with the change. */
function Waits({ climateId, products, air, before, after }: WaitsProps) {
  const wait = (clocks: JobClocks, coating: Coating, stage: DryingStage): number | null => {
    const at = clocks.reached(coating, stage, air.now, climateId);
    return at === null ? null : at - air.now;
  };
  const said = (minutes: number): string => (minutes === Infinity ? 'not in 3 months' : formatDuration(minutes));
  return (
    <ListTable>
      <TableHead columns={['Painted now', ...STAGES_SHOWN.map((stage) => STAGE_WORDS[stage])]} />
      <tbody>
        {products.map((coating) => (
          <tr key={coating.id}>
            <th scope="row" style={{ fontWeight: 600, whiteSpace: 'normal', minWidth: 120 }}>
              {coating.name}
            </th>
            {STAGES_SHOWN.map((stage) => {
              const [asIs, so] = [wait(before, coating, stage), wait(after, coating, stage)];
              if (asIs === null || so === null) return <td key={stage}>–</td>;
              const share = asIs === Infinity ? (so === Infinity ? 1 : 0) : so / asIs;
              return (
                <td key={stage}>
                  <Box sx={{ display: 'grid', gap: 0.25, minWidth: 118 }}>
                    <span>
                      {said(asIs)} <span aria-hidden>→</span>{' '}
                      <strong
                        style={{ color: so < asIs - 1 ? 'var(--ready)' : so > asIs + 1 ? 'var(--late)' : 'inherit' }}
                      >
                        {said(so)}
                      </strong>
                    </span>
                    <Box aria-hidden sx={{ height: 7, borderRadius: 4, background: 'var(--line)', overflow: 'hidden' }}>
                      <Box
                        sx={{
                          height: 7,
                          borderRadius: 4,
                          width: `${Math.min(100, 100 * share)}%`,
                          background: 'var(--vial-deep)',
                        }}
                      />
                    </Box>
                  </Box>
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </ListTable>
  );
}
