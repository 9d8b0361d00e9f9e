import Box from '@mui/material/Box';
import { kindOfJob, optionOf } from '../../../core/starting/start-choices.ts';
import { RUN } from '../../../core/units/measures.ts';
import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import { StepperField } from '../../parts/fields/StepperField.tsx';
import { ToggleChoice } from '../../parts/fields/ToggleChoice.tsx';
import { useLocalise } from '../../open-job/use-job.ts';
import { KindCards } from './KindCards.tsx';
import { Question, StartPart } from './StartPart.tsx';
import { TypedLines } from './TypedLines.tsx';
import type { StartState } from './use-start.ts';

/** From so many options on they are a list, not buttons side by side. */
const MANY = 8;
/** m of skirting or railing that a tap adds. */
const RUN_STEP = 5;

/** What there is to paint: the kind of job, how many of each piece, what they are and what is on them. */
export function WhatPart({ state }: { state: StartState }) {
  const { begun, change, choose, settings } = state;
  const localise = useLocalise();
  const kind = kindOfJob(begun.kind);
  const count = (id: string, value: number): void => change({ counts: { ...begun.counts, [id]: value } });
  return (
    <StartPart title="What are you painting?">
      <TypedLines state={state} />
      <KindCards chosen={begun.kind} onChoose={choose} />
      <Box sx={{ display: 'grid', gap: 1.25 }}>
        {kind.counted.map(({ id, name, most, longest }) => (
          <Question key={id} words={localise(name)}>
            {longest === undefined ? (
              <StepperField
                label={name}
                value={begun.counts[id] ?? 0}
                least={0}
                most={most}
                onChange={(value) => count(id, value)}
              />
            ) : (
              <StepperField
                label={name}
                value={Math.round(RUN.fieldValue(begun.counts[id] ?? 0, settings.units, 0))}
                least={0}
                most={Math.round(RUN.fieldValue(most, settings.units, 0))}
                step={RUN_STEP}
                unit={RUN.unit(settings.units)}
                onChange={(value) => count(id, RUN.fromField(value, settings.units))}
              />
            )}
          </Question>
        ))}
        {kind.choices.map((choice) => {
          const chosen = optionOf(choice, begun.chosen).id;
          const options = choice.options.map(({ id, name }) => ({ value: id, words: name }));
          const pick = (id: string): void => change({ chosen: { ...begun.chosen, [choice.id]: id } });
          return (
            <Question key={choice.id} words={localise(choice.name)}>
              {options.length > MANY ? (
                <ChoiceField
                  label={choice.name}
                  value={chosen}
                  choices={options}
                  onChange={pick}
                  sx={{ minWidth: 240 }}
                />
              ) : (
                <ToggleChoice label={choice.name} value={chosen} choices={options} onChange={pick} />
              )}
            </Question>
          );
        })}
      </Box>
    </StartPart>
  );
}
