import Button from '@mui/material/Button';
import { useRef } from 'react';

interface FileButtonProps {
  words: string;
  /** What the file is, for the field behind the button. */
  label: string;
  onChoose(file: File): void;
}

/** A button that asks for a list of text, as CSV. */
export function FileButton({ words, label, onChoose }: FileButtonProps) {
  const field = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button variant="outlined" onClick={() => field.current?.click()}>
        {words}
      </Button>
      <input
        ref={field}
        type="file"
        accept=".csv,text/csv,text/plain"
        hidden
        aria-label={label}
        onChange={(event) => {
          const [chosen] = event.target.files ?? [];
          event.target.value = '';
          if (chosen) onChoose(chosen);
        }}
      />
    </>
  );
}
