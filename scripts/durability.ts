import { kills, type Killed } from './durability/kills.ts';
import { withBuiltServer } from './built-server.ts';

/**
 * Kills browsers and tabs amid edits and stamps, and says what was lost: `npm run durability`, or in short with `--smoke`.
 * Needs a build and Chromium.
 */
const isSmoke = process.argv.includes('--smoke');
const only = process.argv.slice(2).find((argument) => !argument.startsWith('--'));
const ROUNDS = isSmoke ? 4 : 500;

const told = (name: string, { edits, stamps, lostEdits, lostStamps, spoilt }: Killed): void =>
  console.log(
    `${name}: ${edits} amid edits, ${lostEdits} lost; ${stamps} after stamps, ${lostStamps} lost; ${spoilt} rows spoilt`,
  );

await withBuiltServer(async (address) => {
  if (only === undefined || only === 'browser')
    told(`${ROUNDS} kills of the whole browser`, await kills(address, ROUNDS, 'browser', 1));
  if (only === undefined || only === 'tab') told(`${ROUNDS} kills of a tab`, await kills(address, ROUNDS, 'tab', 2));
});
