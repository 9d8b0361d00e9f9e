interface FieldFacts {
  key: string;
  label: string;
  /** Main sizes are asked first; the rest wait behind “more of its shape”. */
  main: boolean;
  /** Whether the field means anything for this shape; left out when it always does. */
  when?(shape: Shape): boolean;
}

/** A length, count, area or row of shares that a kind asks for, with the bounds inside which it is believable. */
export interface DimensionField extends FieldFacts {
  unit: 'mm' | 'm2' | 'count' | 'shares';
  min: number;
  max: number;
}

/** A choice that a kind asks for. */
export interface ChoiceField extends FieldFacts {
  unit: 'choice';
  choices: readonly { value: string; label: string }[];
}

/** A profile that is drawn: x and y in mm by turns, out from the wall and down from the top. */
export interface DrawingField extends FieldFacts {
  unit: 'profile';
}

export type ShapeField = DimensionField | ChoiceField | DrawingField;

export type ShapeValue = number | string | readonly number[];
export type Shape = Readonly<Record<string, ShapeValue>>;
