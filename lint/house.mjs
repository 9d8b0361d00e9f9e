import { refusedIn } from './phrases.mjs';

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

/** Refuses phrases that read as translated, in whatever is shown: texts of more than one word. */
const voice = {
  create(context) {
    const check = (node, text) => {
      if (!/\S\s+\S/.test(text)) return;
      for (const message of refusedIn(text)) context.report({ node, message });
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
