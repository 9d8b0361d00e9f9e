import { fixedShare } from '../units/fixed-share.ts';
import type { Air } from './climate.ts';

/** Seconds in which a thermo-hygrometer comes two thirds of the way to the air that it hangs in. */
const SETTLES_IN = 2;
/** From here on, in seconds, its figures stand. */
export const SETTLED_AFTER = 8;
/** What it lay in before: a warm pocket. */
const POCKET: Air = { temperature: 24, humidity: 40 };

const tenth = (value: number): number => Math.round(value * 10) / 10;

/**
 * What a simulated thermo-hygrometer shows so many `seconds` after it was hung up in a place whose air is thought to be
 * `forecast`. Places differ from what is thought, each by its own few kelvin and per cent; the instrument takes its time.
 * A stand-in: it shows what might be, and is no measurement.
 */
export function simulatedAir(placeId: string, forecast: Air, seconds: number): Air {
  const off = (what: string, least: number, most: number): number =>
    least + (most - least) * fixedShare(`${placeId}/${what}`);
  const left = Math.exp(-seconds / SETTLES_IN);
  const flutter = (fixedShare(`${placeId}/${Math.floor(seconds)}`) - 0.5) * 0.2;
  const temperature = forecast.temperature + off('temperature', -2.4, 1.6);
  const humidity = Math.max(15, Math.min(98, forecast.humidity + off('humidity', -6, 9)));
  return {
    temperature: tenth(temperature + (POCKET.temperature - temperature) * left + flutter),
    humidity: Math.round(humidity + (POCKET.humidity - humidity) * left + flutter * 4),
  };
}

/** What a simulated surface thermometer shows on a piece whose surface is thought to be so warm, in °C. */
export function simulatedSurface(pieceId: string, forecast: number, seconds: number): number {
  const off = -0.8 + 1.6 * fixedShare(`${pieceId}/surface`);
  return tenth(forecast + off + (POCKET.temperature - forecast) * Math.exp(-seconds / 2));
}

/** Teeth of a wet-film comb, in µm. */
export const COMB_TEETH = [25, 50, 75, 100, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500] as const;

/**
 * What a simulated comb shows in a coat whose wet film should be so many µm: the last tooth that is wetted and the first
 * that is not; the film lies between. Hands differ: from four fifths of what the tin supposes to half as much again.
 */
export function simulatedComb(taskId: string, stated: number): { wetted: number; dry: number } {
  const film = stated * (0.8 + 0.7 * fixedShare(`${taskId}/film`));
  const wetted = COMB_TEETH.findLast((tooth) => tooth <= film) ?? 0;
  return { wetted, dry: COMB_TEETH.find((tooth) => tooth > film) ?? wetted };
}
