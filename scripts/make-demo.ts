import { readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { linenPress } from '../demo/linen-press.ts';
import { demoCard, type DemoCard } from '../demo/demo-cards.ts';
import { ternStreet } from '../demo/tern-street.ts';
import { writeJobFile } from '../core/exchange/job-file.ts';
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
// Cards of what is not told now stay as they are.
const known = readFileSync(new URL('../demo/demo-cards.json', import.meta.url), 'utf8');
const cards = JSON.parse(known) as Record<string, DemoCard>;
for (const [name, { tell, readings }] of Object.entries(DEMOS)) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  const job = tell();
  cards[`demo-${name}`] = demoCard(job);
  writeFileSync(`${folder}/${name}.nivel.json`, writeJobFile(job));
  if (readings) writeFileSync(`${folder}/${readings}`, writeReadingsCsv(job));
  console.log(`${name}: ${job.pieces.length} pieces, ${job.plan?.tasks.length ?? 0} planned tasks`);
}
writeFileSync(`${folder}/demo-cards.json`, `${JSON.stringify(cards)}\n`);
