import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fullDisk } from './durability/full-disk.ts';
import { kills } from './durability/kills.ts';
import { largeBackup } from './durability/large-backup.ts';
import { twoTabs } from './durability/two-tabs.ts';
import { updates } from './durability/updates.ts';
import { withBuiltServer } from './built-server.ts';

/**
 * Does to Nivel what happens to phones, and says what was lost: kills of the browser and of a tab amid edits and stamps,
 * two tabs, a full disk, a large backup, updates under an open tab. All of it, or the parts that are named: `npm run durability -- browser backup`;
 * in short with `--smoke`. Needs a build and Chromium.
 */
const isSmoke = process.argv.includes('--smoke');
const named = process.argv.slice(2).filter((argument) => !argument.startsWith('--'));
/** Kills of each kind; fewer with `--rounds=100`. */
const ROUNDS = Number(/--rounds=(\d+)/.exec(process.argv.join(' '))?.[1] ?? 500);
const seconds = (ms: number): string => `${(ms / 1000).toFixed(1)} s`;

const PARTS: Readonly<Record<string, (address: string) => Promise<string>>> = {
  'two-tabs': async () => {
    const { pairs, lost, kinds } = await twoTabs(isSmoke ? 44 : 500, 1);
    return `${pairs} pairs of edits of different fields, of ${kinds} kinds of thing: ${lost} lost`;
  },
  'full-disk': async (address) => {
    const { tried, silent, skipped } = await fullDisk(address, isSmoke ? 3 : 20);
    const more = skipped.length > 0 ? `; not reached: ${skipped.join(', ')}` : '';
    return `${tried.length} places (${tried.join(', ')}): ${silent.length} said nothing ${silent.join(', ')}${more}`;
  },
  backup: async (address) => {
    const folder = mkdtempSync(join(tmpdir(), 'nivel-backup-'));
    const made = await largeBackup(address, isSmoke ? 4_000_000 : 1_000_000_000, join(folder, 'backup.zip'));
    rmSync(folder, { recursive: true });
    return (
      `${Math.round(made.bytes / 1e6)} MB in ${made.pictures} pictures: written and checked in ${seconds(made.writtenIn)}, ` +
      `taken in in ${seconds(made.readIn)}, ${made.isSame ? 'the same bytes' : 'NOT THE SAME'}; ` +
      `longest time without a drawn frame ${Math.round(made.longestStill)} ms`
    );
  },
  updates: async () => {
    const { tried, failed } = await updates(isSmoke ? 1 : 10);
    return `${tried.length} moments (${tried.join(', ')}): ${failed.length} failed ${failed.join(', ')}`;
  },
  browser: (address) => killed(address, 'browser', 1),
  tab: (address) => killed(address, 'tab', 2),
};

async function killed(address: string, what: 'browser' | 'tab', seed: number): Promise<string> {
  const rounds = isSmoke ? 2 : ROUNDS;
  const { edits, stamps, lostEdits, lostStamps, spoilt } = await kills(address, rounds, what, seed);
  return `${rounds} kills, ${edits} amid edits: ${lostEdits} lost; ${stamps} after stamps: ${lostStamps} lost; ${spoilt} rows spoilt`;
}

await withBuiltServer(async (address) => {
  for (const [name, part] of Object.entries(PARTS)) {
    if (named.length === 0 || named.includes(name)) console.log(`${name}: ${await part(address)}`);
  }
});
