/** The two vocabularies of the trade: UK/AU and US. */
export const VOCABULARIES = ['uk', 'us'];
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
};
const UK_WORD = new RegExp(`\\b(${Object.keys(US_TERMS).join('|')})(s?)\\b`, 'gi');
/**
 * A sentence written in the UK vocabulary, said in the chosen one; capitals and plurals are kept.
 * Only terms that differ are touched, so that data files need one wording.
 */
export function inVocabulary(sentence, vocabulary) {
  if (vocabulary === 'uk') return sentence;
  return sentence.replace(UK_WORD, (_match, word, plural) => {
    const said = US_TERMS[word.toLowerCase()];
    const cased = word[0] === word[0]?.toUpperCase() ? said.charAt(0).toUpperCase() + said.slice(1) : said;
    return cased + plural;
  });
}
