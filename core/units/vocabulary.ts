/** The two vocabularies of the trade: UK/AU and US. */
export const VOCABULARIES = ['uk', 'us'] as const;
export type Vocabulary = (typeof VOCABULARIES)[number];

/** Every word that the two vocabularies have differently, keyed by the UK term. A plural s is kept. */
const US_TERMS = {
  architrave: 'casing',
  skirting: 'baseboard',
  'dado rail': 'chair rail',
  dado: 'chair rail',
  'window board': 'stool',
  rebate: 'rabbet',
  cupboard: 'cabinet',
  timber: 'wood',
  tin: 'can',
  'white spirit': 'mineral spirits',
  'methylated spirit': 'denatured alcohol',
  'dust sheet': 'drop cloth',
  'roller sleeve': 'roller cover',
  sleeve: 'roller cover',
  'surface filler': 'spackle',
  'decorators’ caulk': 'painter’s caulk',
  'consumer unit': 'breaker panel',
  'wash down': 'clean',
  'cissing (fish-eyes)': 'fish-eyes',
  'grinning through': 'show-through',
  'making good': 'repair',
  'made good': 'repaired',
  'make good': 'repair',
  mitre: 'miter',
  mould: 'mold',
  mouldy: 'moldy',
  moulding: 'molding',
  moulded: 'molded',
  colour: 'color',
  vapour: 'vapor',
  labour: 'labor',
  grey: 'gray',
  litre: 'liter',
  millilitre: 'milliliter',
  metre: 'meter',
  millimetre: 'millimeter',
  centre: 'center',
  fibre: 'fiber',
  aluminium: 'aluminum',
  galvanised: 'galvanized',
  sensitise: 'sensitize',
  sensitised: 'sensitized',
  panelled: 'paneled',
  panelling: 'paneling',
  louvre: 'louver',
  louvred: 'louvered',
  bevelled: 'beveled',
  levelling: 'leveling',
  draught: 'draft',
  paraffin: 'kerosene',
} as const satisfies Readonly<Record<string, string>>;

type Term = keyof typeof US_TERMS;

// The longest first, so that “window board” is one term.
const UK_TERMS = (Object.keys(US_TERMS) as Term[]).sort((one, other) => other.length - one.length);
const escaped = (term: string): string => term.replaceAll(/[()]/g, String.raw`\$&`);
const UK_WORD = new RegExp(String.raw`(?<![\p{L}\d])(${UK_TERMS.map(escaped).join('|')})(s?)(?![\p{L}\d])`, 'giu');

/**
 * A sentence written in the UK vocabulary, worded in the chosen one; capitals and plurals are kept.
 * Only terms that differ are touched, so that data files need one wording.
 */
export function inVocabulary(sentence: string, vocabulary: Vocabulary): string {
  if (vocabulary === 'uk') return sentence;
  return sentence.replace(UK_WORD, (_match, word: string, plural: string) => {
    const worded = US_TERMS[word.toLowerCase() as Term];
    const cased = word[0] === word[0]?.toUpperCase() ? worded.charAt(0).toUpperCase() + worded.slice(1) : worded;
    return cased + plural;
  });
}

/** The UK terms in a text that the US vocabulary has differently: empty where it is all US. */
export const ukTermsIn = (text: string): string[] => [...text.matchAll(UK_WORD)].map(([found]) => found);
