import type { Job } from '../../core/job/document/schema.ts';

type Regional = Pick<Job['settings'], 'units' | 'vocabulary' | 'currency'>;

/** Currencies of regions where people write English and do not pay in euros. */
const CURRENCIES: Readonly<Record<string, string>> = {
  GB: 'GBP',
  US: 'USD',
  CA: 'CAD',
  AU: 'AUD',
  NZ: 'NZD',
  CH: 'CHF',
  ZA: 'ZAR',
};

/** Units, words and currency by the language of a device, such as `en-US`. */
export function regionalSettings(language: string): Regional {
  let region: string | undefined;
  try {
    region = new Intl.Locale(language).maximize().region;
  } catch {
    // An unreadable language names no region.
  }
  // “en” alone stands for the US by the rules of languages, but says nothing of where one is.
  const isStated = /-[A-Z]{2}\b/.test(language);
  const isUs = isStated && region === 'US';
  return {
    units: isUs ? 'us' : 'metric',
    vocabulary: isUs || (isStated && region === 'CA') ? 'us' : 'uk',
    currency: (isStated ? CURRENCIES[region ?? ''] : undefined) ?? 'EUR',
  };
}
