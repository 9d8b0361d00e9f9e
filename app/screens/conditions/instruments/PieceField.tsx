import { ChoiceField } from '../../../parts/fields/ChoiceField.tsx';
import { useJob } from '../../../open-job/use-job.ts';

/** Which piece an instrument is held against. */
export function PieceField({ label, value, onChange }: { label: string; value: string; onChange(id: string): void }) {
  const job = useJob();
  return (
    <ChoiceField
      label={label}
      value={value}
      slotProps={{ select: { MenuProps: { sx: { maxHeight: 380 } } } }}
      choices={job.pieces.map(({ id, mark, note }) => ({
        value: id,
        words: (
          <>
            {mark}
            {note && `, ${note}`}
          </>
        ),
      }))}
      onChange={onChange}
    />
  );
}
