import { formatForecast, formatMoment } from '../../../../core/units/moments.ts';
import Box from '@mui/material/Box';
import { recoatCloses } from '../../../../core/steps/wetness/recoat-window.ts';
import type { Coating, DryingStage } from '../../../../core/shelf/coating.ts';
import { formatDuration } from '../../../../core/units/measures.ts';
import { capital } from '../../../../core/units/sentence.ts';
import { accountLines, dryingAccount } from '../../../../core/forecasting/drying-account.ts';
import type { CoatCondition } from '../../../../core/shelf/drying/stage-legs.ts';
import { How } from '../../../parts/How.tsx';
import { useJob, useLocalise } from '../../../open-job/use-job.ts';
import { StageBar } from './StageBar.tsx';
import { STAGE_WORDS } from '../stage-words.ts';
import type { AirNow } from '../../../open-job/use-air.ts';

interface StageRowsProps {
  stages: readonly { stage: DryingStage; at: number }[];
  from: number;
  coating: Coating;
  air: AirNow;
  climateId: string;
  condition: CoatCondition;
}

/** Every stage of a coat: when it is reached, how long that takes, and how near it is. */
export function StageRows({ stages, from, coating, air, climateId, condition }: StageRowsProps) {
  const localise = useLocalise();
  const { units } = useJob().settings;
  const linesOf = (stage: DryingStage): string[] => {
    const account = dryingAccount(air.clocks, coating, stage, from, climateId, condition);
    return account ? accountLines(account, units) : [];
  };
  const { now, at } = air;
  const end = Math.max(60, ...stages.flatMap(({ at: reached }) => (reached < Infinity ? [reached - from] : [])));
  return (
    <Box component="ol" sx={{ display: 'grid', gap: 0.5 }}>
      {stages.map(({ stage, at: reached }) => {
        const closes = stage === 'recoat' ? recoatCloses(coating, from) : null;
        const isNever = reached === Infinity;
        const when = isNever ? 'not in 3 months' : formatForecast(at(Math.ceil(reached)), at(now));
        const until = closes === null ? '' : ` – ${formatMoment(at(closes), 'day')}, then sand`;
        return (
          <Box
            component="li"
            key={stage}
            sx={{
              display: 'grid',
              gridTemplateColumns: { xs: '92px minmax(0, 1fr)', sm: '120px 130px minmax(0, 1fr) auto' },
              columnGap: 1.5,
              rowGap: 0.25,
              py: 0.75,
              alignItems: 'center',
              minHeight: 44,
              borderBottom: '1px solid var(--line)',
            }}
          >
            <Box sx={{ fontWeight: 650 }}>{localise(STAGE_WORDS[stage])}</Box>
            <StageBar
              reached={reached - from}
              closes={closes === null ? null : closes - from}
              now={now - from}
              end={end}
              words={localise(`${capital(STAGE_WORDS[stage])} from ${when}${until}`)}
            />
            <Box className="condensed" sx={{ fontSize: 18, gridColumn: { xs: 2, sm: 'auto' } }}>
              {when}
              <Box component="span" sx={{ fontWeight: 500, fontSize: 15, color: 'var(--ink-soft)' }}>
                {until}
              </Box>
            </Box>
            <Box sx={{ color: 'var(--ink-soft)', gridColumn: { xs: 2, sm: 'auto' } }}>
              {isNever ? '' : `after ${formatDuration(reached - from)}`}{' '}
              <How of={`${capital(STAGE_WORDS[stage])} from ${when}`} lines={() => linesOf(stage)} page="conditions" />
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
