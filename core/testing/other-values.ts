import { z } from 'zod';

/** A schema beneath what makes it lazy or lets it be left out. */
function bare(schema: z.ZodType): { schema: z.ZodType; isNullable: boolean } {
  if (schema instanceof z.ZodNullable) return { schema: bare(schema.unwrap() as z.ZodType).schema, isNullable: true };
  if (schema instanceof z.ZodLazy || schema instanceof z.ZodOptional || schema instanceof z.ZodDefault)
    return bare(schema.unwrap() as z.ZodType);
  return { schema, isNullable: false };
}

/** Some values of a schema, of which most will hold. */
function someOf(schema: z.ZodType): unknown[] {
  if (schema instanceof z.ZodBoolean) return [true, false];
  if (schema instanceof z.ZodEnum) return Object.values(schema.enum);
  if (schema instanceof z.ZodNumber) return [1, 2, 3, 0.5, 40, 60];
  if (schema instanceof z.ZodString || schema instanceof z.ZodStringFormat)
    return ['other', '#123456', '2027-03-04', '2027-03-04T09:30', '07:15'];
  if (schema instanceof z.ZodObject) {
    const fields = Object.entries(schema.shape as Record<string, z.ZodType>);
    return [Object.fromEntries(fields.map(([key, field]) => [key, someOf(bare(field).schema)[0]]))];
  }
  return [];
}

/** One changed field, as facts of the thing that it stands in, and where it stands. */
export interface OtherValue {
  path: string;
  facts: object;
}

/** A word that stands in a list of words, and some that could; null for a list of anything else. */
function wordsOf(element: z.ZodType, list: readonly unknown[]): string[] | null {
  const isEnum = element instanceof z.ZodEnum;
  if (!isEnum && !(element instanceof z.ZodString || element instanceof z.ZodStringFormat)) return null;
  const others = isEnum ? Object.values(element.enum).map(String) : ['other', 'another', '2027-03-04', '2027-03-11'];
  const absent = others.filter((word) => !list.includes(word));
  return [...(list as string[]).slice(0, 1), ...(isEnum ? absent.slice(0, 2) : absent)];
}

/** Every field of a thing with a value that it does not have, one at a time, as its schema tells; ids stay. */
export function otherValues(lazily: z.ZodType, value: unknown, path = ''): OtherValue[] {
  const { schema, isNullable } = bare(lazily);
  if (schema instanceof z.ZodObject && typeof value === 'object' && value !== null) {
    const fields = Object.entries(schema.shape as Record<string, z.ZodType>).filter(([key]) => key !== 'id');
    return fields.flatMap(([key, field]) =>
      otherValues(field, (value as Record<string, unknown>)[key], `${path}/${key}`).map((other) => ({
        ...other,
        facts: { [key]: other.facts },
      })),
    );
  }
  if (schema instanceof z.ZodArray && Array.isArray(value)) {
    const words = wordsOf(bare(schema.element as z.ZodType).schema, value);
    if (words !== null)
      return words.map((word) => ({ path: `${path}/${word}`, facts: { [word]: !value.includes(word) } }));
    return value.flatMap((entry: unknown, index) => {
      if (typeof entry !== 'object' || entry === null) return [];
      const key = 'id' in entry ? String(entry.id) : 'date' in entry ? String(entry.date) : String(index);
      const others = otherValues(schema.element as z.ZodType, entry, `${path}/${key}`);
      return others.map((other) => ({ ...other, facts: { [key]: other.facts } }));
    });
  }
  const others = someOf(schema).filter((other) => JSON.stringify(other) !== JSON.stringify(value));
  const all = isNullable && value !== null ? [null, ...others] : others;
  return all.map((facts) => ({ path, facts: facts as object }));
}
