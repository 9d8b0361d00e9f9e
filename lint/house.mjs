/** Rules that no published linter has: who may ask for a kind by its name, who writes figures, and how Nivel speaks. */

/** Refuses to compare with the name of a system of units: measures know their units. */
const unitSystem = {
  create: (context) => ({
    BinaryExpression({ operator, left, right }) {
      if (operator !== '===' && operator !== '!==') return;
      for (const side of [left, right])
        if (side.type === 'Literal' && ['metric', 'imperial', 'us'].includes(side.value) && !isVocabulary(left, right))
          context.report({ node: side, message: 'A measure knows its units: let core/units/measures.ts write it.' });
    },
  }),
};

/** “us” is the name of a vocabulary as well. */
const isVocabulary = (...sides) =>
  sides.some((side) => (side.name ?? side.property?.name ?? '').toLowerCase().includes('vocabulary'));

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

/** Refuses phrases that read as translated, in whatever is shown: texts of more than one word. */
const voice = {
  create(context) {
    const check = (node, text) => {
      if (!/\S\s+\S/.test(text)) return;
      for (const [phrase, instead] of PHRASES)
        if (phrase.test(text)) context.report({ node, message: `“${phrase.exec(text)[0]}”: ${instead}` });
    };
    return {
      Literal: (node) => typeof node.value === 'string' && check(node, node.value),
      JSXText: (node) => check(node, node.value),
      TemplateLiteral: (node) => check(node, node.quasis.map(({ value }) => value.cooked).join('}')),
    };
  },
};

/** Refuses to format a time of its own. */
const moment = {
  create: (context) => ({
    CallExpression({ callee }) {
      if (callee.type === 'MemberExpression' && callee.property.name === 'toFormat')
        context.report({ node: callee.property, message: 'Times are written by core/units/moments.ts.' });
    },
  }),
};

export default { meta: { name: 'house' }, rules: { 'unit-system': unitSystem, moment, voice } };
