import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { linenPress } from '../demo/linen-press.ts';
import { demoCard, type DemoCard } from '../demo/demo-cards.ts';
import { ternStreet } from '../demo/tern-street.ts';
import { readJobFile, writeJobFile } from '../core/exchange/job-file.ts';
import { writeReadingsCsv } from '../core/exchange/readings-csv.ts';
import type { Job } from '../core/job/document/schema.ts';

/**
 * `npm run make-demo [-- NAME…]`: writes the demo jobs as files of the open format, from the commands that a painter
 * would have given. `DEMO` names another folder than the project's, to try it.
 */
const folder = process.env.DEMO ?? fileURLToPath(new URL('../demo', import.meta.url));

/** A demo job, and what lies beside it: a week of hygrometer readings, to be played into its log. */
const DEMOS: Readonly<Record<string, { tell(): Job; readings?: string }>> = {
  'linen-press': { tell: linenPress },
  'tern-street': { tell: ternStreet, readings: 'workshop-readings.csv' },
};

const wanted = process.argv.slice(2);
const cards: Record<string, DemoCard> = {};
for (const [name, { tell, readings }] of Object.entries(DEMOS)) {
  const file = `${folder}/${name}.nivel.json`;
  if (wanted.length > 0 && !wanted.includes(name)) {
    const read = readJobFile(readFileSync(file, 'utf8'));
    if (read.ok) cards[`demo-${name}`] = demoCard(read.value);
    continue;
  }
  const job = tell();
  cards[`demo-${name}`] = demoCard(job);
  writeFileSync(file, writeJobFile(job));
  if (readings) writeFileSync(`${folder}/${readings}`, writeReadingsCsv(job));
  console.log(`${name}: ${job.pieces.length} pieces, ${job.plan?.tasks.length ?? 0} planned tasks`);
}
writeFileSync(`${folder}/demo-cards.json`, `${JSON.stringify(cards)}\n`);
