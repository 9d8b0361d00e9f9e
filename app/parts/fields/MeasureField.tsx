import type { Measure } from '../../../core/units/measures.ts';
import type { Outcome } from '../../../core/units/outcome.ts';
import { useJob } from '../../open-job/use-job.ts';
import { StatedField, type StatedFieldProps } from './StatedField.tsx';

interface MeasureFieldProps extends Omit<StatedFieldProps, 'text' | 'unit' | 'take'> {
  measure: Measure;
  /** In the stored unit; null while it is not stated. */
  value: number | null;
  /** What is right, in the stored unit. */
  limits: readonly [number, number];
  /** What it is counted for: “an hour”. */
  per?: string;
  /** Takes it in the stored unit. */
  take(value: number): Outcome<unknown>;
}

/** A field for something that is measured, in the units of the open job. */
export function MeasureField({ measure, value, limits, per, take, ...rest }: MeasureFieldProps) {
  const { units } = useJob().settings;
  return (
    <StatedField
      {...rest}
      unit={per === undefined ? measure.unit(units) : `${measure.unit(units)} ${per}`}
      text={value === null ? '' : String(measure.fieldValue(value, units))}
      take={(typed) => {
        const read = measure.read(typed, limits, units);
        return read.ok ? take(read.value) : read;
      }}
    />
  );
}
