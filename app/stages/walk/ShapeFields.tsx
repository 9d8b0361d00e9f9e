import Button from '@mui/material/Button';
import Box from '@mui/material/Box';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { Shape, ShapeField, ShapeValue } from '../../../core/pieces/definition.ts';
import { definitionOf, type PieceKind } from '../../../core/pieces/registry.ts';
import { lengthFieldText, formatLength, parseLength } from '../../../core/units/length.ts';
import { accepted, refused, type Outcome } from '../../../core/units/outcome.ts';
import type { UnitSystem } from '../../../core/units/system.ts';
import { wholeNumber } from '../../ui/number-field.ts';
import { StatedField } from '../../ui/StatedField.tsx';

interface ShapeFieldsProps {
  kind: PieceKind;
  shape: Shape;
  units: UnitSystem;
  /** Names the fields for their drafts. */
  draft: string;
  /** Told what a field now reads as, or why it can't be read; answers whether it was taken. */
  take(key: string, read: Outcome<ShapeValue>): Outcome<unknown>;
}

/** Reads what was typed for one field of a shape, inside the bounds of its kind. */
function readField(field: ShapeField, typed: string, units: UnitSystem): Outcome<ShapeValue> {
  if (field.unit === 'choice') return accepted(typed);
  if (field.unit === 'count') return wholeNumber(typed, field.min, field.max);
  if (field.unit === 'shares') {
    const parts = typed.split(/[\s,:;/]+/).filter(Boolean);
    const shares = parts.map(Number);
    if (parts.length < field.min || parts.length > field.max || shares.some((share) => !(share > 0))) {
      return refused(`Write one number a row, from the top, such as 2 5 5; ${field.min} to ${field.max} rows.`);
    }
    return accepted(shares);
  }
  const length = parseLength(typed, units);
  if (!length.ok) return length;
  if (length.value < field.min || length.value > field.max) {
    return refused(
      `${field.label} lies between ${formatLength(field.min, units)} and ${formatLength(field.max, units)}; this is ${formatLength(length.value, units)}.`,
    );
  }
  return length;
}

function fieldText(field: ShapeField, value: ShapeValue | undefined, units: UnitSystem): string {
  if (Array.isArray(value)) return value.join(' ');
  if (field.unit === 'mm' && typeof value === 'number') return lengthFieldText(value, units);
  return String(value ?? '');
}

/** The sizes of a piece: the main ones first, the rest of its shape on request. */
export function ShapeFields({ kind, shape, units, draft, take }: ShapeFieldsProps) {
  const [isWhole, setIsWhole] = useState(false);
  const { fields } = definitionOf(kind);
  const isFramed = shape.style !== 'slab';
  const shown = fields.filter((field) => field.main || (isWhole && isFramed));
  const hasMore = isFramed && fields.some((field) => !field.main);
  return (
    <>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, minmax(0, 1fr))', gap: 1.25 }}>
        {shown.map((field) => {
          const wide = field.unit === 'shares' || field.unit === 'choice';
          const sx = { gridColumn: wide ? 'span 2' : undefined };
          if (field.unit === 'choice') {
            return (
              <TextField
                key={field.key}
                select
                label={field.label}
                value={shape[field.key] ?? ''}
                onChange={(event) => take(field.key, accepted(event.target.value))}
                sx={sx}
              >
                {field.choices.map((choice) => (
                  <MenuItem key={choice.value} value={choice.value}>
                    {choice.label}
                  </MenuItem>
                ))}
              </TextField>
            );
          }
          return (
            <StatedField
              key={field.key}
              label={field.label}
              text={fieldText(field, shape[field.key], units)}
              draft={`${draft}/${field.key}`}
              {...(field.unit === 'mm' ? { unit: units === 'metric' ? 'mm' : 'in' } : {})}
              sx={sx}
              take={(typed) => take(field.key, readField(field, typed, units))}
            />
          );
        })}
      </Box>
      {hasMore && (
        <Button size="small" onClick={() => setIsWhole(!isWhole)} sx={{ justifySelf: 'start' }}>
          {isWhole ? 'Less of its shape' : 'More of its shape'}
        </Button>
      )}
    </>
  );
}
