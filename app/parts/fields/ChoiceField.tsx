import MenuItem from '@mui/material/MenuItem';
import TextField, { type TextFieldProps } from '@mui/material/TextField';
import type { ReactNode } from 'react';
import { useLocalise } from '../../open-job/use-job.ts';

/** Something that can be chosen, and how it is called. */
export interface Choice<T extends string | number> {
  value: T;
  words: ReactNode;
  isDisabled?: boolean;
}

interface ChoiceFieldProps<T extends string | number> extends Omit<
  TextFieldProps,
  'select' | 'value' | 'onChange' | 'children'
> {
  value: NoInfer<T> | '';
  choices: readonly Choice<T>[];
  onChange(chosen: NoInfer<T>): void;
}

/** Choices from the names of things, in their order. */
export const choicesOf = <T extends string>(names: Readonly<Record<T, ReactNode>>): Choice<T>[] =>
  (Object.keys(names) as T[]).map((value) => ({ value, words: names[value] }));

/** A field in which one of several things is chosen. */
export function ChoiceField<T extends string | number>({
  value,
  choices,
  onChange,
  label,
  ...rest
}: ChoiceFieldProps<T>) {
  const localise = useLocalise();
  const worded = (words: ReactNode): ReactNode => (typeof words === 'string' ? localise(words) : words);
  return (
    <TextField
      {...rest}
      label={worded(label)}
      select
      value={value}
      onChange={(event) => {
        const chosen = choices.find(
          (choice) => String(choice.value) === event.target.value || choice.value === (event.target.value as unknown),
        );
        if (chosen) onChange(chosen.value);
      }}
    >
      {choices.map(({ value: each, words, isDisabled = false }) => (
        <MenuItem key={each} value={each} disabled={isDisabled}>
          {worded(words)}
        </MenuItem>
      ))}
    </TextField>
  );
}
