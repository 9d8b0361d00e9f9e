/** The two vocabularies of the trade: UK/AU and US. */
export const VOCABULARIES = ['uk', 'us'] as const;
export type Vocabulary = (typeof VOCABULARIES)[number];

/** Every word that the two vocabularies say differently, keyed by the UK term. */
const US_TERMS = {
  architrave: 'casing',
  colour: 'color',
  rebate: 'rabbet',
  skirting: 'baseboard',
  timber: 'wood',
  tin: 'can',
  cupboard: 'cabinet',
  'wash down': 'clean',
} as const;

type Term = keyof typeof US_TERMS;

const UK_WORD = new RegExp(`\\b(${Object.keys(US_TERMS).join('|')})(s?)\\b`, 'gi');

/**
 * A sentence written in the UK vocabulary, said in the chosen one; capitals and plurals are kept.
 * Only terms that differ are touched, so that data files need one wording.
 */
export function inVocabulary(sentence: string, vocabulary: Vocabulary): string {
  if (vocabulary === 'uk') return sentence;
  return sentence.replace(UK_WORD, (_match, word: string, plural: string) => {
    const said = US_TERMS[word.toLowerCase() as Term];
    const cased = word[0] === word[0]?.toUpperCase() ? said.charAt(0).toUpperCase() + said.slice(1) : said;
    return cased + plural;
  });
}
