import { DENSITY, DILUTION, FILM, TEMPERATURE, VOLUME, type Measure } from '../units/measures.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import type { UnitSystem } from '../units/unit-systems.ts';
import { SOILS } from './cleaner.ts';
import { FILLS_IDS } from './filler.ts';
import { USE_IDS } from './uses.ts';
import { SHEENS, THINNERS } from './coating.ts';
import { DRYING_KIND_IDS } from './drying/registry.ts';
import { HAZARD_IDS } from './hazards.ts';
import type { Compartment } from './shelf.ts';

/** The unit of a figure: a measure follows the job’s system of units, a text is fixed. */
type FigureUnit = Measure | string;

/** How a figure is written, in a form and in a column alike. */
export type FigureKind =
  | { kind: 'text' }
  | { kind: 'number'; unit: FigureUnit; isOptional?: true }
  | { kind: 'yes-no' }
  | { kind: 'choice'; of: readonly string[] }
  | { kind: 'choices'; of: readonly string[] }
  /** Pairs such as `2.5:64 0.75:26`, litres and price, or °C and hours. */
  | { kind: 'pairs'; keys: readonly [string, string]; units: readonly [FigureUnit, FigureUnit]; example: string };

/** One figure of an entry: where it stands, what it is called, and how it is written. */
export type Figure = FigureKind & {
  /** As in `hours.recoat`. */
  path: string;
  label: string;
  /** Figures of one heading stand together in a form. */
  heading: 'Type' | 'On the tin' | 'Hours to' | 'Use' | 'On sale';
};

const text = (path: string, label: string): Figure => ({ path, label, heading: 'Type', kind: 'text' });
const number = (path: string, label: string, unit: FigureUnit, heading: Figure['heading'] = 'On the tin'): Figure => ({
  path,
  label,
  heading,
  kind: 'number',
  unit,
});
const optional = (
  path: string,
  label: string,
  unit: FigureUnit,
  heading: Figure['heading'] = 'On the tin',
): Figure => ({
  path,
  label,
  heading,
  kind: 'number',
  unit,
  isOptional: true,
});
const yesNo = (path: string, label: string): Figure => ({ path, label, heading: 'Use', kind: 'yes-no' });
const choice = (path: string, label: string, of: readonly string[], heading: Figure['heading'] = 'Type'): Figure => ({
  path,
  label,
  heading,
  kind: 'choice',
  of,
});
const choices = (path: string, label: string, of: readonly string[]): Figure => ({
  path,
  label,
  heading: 'Use',
  kind: 'choices',
  of,
});

const HAZARDS_OF_IT: Figure = { ...choices('hazards', 'Hazards', HAZARD_IDS), heading: 'Type' };

/** The figures of every compartment, in the order of form and columns. */
export const FIGURES: Readonly<Record<Compartment, readonly Figure[]>> = {
  coatings: [
    choice('role', 'Used as', ['primer', 'topcoat', 'sealer']),
    choice('family', 'Binder', ['acrylic', 'alkyd-waterborne', 'oil', 'shellac', 'two-part', 'mineral']),
    choice('exposure', 'For', ['inside', 'outside', 'both']),
    choices('drying', 'Dries by', DRYING_KIND_IDS),
    number('volumeSolids', 'Volume solids', '%'),
    number('dryFilm', 'Dry film per coat', FILM),
    number('openTime', 'Open time', 'min'),
    number('minTemperature', 'Min. temperature', TEMPERATURE),
    number('maxTemperature', 'Max. temperature', TEMPERATURE),
    number('maxHumidity', 'Max. humidity', '% RH'),
    number('rainSafe', 'Rain-safe after', 'h'),
    number('density', 'Density', DENSITY),
    choice('thinner', 'Thinner', THINNERS, 'On the tin'),
    number('mostThinning', 'Max. thinning', '%'),
    optional('potLife', 'Pot life', 'h'),
    optional('hardenerRatio', 'Base to 1 part hardener', 'parts'),
    optional('hardenerDensity', 'Hardener density', DENSITY),
    optional('induction', 'Stand before use', 'min'),
    number('hours.touch', 'Touch dry', 'h', 'Hours to'),
    number('hours.handle', 'Handle, turn', 'h', 'Hours to'),
    number('hours.recoat', 'Recoat', 'h', 'Hours to'),
    optional('recoatMax', 'Latest recoat', 'h', 'Hours to'),
    number('hours.rehang', 'Hang', 'h', 'Hours to'),
    number('hours.close', 'Close', 'h', 'Hours to'),
    optional('hours.wash', 'Wash', 'h', 'Hours to'),
    number('hours.full', 'Full cure', 'h', 'Hours to'),
    {
      path: 'recoatAt',
      label: 'Recoat at other temperatures',
      heading: 'Hours to',
      kind: 'pairs',
      keys: ['temperature', 'hours'],
      units: [TEMPERATURE, 'h'],
      example: '10:24 20:12',
    },
    choices('sheens', 'Sheens', SHEENS),
    choices('madeFor', 'Made for', USE_IDS),
    choices('willDo', 'Also suits', USE_IDS),
    choices('willNot', 'Not for', USE_IDS),
    yesNo('blocksStains', 'Blocks stains'),
    yesNo('spoiledByPhosphate', 'Spoiled by phosphate'),
    yesNo('selfPriming', 'Self-priming'),
    yesNo('clear', 'Dries clear'),
    yesNo('sprayOnly', 'Spray only'),
    yesNo('notInSun', 'Not in the sun'),
    yesNo('spotsOutside', 'Outside on spots'),
    yesNo('darkOnPlastic', 'Dark on plastic'),
    number('toughness', 'Toughness, 1 to 5', '', 'Use'),
    {
      path: 'tins',
      label: 'Tins',
      heading: 'On sale',
      kind: 'pairs',
      keys: ['litres', 'price'],
      units: [VOLUME, 'price'],
      example: '0.75:26 2.5:64',
    },
    HAZARDS_OF_IT,
    text('note', 'Note'),
  ],
  cleaners: [
    optional('dilution', 'Dilution', DILUTION),
    number('dryHours', 'Dry again', 'h'),
    choice('residue', 'Leaves', ['none', 'phosphate', 'soap', 'bleach']),
    choices('removes', 'Takes off', SOILS),
    yesNo('rinse', 'Rinse'),
    yesNo('deglosses', 'Dulls gloss'),
    yesNo('etches', 'Etches galvanised steel'),
    HAZARDS_OF_IT,
    text('note', 'Note'),
  ],
  fillers: [
    choice('fills', 'Fills', FILLS_IDS),
    number('dryHours', 'Sand or coat after', 'h'),
    choice('exposure', 'For', ['inside', 'both']),
    optional('potLife', 'Pot life', 'min'),
    choice('sands', 'Sands', ['well', 'badly', 'not']),
    number('passes', 'Usual passes', ''),
    HAZARDS_OF_IT,
    text('note', 'Note'),
  ],
  abrasives: [
    number('grit', 'Grit', ''),
    choice('for', 'For', ['bare', 'key', 'denib', 'profile']),
    yesNo('wet', 'May be used wet'),
    text('note', 'Note'),
  ],
  preservatives: [number('dryHours', 'Prime after', 'h'), HAZARDS_OF_IT, text('note', 'Note')],
};

/** The value of a figure in an entry. */
export function valueAt(entry: unknown, path: string): unknown {
  return path.split('.').reduce<unknown>((at, key) => (at as Record<string, unknown> | null | undefined)?.[key], entry);
}

/** The entry with another value of a figure. */
export function withFigure<E extends object>(entry: E, path: string, value: unknown): E {
  const [key = '', ...rest] = path.split('.');
  if (rest.length === 0) return { ...entry, [key]: value };
  const inner = (entry as Record<string, object>)[key] ?? {};
  return { ...entry, [key]: withFigure(inner, rest.join('.'), value) };
}

/** Files always state figures in SI. */
const IN_FILES: UnitSystem = 'metric';

const unitText = (unit: FigureUnit, system: UnitSystem): string =>
  typeof unit === 'string' ? unit : unit.unit(system);

/** The unit in which a figure is typed: `°F`, or `°F:h` for pairs; empty without one. */
export function unitOf(figure: FigureKind, system: UnitSystem): string {
  if (figure.kind === 'number') return unitText(figure.unit, system);
  return figure.kind === 'pairs' ? figure.units.map((unit) => unitText(unit, system)).join(':') : '';
}

/** A stored number as it is typed: as it is where the system stores it so, else to two decimals. */
function numberText(value: number, unit: FigureUnit, system: UnitSystem): string {
  const isStoredSo = typeof unit === 'string' || unit.fromField(value, system) === value;
  return String(isStoredSo ? value : unit.fieldValue(value, system, 2));
}

/** A figure as text: what a form shows in its system of units, and a column of a file holds. */
export function writeFigure(figure: FigureKind, value: unknown, system: UnitSystem = IN_FILES): string {
  if (value === null || value === undefined) return '';
  if (figure.kind === 'yes-no') return value === true ? 'yes' : 'no';
  if (figure.kind === 'choices') return (value as string[]).join(' ');
  if (figure.kind === 'pairs') {
    const { keys, units } = figure;
    const half = (pair: Record<string, number>, place: 0 | 1): string =>
      numberText(pair[keys[place]] ?? NaN, units[place], system);
    return (value as Record<string, number>[]).map((pair) => `${half(pair, 0)}:${half(pair, 1)}`).join(' ');
  }
  if (figure.kind === 'number' && typeof value === 'number') return numberText(value, figure.unit, system);
  return typeof value === 'string' ? value : '';
}

/** A figure to read: words without hyphens, numbers with their unit. */
export function figureWords(figure: FigureKind, value: unknown, system: UnitSystem): string {
  const text = writeFigure(figure, value, system).replaceAll('-', ' ');
  const unit = figure.kind === 'number' ? unitOf(figure, system) : '';
  return text === '' || unit === '' ? text : `${text}${unit === '%' ? '' : ' '}${unit}`;
}

const numberFrom = (typed: string, unit: FigureUnit, system: UnitSystem): number => {
  const value = Number(typed.replace(',', '.'));
  return typeof unit === 'string' ? value : unit.fromField(value, system);
};

/** Reads a figure as it was typed, or says what would be right. Bounds are left to the entry's own schema. */
export function readFigure(figure: Figure, typed: string, system: UnitSystem = IN_FILES): Outcome<unknown> {
  const trimmed = typed.trim();
  switch (figure.kind) {
    case 'text':
      return accepted(trimmed);
    case 'number': {
      if (trimmed === '' && figure.isOptional) return accepted(null);
      const value = numberFrom(trimmed, figure.unit, system);
      const unit = unitOf(figure, system);
      return trimmed === '' || !Number.isFinite(value)
        ? refused(`${figure.label}: type a number${unit ? ` in ${unit}` : ''}.`)
        : accepted(value);
    }
    case 'yes-no':
      if (/^(y|yes|true|1)$/i.test(trimmed)) return accepted(true);
      return /^(n|no|false|0|)$/i.test(trimmed) ? accepted(false) : refused(`${figure.label}: type yes or no.`);
    case 'choice':
      return figure.of.includes(trimmed)
        ? accepted(trimmed)
        : refused(`${figure.label}: can’t read “${trimmed}”. Use one of ${figure.of.join(', ')}.`);
    case 'choices': {
      const words = trimmed.split(/[\s,;]+/).filter(Boolean);
      const odd = words.find((word) => !figure.of.includes(word));
      return odd === undefined
        ? accepted(words)
        : refused(`${figure.label}: can’t read “${odd}”. Use ${figure.of.join(', ')}.`);
    }
    case 'pairs': {
      const { keys, units, example } = figure;
      const pairs = trimmed
        .split(/[\s;]+/)
        .filter(Boolean)
        .map((pair) => pair.split(':').map((half, place) => numberFrom(half, units[place === 0 ? 0 : 1], system)));
      return pairs.every((pair) => pair.length === 2 && pair.every(Number.isFinite))
        ? accepted(pairs.map(([first, second]) => ({ [keys[0]]: first, [keys[1]]: second })))
        : refused(`${figure.label}: type pairs like ${example}.`);
    }
  }
}
