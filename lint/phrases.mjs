/** Phrases that the voice of Nivel does not use, each with what it says instead. */
const PHRASES = [
  [/\bone (?:may|can|does|has)\b/i, 'Say “you”, or drop the subject.'],
  [/\b(?:nobody|somebody|everybody|whoever)\b/i, 'Name the crew, say “you” or “no one”, or drop the subject.'],
  [/\banew\b/i, 'Say “replan”, “reset” or “again”.'],
  [/\bstamp(?:s|ed)?\b/i, 'Say “log”, “logged” or “entry”.'],
  [/\breckoned\b/i, 'Say “estimated”.'],
  [/\bsupposed?\b/i, 'Say “assumed”.'],
  [/\b(?:is|are) no (?!longer\b)[a-z]/, 'Say “isn’t a …”.'],
  [/\ball the same\b/i, 'Say “anyway”.'],
  [/\bspeaks against\b/i, 'Say what the problem is.'],
  [/\b(?:take|taken|takes) in\b/i, 'Say “import” or “load”.'],
  [/\b(?:put|puts) away\b/i, 'Say “archive” or “discard”.'],
  [/\b(?:throw|thrown) away\b/i, 'Say “delete”.'],
  [/\blies between\b/i, 'Say “must be … to …”.'],
  [/\bcan’t be taken\b/i, 'Say what is wrong, then what is right.'],
  [/\d\.\d\d times\b/, 'Say “22% slower”.'],
  [/[\p{L}\d)}]; \p{Ll}/u, 'Two sentences, or a comma.'],
  [/[\d}] %(?!\w)/, 'Close the percent sign up: 47%.'],
  [/\bdd\.MM/, 'Write “23 Mar”: core/units/moments.ts has the formats.'],
];

/** What of a text the voice refuses, each with what it says instead. */
export const refusedIn = (text) =>
  PHRASES.flatMap(([phrase, instead]) => (phrase.test(text) ? [`“${phrase.exec(text)[0]}”: ${instead}`] : []));
