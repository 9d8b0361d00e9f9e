import InputAdornment from '@mui/material/InputAdornment';
import TextField, { type TextFieldProps } from '@mui/material/TextField';
import { useEffect, useRef, useState } from 'react';
import type { Outcome } from '../../../core/units/outcome.ts';
import { useLocalise } from '../../open-job/use-job.ts';
import { drafts } from '../../keeping/drafts.ts';

export interface StatedFieldProps extends Pick<
  TextFieldProps,
  'sx' | 'type' | 'fullWidth' | 'disabled' | 'multiline' | 'autoFocus' | 'slotProps'
> {
  label: string;
  /** What the document says, as text. */
  text: string;
  /** Takes what was typed; a refusal stays in the field with its message. */
  take(typed: string): Outcome<unknown>;
  /** Names the field for its draft: what was typed and could not be taken outlives the tab. */
  draft: string;
  unit?: string;
  helper?: string;
}

/**
 * A field of the document. Every stroke that makes sense is written at once; one that does not is kept as a draft, with
 * what is wrong beneath it, and is still there after a crash.
 */
export function StatedField({ label, text, take, draft, unit, helper, slotProps, ...rest }: StatedFieldProps) {
  const localise = useLocalise();
  const [typed, setTyped] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const hasFocus = useRef(false);
  const taking = useRef(take);
  taking.current = take;

  useEffect(() => {
    let gone = false;
    setTyped(null);
    setFault(null);
    void drafts.read(draft).then((kept) => {
      if (gone || kept === null) return;
      const outcome = taking.current(kept);
      if (outcome.ok) void drafts.keep(draft, '');
      else {
        setTyped(kept);
        setFault(outcome.message);
      }
    });
    return () => {
      gone = true;
    };
  }, [draft]);

  const change = (value: string): void => {
    setTyped(value);
    const outcome = take(value);
    setFault(outcome.ok ? null : outcome.message);
    void drafts.keep(draft, outcome.ok ? '' : value);
  };

  return (
    <TextField
      {...rest}
      label={localise(label)}
      value={typed ?? text}
      error={fault !== null}
      helperText={fault === null ? helper && localise(helper) : localise(fault)}
      onFocus={() => (hasFocus.current = true)}
      onBlur={() => {
        hasFocus.current = false;
        if (fault === null) setTyped(null);
      }}
      onChange={(event) => change(event.target.value)}
      slotProps={{
        ...slotProps,
        input: unit ? { endAdornment: <InputAdornment position="end">{unit}</InputAdornment> } : {},
      }}
    />
  );
}
