import { ChoiceField } from '../../parts/fields/ChoiceField.tsx';
import Button from '@mui/material/Button';
import Box from '@mui/material/Box';
import { useState } from 'react';
import type { DimensionField, Shape, ShapeField, ShapeValue } from '../../../core/pieces/shape.ts';
import { definitionOf, type PieceKind } from '../../../core/pieces/registry.ts';
import { formatLength, lengthFieldText, lengthUnit, parseLength } from '../../../core/units/length.ts';
import { accepted, refused, type Outcome } from '../../../core/units/outcome.ts';
import type { UnitSystem } from '../../../core/units/unit-systems.ts';
import { AREA } from '../../../core/units/measures.ts';
import { anyNumber, wholeNumber } from '../../../core/units/typed-number.ts';
import { StatedField } from '../../parts/fields/StatedField.tsx';
import { ProfileField } from './ProfileField.tsx';

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
function readField(field: DimensionField, typed: string, units: UnitSystem): Outcome<ShapeValue> {
  if (field.unit === 'count') return wholeNumber(typed, field.min, field.max);
  if (field.unit === 'shares') {
    const parts = typed.split(/[\s,:;/]+/).filter(Boolean);
    const shares = parts.map(Number);
    if (parts.length < field.min || parts.length > field.max || shares.some((share) => !(share > 0))) {
      return refused(`Type one number per row from the top, e.g. 2 5 5 (${field.min} to ${field.max} rows).`);
    }
    return accepted(shares);
  }
  if (field.unit === 'm2') {
    const area = anyNumber(typed, AREA.fieldValue(field.min, units), AREA.fieldValue(field.max, units));
    return area.ok ? accepted(AREA.fromField(area.value, units)) : area;
  }
  const length = parseLength(typed, units);
  if (!length.ok) return length;
  if (length.value < field.min || length.value > field.max) {
    return refused(
      `${formatLength(length.value, units)} – must be ${formatLength(field.min, units)} to ${formatLength(field.max, units)}.`,
    );
  }
  return length;
}

/** The unit of a size, where it has one. */
const UNIT_OF: Readonly<Partial<Record<ShapeField['unit'], (units: UnitSystem) => string>>> = {
  mm: lengthUnit,
  m2: AREA.unit,
};

function fieldText(field: ShapeField, value: ShapeValue | undefined, units: UnitSystem): string {
  if (Array.isArray(value)) return value.join(' ');
  if (field.unit === 'mm' && typeof value === 'number') return lengthFieldText(value, units);
  if (field.unit === 'm2' && typeof value === 'number') return String(AREA.fieldValue(value, units));
  return String(value ?? '');
}

/** The sizes of a piece: the main ones first, the rest of its shape on request. */
export function ShapeFields({ kind, shape, units, draft, take }: ShapeFieldsProps) {
  const [isWhole, setIsWhole] = useState(false);
  const fields = definitionOf(kind).fields.filter(({ when }) => when?.(shape) ?? true);
  const shown = fields.filter((field) => field.main || isWhole);
  return (
    <>
      <Box sx={{ display: 'grid', gridTemplateColumns: 'repeat(3, minmax(0, 1fr))', gap: 1.25 }}>
        {shown.map((field) => (
          <OneField
            key={field.key}
            field={field}
            value={shape[field.key]}
            units={units}
            draft={`${draft}/${field.key}`}
            take={(read) => take(field.key, read)}
          />
        ))}
      </Box>
      {fields.some((field) => !field.main) && (
        <Button size="small" onClick={() => setIsWhole(!isWhole)} sx={{ justifySelf: 'start' }}>
          {isWhole ? 'Fewer dimensions' : 'More dimensions'}
        </Button>
      )}
    </>
  );
}

interface OneFieldProps {
  field: ShapeField;
  value: ShapeValue | undefined;
  units: UnitSystem;
  draft: string;
  take(read: Outcome<ShapeValue>): Outcome<unknown>;
}

function OneField({ field, value, units, draft, take }: OneFieldProps) {
  const [fault, setFault] = useState<string | null>(null);
  if (field.unit === 'profile') {
    return <ProfileField label={field.label} numbers={Array.isArray(value) ? value : []} draft={draft} take={take} />;
  }
  if (field.unit === 'choice') {
    return (
      <ChoiceField
        label={field.label}
        value={typeof value === 'string' ? value : ''}
        error={fault !== null}
        helperText={fault}
        sx={{ gridColumn: 'span 2' }}
        choices={field.choices.map((choice) => ({ value: choice.value, words: choice.label }))}
        onChange={(chosen) => {
          const outcome = take(accepted(chosen));
          setFault(outcome.ok ? null : outcome.message);
        }}
      />
    );
  }
  return (
    <StatedField
      label={field.label}
      text={fieldText(field, value, units)}
      draft={draft}
      unit={UNIT_OF[field.unit]?.(units) ?? ''}
      sx={{ gridColumn: field.unit === 'shares' ? 'span 2' : undefined }}
      take={(typed) => take(readField(field, typed, units))}
    />
  );
}
