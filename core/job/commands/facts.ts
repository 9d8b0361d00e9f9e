import { z } from 'zod';
import { CommandRefused } from './definition.ts';

/**
 * Some facts of a thing: what is not named stays as it is. Objects are changed field by field, lists of entries with ids
 * (or dates) by those and records by key (null takes an entry out), other lists of objects as a whole or by position.
 * Lists of words, such as ids, are changed as a whole or word by word: true puts one in, false takes it out.
 */
export type Facts<T> = T extends readonly (infer E)[]
  ? [E] extends [{ id: string } | { date: string }]
    ? Record<string, Facts<E> | null>
    : [E] extends [object]
      ? readonly E[] | Record<number, Facts<E>>
      : [E] extends [string]
        ? readonly E[] | { readonly [word in E]?: boolean }
        : readonly E[]
  : T extends object
    ? string extends keyof T
      ? Record<string, Facts<T[keyof T]> | null>
      : { [K in keyof T]?: Facts<T[K]> | undefined }
    : T;

/** How a schema's values can be changed in part. */
type Outline = { schema: z.ZodType } & (
  | { kind: 'whole' }
  | { kind: 'words' }
  | { kind: 'object'; fields: Readonly<Record<string, Outline>> }
  | { kind: 'record' | 'rows'; of: Outline }
  | { kind: 'entries'; of: Outline; key: string }
);

const WHOLE = 'whole';

/** What tells entries of a list apart, whatever their order. */
const KEYS = ['id', 'date'];

function bare(schema: z.ZodType): z.ZodType {
  if (schema instanceof z.ZodLazy || schema instanceof z.ZodNullable || schema instanceof z.ZodOptional)
    return bare(schema.unwrap() as z.ZodType);
  return schema instanceof z.ZodDefault ? bare(schema.unwrap() as z.ZodType) : schema;
}

const isWord = (schema: z.ZodType): boolean =>
  schema instanceof z.ZodString || schema instanceof z.ZodStringFormat || schema instanceof z.ZodEnum;

function outlineOf(lazily: z.ZodType): Outline {
  const schema = bare(lazily);
  if (schema instanceof z.ZodObject) {
    const fields = Object.entries<z.ZodType>(schema.shape);
    return {
      kind: 'object',
      schema,
      fields: Object.fromEntries(fields.map(([key, field]) => [key, outlineOf(field)])),
    };
  }
  if (schema instanceof z.ZodRecord) return { kind: 'record', schema, of: outlineOf(schema.valueType as z.ZodType) };
  if (schema instanceof z.ZodArray) {
    const of = outlineOf(schema.element as z.ZodType);
    const key = of.kind === 'object' ? KEYS.find((name) => name in of.fields) : undefined;
    if (key !== undefined) return { kind: 'entries', schema, of, key };
    if (of.kind === 'object') return { kind: 'rows', schema, of };
    if (isWord(of.schema)) return { kind: 'words', schema };
  }
  return { kind: WHOLE, schema };
}

/** Checks what can be checked of facts by themselves; whether what comes of them holds, the job's schema says. */
function checkOf(outline: Outline, isNullable: boolean): z.ZodType {
  const check = ((): z.ZodType => {
    switch (outline.kind) {
      case 'object':
        return z.object(
          Object.fromEntries(
            Object.entries(outline.fields).map(([key, field]) => [key, checkOf(field, true).optional()]),
          ),
        );
      case 'record':
      case 'entries':
        return z.record(z.string(), checkOf(outline.of, true));
      case 'rows':
        return z.union([outline.schema, z.record(z.string(), checkOf(outline.of, false))]);
      case 'words':
        return z.union([outline.schema, z.record(z.string(), z.boolean())]);
      default:
        return outline.schema;
    }
  })();
  // Whether null may stand there is for the job's schema to say.
  return isNullable ? check.nullable() : check;
}

type Plain = Record<string, unknown>;
const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const gone = (): CommandRefused => new CommandRefused('This entry was deleted meanwhile. Add it again first.');

function put(target: Plain, key: string, facts: unknown, outline: Outline): void {
  if (facts === undefined) return;
  const before = target[key];
  if (outline.kind === WHOLE || !isPlain(facts)) target[key] = facts;
  else if (outline.kind === 'object') {
    if (isPlain(before)) putAll(before, facts, outline.fields);
    else if (outline.schema.safeParse(facts).success) target[key] = facts;
    else throw gone();
  } else if (outline.kind === 'record') {
    if (!isPlain(before)) target[key] = {};
    const record = target[key] as Plain;
    for (const [name, value] of Object.entries(facts)) {
      if (value === null) Reflect.deleteProperty(record, name);
      else put(record, name, value, outline.of);
    }
  } else if (outline.kind === 'words') target[key] = withWords(before as string[], facts);
  else putInList(before as Plain[], facts, outline.kind === 'entries' ? outline.key : null, outline.of);
}

/** A list of words in which some are put in or taken out; what stays keeps its order. */
const withWords = (list: readonly string[], facts: Plain): string[] => [
  ...list.filter((word) => facts[word] !== false),
  ...Object.keys(facts).filter((word) => facts[word] === true && !list.includes(word)),
];

function putInList(list: Plain[], facts: Plain, key: string | null, of: Outline): void {
  for (const [name, value] of Object.entries(facts)) {
    const index = key === null ? Number(name) : list.findIndex((entry) => entry[key] === name);
    const entry = list[index];
    if (value === null) {
      if (entry !== undefined) list.splice(index, 1);
    } else if (entry !== undefined) putAll(entry, value as Plain, (of as Outline & { kind: 'object' }).fields);
    else if (key !== null && (value as Plain)[key] === name) list.push(value as Plain);
    else throw gone();
  }
}

function putAll(target: Plain, facts: Plain, fields: Readonly<Record<string, Outline>>): void {
  for (const [key, field] of Object.entries(fields)) put(target, key, facts[key], field);
}

/** The words that were put in or taken out; the whole list where that would not come to the same. */
function differenceOfWords(before: readonly string[], after: readonly string[]): Plain | readonly string[] {
  const gone = before.filter((word) => !after.includes(word));
  const come = after.filter((word) => !before.includes(word));
  const facts = Object.fromEntries([
    ...gone.map((word) => [word, false]),
    ...come.map((word) => [word, true]),
  ]) as Plain;
  return JSON.stringify(withWords(before, facts)) === JSON.stringify(after) ? facts : after;
}

function difference(before: unknown, after: unknown, outline: Outline): unknown {
  if (JSON.stringify(before) === JSON.stringify(after)) return undefined;
  if (outline.kind === WHOLE || after === null || before === null || before === undefined) return after;
  if (outline.kind === 'object') {
    const [old, changed] = [before as Plain, after as Plain];
    const entries = Object.entries(outline.fields).map(([key, of]) => [key, difference(old[key], changed[key], of)]);
    return Object.fromEntries(entries.filter(([, value]) => value !== undefined));
  }
  if (outline.kind === 'words') return differenceOfWords(before as string[], after as string[]);
  if (outline.kind === 'rows' && (before as unknown[]).length !== (after as unknown[]).length) return after;
  const keyed = (value: unknown): Plain => {
    if (outline.kind !== 'entries') return { ...(value as Plain) };
    const entries = (value as Plain[]).map((entry): [string, Plain] => [String(entry[outline.key]), entry]);
    return Object.fromEntries(entries);
  };
  const [old, changed] = [keyed(before), keyed(after)];
  const entries = Object.keys({ ...old, ...changed }).map((key) => [
    key,
    key in changed ? difference(old[key], changed[key], outline.of) : null,
  ]);
  return Object.fromEntries(entries.filter(([, value]) => value !== undefined));
}

/** What there is to do with the facts of one kind of thing. */
export interface Partly<T> {
  /** Checks facts that come from elsewhere. */
  check(): z.ZodType<Facts<T>, Facts<T>>;
  /** Puts facts into a draft of the thing. Refuses what would change an entry that is gone. */
  put(target: object, facts: Facts<T>): void;
  /** The facts in which a thing differs from what it was. */
  difference(before: T, after: T): Facts<T>;
}

/** The facts of things of a schema, which describes an object. Its outline is read when it is first needed. */
export function partly<T extends object>(schema: z.ZodType<T>): Partly<T> {
  let known: Outline | null = null;
  const outline = (): Outline => (known ??= outlineOf(schema));
  return {
    check: () => checkOf(outline(), false) as unknown as z.ZodType<Facts<T>, Facts<T>>,
    put: (target, facts) => {
      const { fields } = outline() as Outline & { kind: 'object' };
      putAll(target as Plain, facts as Plain, fields);
    },
    difference: (before, after) => (difference(before, after, outline()) ?? {}) as Facts<T>,
  };
}
