import Button, { type ButtonProps } from '@mui/material/Button';
import { useRef, type InputHTMLAttributes } from 'react';

interface FileButtonProps extends Pick<ButtonProps, 'variant' | 'size' | 'startIcon' | 'sx'> {
  words: string;
  /** What the file is, for the field behind the button. */
  label: string;
  /** A list of text, as CSV, where nothing else is said. */
  accept?: string;
  /** Whether a phone opens its camera at once, rather than ask for files. */
  withCamera?: boolean;
  multiple?: boolean;
  onChoose(file: File, all: readonly File[]): void;
}

/** A button that asks for a file; the same file may be chosen again. */
export function FileButton({
  words,
  label,
  accept = '.csv,text/csv,text/plain',
  withCamera = false,
  multiple = false,
  onChoose,
  ...button
}: FileButtonProps) {
  const field = useRef<HTMLInputElement>(null);
  const camera: InputHTMLAttributes<HTMLInputElement> = withCamera ? { capture: 'environment' } : {};
  return (
    <>
      <Button variant="outlined" {...button} onClick={() => field.current?.click()}>
        {words}
      </Button>
      <input
        ref={field}
        type="file"
        hidden
        {...camera}
        multiple={multiple}
        accept={accept}
        aria-label={label}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          event.target.value = '';
          if (files[0]) onChoose(files[0], files);
        }}
      />
    </>
  );
}
