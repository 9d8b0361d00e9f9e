import { DateTime } from 'luxon';
import { CREW_DAYS, CREW_DAYS_IDS } from '../../../core/starting/crew-days.ts';
import { formatMoment } from '../../../core/units/moments.ts';
import { DatePicker } from '../../parts/fields/date-pickers.tsx';
import { StepperField } from '../../parts/fields/StepperField.tsx';
import { ToggleChoice } from '../../parts/fields/ToggleChoice.tsx';
import { Question, StartPart } from './StartPart.tsx';
import type { StartState } from './use-start.ts';

const SKILLS = [
  { value: 'first-timer', words: 'First time' },
  { value: 'steady', words: 'Done it before' },
  { value: 'professional', words: 'My trade' },
] as const;

/** Who paints, how used to it, and on which days. */
export function WhoPart({ state }: { state: StartState }) {
  const { begun, change, start, isPutOff } = state;
  return (
    <StartPart title="Who, and when?">
      <Question words="Painters">
        <StepperField
          label="Painters"
          value={begun.painters}
          least={1}
          most={12}
          onChange={(painters) => change({ painters })}
        />
      </Question>
      <Question words="How used to it">
        <ToggleChoice
          label="How used to it"
          value={begun.skill}
          choices={SKILLS}
          onChange={(skill) => change({ skill })}
        />
      </Question>
      <Question words="Days">
        <ToggleChoice
          label="Days"
          value={begun.days}
          choices={CREW_DAYS_IDS.map((id) => ({ value: id, words: CREW_DAYS[id].name }))}
          onChange={(days) => change({ days })}
        />
      </Question>
      <Question words="First day">
        <DatePicker
          value={DateTime.fromISO(start)}
          onChange={(day) => day?.isValid && change({ start: day.toISODate() })}
          slotProps={{ textField: { size: 'small', 'aria-label': 'First day' } }}
        />
        {isPutOff && (
          <p style={{ margin: '6px 0 0', fontSize: 14 }}>
            Too cold to paint outside before. Usual weather is warm enough from {formatMoment(start, 'date')}.
          </p>
        )}
      </Question>
    </StartPart>
  );
}
