import { TRAITS } from '../pieces/traits.ts';
import { accepted, refused, type Outcome } from '../units/outcome.ts';
import { SOILS } from './cleaner.ts';
import { SHEENS, THINNERS } from './coating.ts';
import { DRYING_KIND_IDS } from './drying/registry.ts';
import { HAZARD_IDS } from './hazards.ts';
import type { Compartment } from './shelf.ts';

/** How a figure is written, in a form and in a column alike. */
export type FigureKind =
  | { kind: 'text' }
  | { kind: 'number'; unit: string; isOptional?: true }
  | { kind: 'yes-no' }
  | { kind: 'choice'; of: readonly string[] }
  | { kind: 'choices'; of: readonly string[] }
  /** Pairs such as `2.5:64 0.75:26`, litres and price, or °C and hours. */
  | { kind: 'pairs'; keys: readonly [string, string]; unit: string };

/** One figure of an entry: where it stands, what it is called, and how it is written. */
export type Figure = FigureKind & {
  /** As in `hours.recoat`. */
  path: string;
  label: string;
  /** Figures of one heading stand together in a form. */
  heading: 'What it is' | 'On the tin' | 'Hours to' | 'Where it may go' | 'On sale';
};

const text = (path: string, label: string): Figure => ({ path, label, heading: 'What it is', kind: 'text' });
const number = (path: string, label: string, unit: string, heading: Figure['heading'] = 'On the tin'): Figure => ({
  path,
  label,
  heading,
  kind: 'number',
  unit,
});
const optional = (path: string, label: string, unit: string, heading: Figure['heading'] = 'On the tin'): Figure => ({
  path,
  label,
  heading,
  kind: 'number',
  unit,
  isOptional: true,
});
const yesNo = (path: string, label: string): Figure => ({ path, label, heading: 'Where it may go', kind: 'yes-no' });
const choice = (
  path: string,
  label: string,
  of: readonly string[],
  heading: Figure['heading'] = 'What it is',
): Figure => ({
  path,
  label,
  heading,
  kind: 'choice',
  of,
});
const choices = (path: string, label: string, of: readonly string[]): Figure => ({
  path,
  label,
  heading: 'Where it may go',
  kind: 'choices',
  of,
});

const HAZARDS_OF_IT: Figure = { ...choices('hazards', 'Hazards', HAZARD_IDS), heading: 'What it is' };

/** The figures of every compartment, in the order of form and columns. */
export const FIGURES: Readonly<Record<Compartment, readonly Figure[]>> = {
  coatings: [
    choice('role', 'Used as', ['primer', 'topcoat', 'sealer']),
    choice('family', 'Binder', ['acrylic', 'alkyd-waterborne', 'oil', 'shellac', 'two-part', 'mineral']),
    choice('exposure', 'For', ['inside', 'outside', 'both']),
    choices('drying', 'Dries by', DRYING_KIND_IDS),
    number('volumeSolids', 'Volume solids', '%'),
    number('dryFilm', 'Dry film a coat', 'µm'),
    number('openTime', 'Open time', 'min'),
    number('minTemperature', 'Not below', '°C'),
    number('maxTemperature', 'Not warmer than', '°C'),
    number('maxHumidity', 'Not above', '% RH'),
    number('rainSafe', 'Rain-safe after', 'h'),
    number('density', 'Weighs', 'kg/L'),
    choice('thinner', 'Thinned with', THINNERS, 'On the tin'),
    number('mostThinning', 'Thinned by at most', '%'),
    optional('potLife', 'Pot life', 'h'),
    optional('hardenerRatio', 'Base to 1 part of hardener', 'parts'),
    optional('hardenerDensity', 'Hardener weighs', 'kg/L'),
    optional('induction', 'Stands before use', 'min'),
    number('hours.touch', 'Touch dry', 'h', 'Hours to'),
    number('hours.handle', 'Handle, turn', 'h', 'Hours to'),
    number('hours.recoat', 'Recoat', 'h', 'Hours to'),
    optional('recoatMax', 'Recoat at the latest', 'h', 'Hours to'),
    number('hours.rehang', 'Hang', 'h', 'Hours to'),
    number('hours.close', 'Close', 'h', 'Hours to'),
    optional('hours.wash', 'Wash', 'h', 'Hours to'),
    number('hours.full', 'Fully hard', 'h', 'Hours to'),
    {
      path: 'recoatAt',
      label: 'Recoat at other temperatures',
      heading: 'Hours to',
      kind: 'pairs',
      keys: ['temperature', 'hours'],
      unit: '°C:h',
    },
    choices('bondsTo', 'Bonds to', ['laminate', 'glossy', 'bare-timber', 'metal', 'vinyl']),
    choices('sheens', 'Sheens', SHEENS),
    choices('madeFor', 'Made only for', Object.keys(TRAITS)),
    yesNo('blocksStains', 'Blocks stains'),
    yesNo('spoiledByPhosphate', 'Spoiled by phosphate'),
    yesNo('selfPriming', 'Its own primer'),
    yesNo('clear', 'Dries clear'),
    yesNo('sprayOnly', 'Spray only'),
    yesNo('notInSun', 'Not in the sun'),
    yesNo('spotsOutside', 'On spots outside'),
    yesNo('darkOnPlastic', 'Dark on plastic'),
    number('toughness', 'Toughness, 1 to 5', '', 'Where it may go'),
    { path: 'tins', label: 'Tins', heading: 'On sale', kind: 'pairs', keys: ['litres', 'price'], unit: 'L:price' },
    HAZARDS_OF_IT,
    text('note', 'Note'),
  ],
  cleaners: [
    optional('dilution', 'Dilution', 'mL/L'),
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
    choice('fills', 'Fills', ['grain', 'holes', 'repair', 'joints']),
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

/** A figure as text: what a form shows and a column holds. */
export function writeFigure(figure: FigureKind, value: unknown): string {
  if (value === null || value === undefined) return '';
  if (figure.kind === 'yes-no') return value === true ? 'yes' : 'no';
  if (figure.kind === 'choices') return (value as string[]).join(' ');
  if (figure.kind === 'pairs') {
    const [one, other] = figure.keys;
    return (value as Record<string, number>[]).map((pair) => `${pair[one] ?? ''}:${pair[other] ?? ''}`).join(' ');
  }
  return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
}

const numberFrom = (typed: string): number => Number(typed.replace(',', '.'));

/** Reads a figure as it was typed, or says what would be right. Bounds are left to the entry's own schema. */
export function readFigure(figure: Figure, typed: string): Outcome<unknown> {
  const trimmed = typed.trim();
  switch (figure.kind) {
    case 'text':
      return accepted(trimmed);
    case 'number': {
      if (trimmed === '' && figure.isOptional) return accepted(null);
      const value = numberFrom(trimmed);
      return trimmed === '' || !Number.isFinite(value)
        ? refused(`${figure.label}: type a number${figure.unit ? ` in ${figure.unit}` : ''}.`)
        : accepted(value);
    }
    case 'yes-no':
      if (/^(y|yes|true|1)$/i.test(trimmed)) return accepted(true);
      return /^(n|no|false|0|)$/i.test(trimmed) ? accepted(false) : refused(`${figure.label}: write yes or no.`);
    case 'choice':
      return figure.of.includes(trimmed)
        ? accepted(trimmed)
        : refused(`${figure.label}: one of ${figure.of.join(', ')}, not “${trimmed}”.`);
    case 'choices': {
      const words = trimmed.split(/[\s,;]+/).filter(Boolean);
      const odd = words.find((word) => !figure.of.includes(word));
      return odd === undefined
        ? accepted(words)
        : refused(`${figure.label}: “${odd}” is none of ${figure.of.join(', ')}.`);
    }
    case 'pairs': {
      const pairs = trimmed
        .split(/[\s;]+/)
        .filter(Boolean)
        .map((pair) => pair.split(':').map(numberFrom));
      const isRight = pairs.every((pair) => pair.length === 2 && pair.every(Number.isFinite));
      const [one, other] = figure.keys;
      return isRight
        ? accepted(pairs.map(([first, second]) => ({ [one]: first, [other]: second })))
        : refused(`${figure.label}: write pairs like ${figure.unit === '°C:h' ? '10:24 20:12' : '0.75:26 2.5:64'}.`);
    }
  }
}
