import { useId } from 'react';

interface SelectProps<T extends string> {
  label: string;
  value: NoInfer<T>;
  options: readonly { value: T; words: string }[];
  onChange(value: NoInfer<T>): void;
}

/** One of a few things, in a part of the guide. */
export function Select<T extends string>({ label, value, options, onChange }: SelectProps<T>) {
  const id = useId();
  return (
    <>
      <label htmlFor={id}>{label}</label>
      <select
        id={id}
        value={value}
        onChange={(event) => {
          const chosen = options.find((option) => option.value === event.target.value);
          if (chosen) onChange(chosen.value);
        }}
      >
        {options.map(({ value: each, words }) => (
          <option key={each} value={each}>
            {words}
          </option>
        ))}
      </select>
    </>
  );
}

interface RangeProps {
  label: string;
  unit: string;
  value: number;
  min: number;
  max: number;
  onChange(value: number): void;
}

/** A number that is slid, with its figure in its label. */
export function Range({ label, unit, value, min, max, onChange }: RangeProps) {
  const id = useId();
  return (
    <>
      <label htmlFor={id}>
        {label}: {value}
        {unit}
      </label>
      <input
        id={id}
        type="range"
        min={min}
        max={max}
        value={value}
        onChange={(event) => onChange(Number(event.target.value))}
      />
    </>
  );
}
