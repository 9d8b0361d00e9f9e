/** What facts of a job are called in its history; a name that says it already stands as it is. */
const WORDS: Readonly<Record<string, string>> = {
  yearBuilt: 'year built',
  latitude: 'location',
  longitude: 'location',
  timeZone: 'time zone',
  suppliedAir: 'air-fed mask or booth',
  vocabulary: 'UK or US terms',
  stock: 'stock lengths',
  kerf: 'saw cut',
  cut: 'lengths cut',
  bucket: 'boxing bucket',
  smallest: 'smallest measure',
  gun: 'spray gun',
  hourlyRate: 'hourly rate',
  overhead: 'travel and collection',
  packs: 'packs and prices',
  start: 'first day',
  promised: 'promised day',
  turning: 'loose pieces',
  trades: 'order in a room',
  lines: 'cutting in',
  outsideInADay: 'outside coats in one day',
  roomId: 'room',
  comesOff: 'where it’s painted',
  scope: 'faces and edges',
  exposure: 'inside or outside',
  fireRated: 'fire door',
  upHigh: 'ladder work',
  oneSideAtATime: 'one side at a time',
  preservesRest: 'bare faces preserved',
  filledHoles: 'holes to fill',
};

/** The names of facts in the painter's words, each once: `yearBuilt` and `note` are “year built, note”. */
export const factWords = (facts: object): string =>
  [
    ...new Set(
      Object.keys(facts).map((key) => WORDS[key] ?? key.replaceAll(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`)),
    ),
  ].join(', ');
