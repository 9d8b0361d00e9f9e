import assert from 'node:assert/strict';
import { test } from 'node:test';
import { inVocabulary } from './vocabulary.ts';

const us = (sentence: string): string => inVocabulary(sentence, 'us');

test('words that differ are said the other way, capitals and plurals kept; all else stays', () => {
  assert.equal(us('Two tins of one colour'), 'Two cans of one color');
  assert.equal(us('Tins, colours and timbers.'), 'Cans, colors and woods.');
  assert.equal(us('The architrave meets the skirting'), 'The casing meets the baseboard');
  assert.equal(us('Wash down the cupboard'), 'Clean the cabinet');
  assert.equal(us('rebate'), 'rabbet');
});

test('a word within another is left alone', () => {
  for (const word of ['tinted', 'colourless', 'continuous', 'Latin', 'discoloured']) assert.equal(us(word), word);
});

test('the vocabulary in which Nivel is written changes nothing', () => {
  const sentence = 'Tins, colours, skirtings and cupboards';
  assert.equal(inVocabulary(sentence, 'uk'), sentence);
  assert.equal(us(us(sentence)), us(sentence), 'and what was said once is not said otherwise again');
});
